import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { failureText } from '../store/failure';
import { useOwnChangesQuery, useUndoMutation } from '../store/log-api';
import { useWords } from '../words';

/** Takes back the last change of one's own that still stands. What was itself a taking back is left alone. */
export function useUndoLast(): () => void {
  const { data: own } = useOwnChangesQuery();
  const [undo] = useUndoMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  return useCallback(() => {
    const last = own?.find(({ undoes, isUndone }) => undoes === null && !isUndone);
    if (!last) {
      enqueueSnackbar(words('mine.nothingToUndo'));
      return;
    }
    undo(last.id)
      .unwrap()
      .then(
        () => enqueueSnackbar(words('mine.done', { what: last.what })),
        (error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }),
      );
  }, [own, undo, enqueueSnackbar, words]);
}

import { CHANGE_KIND_TABLE } from '@grevik/core';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { failureText } from '../../store/failure';
import { useLazyOwnChangesQuery, useUndoMutation } from '../../store/log-api';
import { translated, useWords } from '../../words';

/**
 * Takes back the last change of one's own that still stands, as the server has it at that moment: a key pressed right after a change means
 * that change. What was itself a taking back is left alone.
 */
export function useUndoLast(): () => void {
  const [fetchOwn] = useLazyOwnChangesQuery();
  const [undo] = useUndoMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  return useCallback(() => {
    const undoLast = async (): Promise<string> => {
      const own = await fetchOwn().unwrap();
      const last = own.find(({ undoes, isUndone }) => undoes === null && !isUndone);
      if (!last) return words('mine.nothingToUndo');
      await undo(last.id).unwrap();
      return words('mine.done', { what: translated(CHANGE_KIND_TABLE[last.kind].words(last.what)) });
    };
    undoLast().then(
      (said) => enqueueSnackbar(said),
      (error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }),
    );
  }, [fetchOwn, undo, enqueueSnackbar, words]);
}

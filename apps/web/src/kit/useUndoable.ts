import { useSnackbar } from 'notistack';
import { failureText } from '../store/failure';
import { useUndoMutation } from '../store/log-api';
import { useSayWithUndo } from './useSayWithUndo';

/** Says what was done, with a button that takes the change back where there is one. */
export function useUndoable(): (done: string, change: { id: string } | null) => void {
  const { enqueueSnackbar } = useSnackbar();
  const sayWithUndo = useSayWithUndo();
  const [undo] = useUndoMutation();
  return (done, change) => {
    if (!change) enqueueSnackbar(done);
    else
      sayWithUndo(done, () => {
        undo(change.id)
          .unwrap()
          .catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
      });
  };
}

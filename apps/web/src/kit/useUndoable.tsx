import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../store/failure';
import { useUndoMutation } from '../store/log-api';
import { useWords } from '../words';

/** Says what was done, with a button that takes the change back. */
export function useUndoable(): (done: string, change: { id: string } | null) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const [undo] = useUndoMutation();
  const words = useWords();
  return (done, change) => {
    const key = enqueueSnackbar(done, {
      action: change && (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            undo(change.id)
              .unwrap()
              .catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
          }}
        >
          {words('app.undo')}
        </Button>
      ),
    });
  };
}

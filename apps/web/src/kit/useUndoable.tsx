import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../store/failure';

/** Says what was done, with a button that takes it back. */
export function useUndoable(): (done: string, undo: () => Promise<unknown>) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return (done, undo) => {
    const key = enqueueSnackbar(done, {
      action: (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            undo().catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
          }}
        >
          Undo
        </Button>
      ),
    });
  };
}

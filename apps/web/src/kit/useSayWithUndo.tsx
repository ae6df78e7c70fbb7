import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useWords } from '../words';

/** What can be taken back is offered longer than a sentence is shown; with the pointer on it, it stays. */
const OFFERED_MS = 20_000;

/** Says what was done, with a button that takes it back. */
export function useSayWithUndo(): (done: string, undo: () => void) => void {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const words = useWords();
  return (done, undo) => {
    enqueueSnackbar(done, {
      autoHideDuration: OFFERED_MS,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            undo();
          }}
        >
          {words('app.undo')}
        </Button>
      ),
    });
  };
}

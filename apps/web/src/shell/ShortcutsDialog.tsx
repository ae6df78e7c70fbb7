import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useWords } from '../words';
import styles from './ShortcutsDialog.module.css';

/** Every key there is, by what it does. */
const KEYS = [
  { keys: ['→', 'J', '←', 'K'], does: 'keys.follow' },
  { keys: ['↓', '↑'], does: 'keys.lines' },
  { keys: ['[', ']'], does: 'keys.handle' },
  { keys: ['Enter'], does: 'keys.pick' },
  { keys: ['Ctrl K'], does: 'keys.palette' },
  { keys: ['Ctrl Z'], does: 'keys.undo' },
  { keys: ['?'], does: 'keys.help' },
  { keys: ['Esc'], does: 'keys.close' },
] as const;

export function ShortcutsDialog({ close }: { close: () => void }) {
  const words = useWords();
  return (
    <Dialog open onClose={close} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">{words('keys.title')}</DialogTitle>
      <DialogContent>
        <dl className={styles.keys}>
          {KEYS.map(({ keys, does }) => (
            <div key={does}>
              <dt>
                {keys.map((key) => (
                  <kbd key={key}>{key}</kbd>
                ))}
              </dt>
              <dd>{words(does)}</dd>
            </div>
          ))}
        </dl>
      </DialogContent>
      <DialogActions>
        <Button onClick={close} autoFocus>
          {words('app.close')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

import type { NewOwnerPage } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useWords } from '../../words';
import styles from './OwnerOffer.module.css';

/** The link of a page that was just made: it is shown this once. */
export function MadeLink({ page, close }: { page: NewOwnerPage; close: () => void }) {
  const words = useWords();
  const { enqueueSnackbar } = useSnackbar();
  const address = `${window.location.origin}/owner#${page.key}`;
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(address);
    enqueueSnackbar(words('owner.copied'));
  };
  return (
    <Alert severity="success" onClose={close} className={styles.link}>
      <p>{words('owner.link')}</p>
      <code>{address}</code>
      <p>
        <Button size="small" variant="outlined" href={address} target="_blank" rel="noreferrer">
          {words('owner.open')}
        </Button>{' '}
        {/* Without https a browser lets nobody copy. */}
        {window.isSecureContext && (
          <Button size="small" onClick={() => void copy()}>
            {words('owner.copy')}
          </Button>
        )}
      </p>
    </Alert>
  );
}

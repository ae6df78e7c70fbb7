import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useEffect } from 'react';
import { useRegisterSW } from 'virtual:pwa-register/react';
import { useWords } from '../words';

/** Keeps the screens on the device, so that they open without a network; says so when a newer version waits. */
export function NewerVersion() {
  const {
    needRefresh: [isWaiting],
    updateServiceWorker,
  } = useRegisterSW();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  useEffect(() => {
    if (!isWaiting) return;
    enqueueSnackbar(words('offline.newer'), {
      persist: true,
      action: (
        <Button color="inherit" onClick={() => void updateServiceWorker(true)}>
          {words('offline.reload')}
        </Button>
      ),
    });
  }, [isWaiting, enqueueSnackbar, updateServiceWorker, words]);
  return null;
}

import { useSyncExternalStore } from 'react';
import { useWords } from '../words';
import styles from './Shell.module.css';

function subscribe(changed: () => void): () => void {
  for (const event of ['online', 'offline']) window.addEventListener(event, changed);
  return () => {
    for (const event of ['online', 'offline']) window.removeEventListener(event, changed);
  };
}

/** Says so as long as there is no network. */
export function Offline() {
  const online = useSyncExternalStore(subscribe, () => navigator.onLine);
  const words = useWords();
  return (
    <div aria-live="polite" className="no-print">
      {!online && <p className={styles.offline}>{words('offline.now')}</p>}
    </div>
  );
}

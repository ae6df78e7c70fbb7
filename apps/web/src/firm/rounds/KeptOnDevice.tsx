import type { RoundView } from '@grevik/contracts';
import { useEffect, useMemo, useState } from 'react';
import { useWords } from '../../words';
import styles from './VisitPage.module.css';

const KB = 1024;

/** Says that a round is kept on the device and how much that is; asks the browser not to remove it by itself. */
export function KeptOnDevice({ round }: { round: RoundView }) {
  const words = useWords();
  const [canKeep] = useState(() => 'indexedDB' in window && window.isSecureContext);
  const bytes = useMemo(() => new Blob([JSON.stringify(round)]).size, [round]);
  useEffect(() => {
    if (canKeep) void navigator.storage?.persist?.();
  }, [canKeep]);
  return (
    <p className={styles.kept}>
      {canKeep
        ? words('visit.keptHere', { size: `${Math.max(1, Math.round(bytes / KB))} kB` })
        : words('visit.notKept')}
    </p>
  );
}

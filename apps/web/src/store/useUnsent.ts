import { useEffect, useState } from 'react';
import { useSessionQuery } from './people-api';
import type { Unsent } from './outbox';

const NONE: Unsent[] = [];

/** What this person entered on this device and is not stored on the server yet. */
export function useUnsent(): Unsent[] {
  const ownerId = useSessionQuery().data?.session?.person.id;
  const [unsent, setUnsent] = useState(NONE);
  useEffect(() => {
    if (ownerId === undefined) return undefined;
    let stop: (() => void) | undefined;
    let isGone = false;
    // Fetched while there is a network: it is needed where there is none.
    void import('./waiting-writes');
    void import('./outbox').then(({ watchUnsent }) => {
      if (!isGone) stop = watchUnsent(ownerId, setUnsent);
    });
    return () => {
      isGone = true;
      stop?.();
      setUnsent(NONE);
    };
  }, [ownerId]);
  return unsent;
}

import { useCallback } from 'react';
import { useDispatch } from 'react-redux';
import { WRITTEN_TAGS, api } from './api';
import type { Sent, Unsent } from './outbox';
import { useSessionQuery } from './people-api';

type Entered = Pick<Unsent, 'title' | 'path' | 'body'>;

/**
 * Sends what somebody entered, after what waits already: it is put on the device first, and without a network it waits there. What the server refuses stays in the form it was
 * typed in, and not on the device.
 */
export function useOutbox(): (entered: Entered) => Promise<Sent> {
  const ownerId = useSessionQuery().data?.session?.person.id;
  const dispatch = useDispatch();
  return useCallback(
    async (entered) => {
      if (ownerId === undefined) return { kind: 'refused', refusal: '' };
      const { enter } = await import('./outbox');
      const sent = await enter({ ownerId, ...entered, enteredAt: new Date().toISOString() });
      if (sent.kind === 'stored') dispatch(api.util.invalidateTags([...WRITTEN_TAGS]));
      return sent;
    },
    [ownerId, dispatch],
  );
}

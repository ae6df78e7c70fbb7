import type { EntryRequest, PositionView } from '@grevik/contracts';
import { useState } from 'react';
import { useWords } from '../words';
import type { Sent } from './outbox';
import { useOutbox } from './useOutbox';

interface EntryWriter {
  /** @returns what became of it: stored, waiting on the device, or refused with the reason */
  write: (entry: EntryRequest) => Promise<Sent>;
  isWriting: boolean;
}

/** Writes entries at a position: each is put on the device first and sent when there is a network, once however often. */
export function useWriteEntry({ id, tag }: Pick<PositionView, 'id' | 'tag'>): EntryWriter {
  const outbox = useOutbox();
  const words = useWords();
  const [isWriting, setWriting] = useState(false);
  const write = async (entry: EntryRequest): Promise<Sent> => {
    setWriting(true);
    try {
      return await outbox({
        title: words('log.entryAt', { tag }),
        path: `positions/${id}/entries`,
        body: entry,
      });
    } finally {
      setWriting(false);
    }
  };
  return { write, isWriting };
}

import type { PhotoShows } from '@grevik/contracts';
import { useState } from 'react';
import { newId } from '../../store/new-id';
import { useOutbox } from '../../store/useOutbox';
import { useUnsent } from '../../store/useUnsent';
import { useWords } from '../../words';
import { scaledPhoto } from './scaled-photo';

interface PhotoTaker {
  take: (file: File, shows?: PhotoShows) => Promise<void>;
  isBusy: boolean;
  /** Why the last one was not taken. */
  trouble: string | undefined;
  /** Taken since the screen was opened. */
  taken: number;
  /** How many of this position wait on the device. */
  waits: number;
}

/** Takes photos of a position: each is scaled, put on the device and sent when there is a network. */
export function useTakePhoto({ id, tag }: { id: string; tag: string }): PhotoTaker {
  const words = useWords();
  const outbox = useOutbox();
  const waits = useUnsent().filter(({ path }) => path.startsWith(`positions/${id}/photos/`)).length;
  const [isBusy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const [taken, setTaken] = useState(0);
  const take = async (file: File, shows?: PhotoShows): Promise<void> => {
    setBusy(true);
    try {
      const query = new URLSearchParams({ takenAt: new Date().toISOString(), ...(shows && { shows }) });
      const body = await scaledPhoto(file);
      setTaken((count) => count + 1);
      const sent = await outbox({
        title: words('visit.photo', { tag }),
        path: `positions/${id}/photos/${newId()}?${query}`,
        body,
      });
      setTrouble(sent.kind === 'refused' ? sent.refusal : undefined);
    } catch {
      setTrouble(words('walk.noPhoto', { name: file.name }));
    }
    setBusy(false);
  };
  return { take, isBusy, trouble, taken, waits };
}

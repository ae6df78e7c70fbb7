import { useEffect } from 'react';
import { useSessionQuery } from './people-api';

/**
 * Keeps small pictures on the device, one after the other, so that they are there without a network.
 *
 * @param paths as they are asked for: `positions/ID/photos/ID`
 */
export function useKeepPictures(paths: readonly string[]): void {
  const ownerId = useSessionQuery().data?.session?.person.id;
  const all = paths.join(' ');
  useEffect(() => {
    if (ownerId === undefined || all === '') return undefined;
    let isGone = false;
    const keep = async (): Promise<void> => {
      const { keepPicture, missingPictures } = await import('./kept-pictures');
      for (const path of await missingPictures(all.split(' '))) {
        if (isGone) return;
        await keepPicture(path, ownerId);
      }
    };
    // Without a network they are fetched the next time.
    keep().catch(() => undefined);
    return () => {
      isGone = true;
    };
  }, [all, ownerId]);
}

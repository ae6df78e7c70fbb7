import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import type { Live as Listening } from '../store/live';
import { useSessionQuery } from '../store/people-api';
import { type AppStore, useAppSelector } from '../store/store';

/** Keeps every screen up to date with what others change, and tells them which position is open here. */
export function Live() {
  const session = useSessionQuery().data?.session;
  const me = session?.person.id;
  const from = session?.changeNumber ?? 0;
  const store = useStore() as AppStore;
  const place = useAppSelector(({ presence }) => presence.open);
  const [live, setLive] = useState<Listening>();
  useEffect(() => {
    // A browser that is no browser, in tests of a part, has no streams.
    if (me === undefined || typeof EventSource === 'undefined') return undefined;
    let listening: Listening | undefined;
    let isGone = false;
    void import('../store/live').then(({ listen }) => {
      if (isGone) return;
      listening = listen(store.dispatch, store.getState, me, from);
      setLive(listening);
    });
    return () => {
      isGone = true;
      listening?.stop();
      setLive(undefined);
    };
    // Where the session is asked anew, what is open goes on from its own last number.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [me, store]);
  useEffect(() => live?.goTo(place), [live, place]);
  return null;
}

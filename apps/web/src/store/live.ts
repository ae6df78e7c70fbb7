import type { LiveNoticeView, PresenceView } from '@grevik/contracts';
import { type AppDispatch, type State } from './store';
import { ALL, api } from './api';
import { type Told, UNNUMBERED, tagsOf } from './live-tags';
import { presenceTold } from './presence-slice';
import { TAB, TAB_HEADER } from './tab';

/** What is told within so short a time is asked anew together. */
const GATHER_MS = 50;
/** Lists of everything are asked anew no more often: somebody changes something all the time. */
const REST_MS = 2_000;
/** After a server that could not open a stream. */
const AGAIN_MS = 5_000;

/** Gathers what is told, and asks for it together: soon, and not again before it has rested. */
function gathering(ask: (tags: readonly Told[]) => void, restMs: number) {
  let gathered: Told[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let askedAt = -Infinity;
  const flush = (): void => {
    timer = undefined;
    askedAt = Date.now();
    ask(gathered);
    gathered = [];
  };
  return {
    add: (tags: readonly Told[]): void => {
      if (tags.length === 0) return;
      gathered.push(...tags);
      timer ??= setTimeout(flush, Math.max(GATHER_MS, askedAt + restMs - Date.now()));
    },
    stop: (): void => clearTimeout(timer),
  };
}

/** What a page tells and hears while it is open. */
export interface Live {
  /** The position that is open, for others to see; null for none. */
  goTo(positionId: string | null): void;
  stop(): void;
}

/**
 * Keeps what is shown up to date with what others change, while the page is in sight. Hidden it holds no connection; back in sight it goes on
 * from the last number it was told.
 *
 * @param me id of whoever is signed in
 * @param from number of the last change that is shown already
 */
export function listen(dispatch: AppDispatch, getState: () => State, me: string, from: number): Live {
  let source: EventSource | undefined;
  let last = from;
  let place: string | null = null;
  let isFirst = true;
  let again: ReturnType<typeof setTimeout> | undefined;

  const ask = (tags: readonly Told[]): void => {
    // Told of what no screen shows: nothing is asked.
    if (api.util.selectInvalidatedBy(getState(), tags).length > 0)
      dispatch(api.util.invalidateTags([...tags]));
  };
  const ofOne = gathering(ask, 0);
  const ofAll = gathering(ask, REST_MS);
  const gather = (tags: readonly Told[]): void => {
    ofOne.add(tags.filter(({ id }) => id !== ALL));
    ofAll.add(tags.filter(({ id }) => id === ALL));
  };
  const tellPlace = (): void => {
    void fetch(`${window.location.origin}/api/live/place`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json', ...TAB_HEADER },
      body: JSON.stringify({ tab: TAB, positionId: place }),
    }).catch(() => undefined);
  };
  const close = (): void => {
    clearTimeout(again);
    source?.close();
    source = undefined;
  };
  const open = (): void => {
    close();
    if (document.hidden) return;
    const opened = new EventSource(`/api/live?tab=${TAB}&after=${last}`);
    source = opened;
    opened.addEventListener('open', () => {
      if (!isFirst) gather(UNNUMBERED.map((type) => ({ type })));
      isFirst = false;
      if (place !== null) tellPlace();
    });
    opened.addEventListener('changes', (event: MessageEvent<string>) => {
      last = Math.max(last, Number(event.lastEventId) || 0);
      const changes = JSON.parse(event.data) as LiveNoticeView[];
      gather(changes.flatMap((change) => tagsOf(change, me)));
    });
    opened.addEventListener('presence', (event: MessageEvent<string>) => {
      dispatch(presenceTold(JSON.parse(event.data) as PresenceView));
    });
    opened.addEventListener('ended', () => {
      close();
      dispatch(api.util.invalidateTags(['Session']));
    });
    // A stream that was cut is opened again by the browser; one that was refused is not.
    opened.addEventListener('error', () => {
      if (opened.readyState === EventSource.CLOSED && source === opened) again = setTimeout(open, AGAIN_MS);
    });
  };
  document.addEventListener('visibilitychange', open);
  open();
  return {
    goTo: (positionId) => {
      place = positionId;
      if (source?.readyState === EventSource.OPEN) tellPlace();
    },
    stop: () => {
      document.removeEventListener('visibilitychange', open);
      ofOne.stop();
      ofAll.stop();
      close();
    },
  };
}

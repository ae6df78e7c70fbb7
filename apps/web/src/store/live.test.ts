import { CHANGE_KINDS } from '@grevik/core';
import { LIVE_TOPICS, type LiveNoticeView } from '@grevik/contracts';
import { ALL, api } from './api';
import { listen } from './live';
import { tagsOf } from './live-tags';
import { positionOpened } from './presence-slice';
import { makeStore } from './store';

const told = (kind: LiveNoticeView['kind'], of: Partial<LiveNoticeView> = {}): LiveNoticeView => ({
  kind,
  jobId: null,
  positionId: null,
  subjectId: null,
  ...of,
});

/** What no screen of others shows. */
const UNTOLD: readonly string[] = ['password', 'password-link'];

describe('what has to be asked anew', () => {
  it('is about the job, the position or the row it was done to, and about all', () => {
    expect(tagsOf(told('levels', { positionId: 'well' }), 'ada')).toEqual([
      { type: 'Station', id: 'well' },
      { type: 'Station', id: ALL },
    ]);
    expect(tagsOf(told('duty', { jobId: 'quay', positionId: 'CW-1' }), 'ada')).toEqual(
      expect.arrayContaining([
        { type: 'Line', id: 'quay' },
        { type: 'History', id: 'CW-1' },
        { type: 'Jobs', id: ALL },
      ]),
    );
  });

  it('is of every job where it was done to the company, and everything where many were told as one', () => {
    expect(tagsOf(told('interval', { subjectId: 'exercise' }), 'ada')).toEqual([
      { type: 'Due' },
      { type: 'Rounds' },
    ]);
    expect(tagsOf(told('many'), 'ada').map(({ type }) => type)).toEqual(
      expect.arrayContaining(['Line', 'Orders', 'Catalogue', 'Drills']),
    );
    expect(tagsOf(told('many', { jobId: 'quay' }), 'ada')).toContainEqual({ type: 'Orders', id: 'quay' });
  });

  it('is the session where one’s own role is another now', () => {
    expect(tagsOf(told('role', { subjectId: 'ada' }), 'ada')).toEqual([{ type: 'Session' }]);
    expect(tagsOf(told('role', { subjectId: 'bea' }), 'ada')).toEqual([{ type: 'People' }]);
  });

  it.each([...CHANGE_KINDS, ...LIVE_TOPICS].filter((kind) => !UNTOLD.includes(kind)))(
    'is known of %s',
    (kind) => {
      expect(tagsOf(told(kind), 'ada').length).toBeGreaterThan(0);
    },
  );
});

/** A stream as a browser has it, told by hand. */
class Stream extends EventTarget {
  static readonly OPEN = 1;
  static readonly CLOSED = 2;
  static readonly opened: Stream[] = [];
  readyState = Stream.OPEN;

  constructor(readonly url: string) {
    super();
    Stream.opened.push(this);
  }

  close(): void {
    this.readyState = Stream.CLOSED;
  }

  tell(type: string, data: object = {}, lastEventId = ''): void {
    this.dispatchEvent(new MessageEvent(type, { data: JSON.stringify(data), lastEventId }));
  }
}

describe('an open page', () => {
  const asked = jest.fn((_request: Request) => Promise.resolve(Response.json([])));
  const store = makeStore();
  let live: ReturnType<typeof listen>;
  const newest = (): Stream => Stream.opened[Stream.opened.length - 1]!;
  const paths = (): string[] =>
    asked.mock.calls.map(
      ([request]) => new URL(typeof request === 'string' ? request : request.url).pathname,
    );
  const passing = (ms: number): Promise<unknown> => jest.advanceTimersByTimeAsync(ms);
  const hide = (isHidden: boolean): void => {
    Object.defineProperty(document, 'hidden', { configurable: true, value: isHidden });
    document.dispatchEvent(new Event('visibilitychange'));
  };

  beforeEach(async () => {
    jest.useFakeTimers();
    Object.assign(globalThis, { EventSource: Stream });
    jest.spyOn(globalThis, 'fetch').mockImplementation(asked as never);
    live = listen(store.dispatch, store.getState, 'ada', 41);
    newest().tell('open');
    void store.dispatch(api.endpoints.job.initiate('quay'));
    void store.dispatch(api.endpoints.jobNames.initiate());
    await passing(10);
    asked.mockClear();
  });
  afterEach(() => {
    live.stop();
    jest.useRealTimers();
    jest.restoreAllMocks();
    Reflect.deleteProperty(globalThis, 'EventSource');
  });

  it('asks anew for what it shows of what was told, together, and for nothing else', async () => {
    expect(newest().url).toContain('after=41');
    newest().tell('changes', [told('duty', { jobId: 'quay' })], '42');
    newest().tell('changes', [told('pick', { jobId: 'quay' })], '43');
    newest().tell('changes', [told('device')], '44');
    await passing(100);
    expect(paths().sort()).toEqual(['/api/jobs/names', '/api/jobs/quay']);
    newest().tell('changes', [told('duty', { jobId: 'mill' })], '45');
    await passing(100);
    expect(paths()).toHaveLength(2);
    // A list of everything rests a little in between.
    await passing(2000);
    expect(paths().slice(2)).toEqual(['/api/jobs/names']);
  });

  it('holds no stream while it is hidden, and goes on from the last number', async () => {
    newest().tell('changes', [told('device')], '57');
    const before = newest();
    hide(true);
    expect(before.readyState).toBe(Stream.CLOSED);
    hide(false);
    expect(newest()).not.toBe(before);
    expect(newest().url).toContain('after=57');
    await passing(10);
  });

  it('tells which position is open, again with each stream', async () => {
    live.goTo('CW-1');
    newest().tell('open');
    await passing(10);
    expect(paths()).toEqual(['/api/live/place', '/api/live/place']);
  });

  it('opens another stream where one was refused, and asks who is there where the session ended', async () => {
    const refused = newest();
    refused.close();
    refused.tell('error');
    await passing(6000);
    expect(newest()).not.toBe(refused);
    const spy = jest.spyOn(store, 'dispatch');
    newest().tell('presence', { positionId: 'CW-1', people: [{ id: 'bea', name: 'Bea' }] });
    store.dispatch(positionOpened('CW-1'));
    expect(store.getState().presence).toMatchObject({ open: 'CW-1', told: { people: [{ name: 'Bea' }] } });
    newest().tell('ended');
    expect(newest().readyState).toBe(Stream.CLOSED);
    spy.mockRestore();
  });
});

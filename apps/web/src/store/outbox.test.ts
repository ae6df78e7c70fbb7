import { device } from './device-database';
import { keepAnswer, keptAnswer } from './kept-answers';
import { keptPicture, missingPictures } from './kept-pictures';
import { keepOnlyFor } from './kept-job';
import { enter, putUnsent, send, sendAll, unsentOf, watchUnsent } from './outbox';

const entered = (title: string, ownerId = 'ada') =>
  putUnsent({
    ownerId,
    title,
    path: 'lines/l/start-up/entries',
    body: { id: title },
    enteredAt: '2026-11-20',
  });
/** What the server says to each thing, by its title; no answer where nothing is said. */
function serverSays(status: (title: string) => number | undefined): string[] {
  const asked: string[] = [];
  globalThis.fetch = jest.fn((_url: string, { body }: { body: string }) => {
    const { id } = JSON.parse(body) as { id: string };
    asked.push(id);
    const said = status(id);
    if (said === undefined) return Promise.reject(new TypeError('no network'));
    return Promise.resolve({
      ok: said < 300,
      status: said,
      json: () => Promise.resolve({ error: { message: `${id} is wrong` } }),
    });
  }) as never;
  return asked;
}
const waiting = async (ownerId = 'ada'): Promise<string[]> =>
  (await unsentOf(ownerId)).map(({ title }) => title);

describe('the outbox', () => {
  beforeEach(() => device.unsent.clear());

  it('keeps what finds no network, and sends it in the order it was entered', async () => {
    serverSays(() => undefined);
    expect(await send(await entered('one'))).toEqual({ kind: 'waits' });
    await entered('two');
    expect(await waiting()).toEqual(['one', 'two']);
    const asked = serverSays(() => 201);
    expect(await sendAll('ada')).toBe(2);
    expect(asked).toEqual(['one', 'two']);
    expect(await waiting()).toEqual([]);
  });

  it.each([401, 429, 500, 503])(
    'keeps what is answered %i, and sends nothing after it before it',
    async (status) => {
      await entered('one');
      await entered('two');
      const asked = serverSays(() => status);
      expect(await sendAll('ada')).toBe(0);
      expect(asked).toEqual(['one']);
      expect(await waiting()).toEqual(['one', 'two']);
    },
  );

  it('keeps what is refused with the reason, goes on with the rest, and does not ask again', async () => {
    await entered('one');
    await entered('two');
    serverSays((title) => (title === 'one' ? 409 : 201));
    expect(await sendAll('ada')).toBe(2);
    expect(await unsentOf('ada')).toMatchObject([{ title: 'one', refusal: 'one is wrong' }]);
    expect(serverSays(() => 201)).toEqual([]);
    expect(await sendAll('ada')).toBe(0);
  });

  it('sends what is entered after what waits already, and tells what became of the new one', async () => {
    await entered('old');
    const asked = serverSays((title) => (title === 'wrong' ? 400 : 201));
    const now = (title: string) =>
      enter({ ownerId: 'ada', title, path: 'p', body: { id: title }, enteredAt: '2026-11-20' });
    expect(await now('new')).toMatchObject({ kind: 'stored' });
    expect(await now('wrong')).toEqual({ kind: 'refused', refusal: 'wrong is wrong' });
    expect(asked).toEqual(['old', 'new', 'wrong']);
    expect(await waiting()).toEqual([]);
    serverSays(() => undefined);
    expect(await now('later')).toEqual({ kind: 'waits' });
  });

  describe('with entries of positions that follow one another', () => {
    const PATHS = [
      'positions/a/entries',
      'positions/b/entries',
      'lines/l/start-up/entries',
      'positions/a/entries',
    ];
    beforeEach(async () => {
      for (const [at, path] of PATHS.entries())
        await putUnsent({
          ownerId: 'ada',
          title: `${at}`,
          path,
          body: { id: `${at}` },
          enteredAt: '2026-11-20',
        });
    });
    /** A server that answers each path; what it was sent. */
    function answering(answer: (path: string) => { status: number; body: unknown }): [string, unknown][] {
      const asked: [string, unknown][] = [];
      globalThis.fetch = jest.fn((url: string, { body }: { body: string }) => {
        const path = url.split('/api/')[1] ?? '';
        asked.push([path, JSON.parse(body)]);
        const { status, body: said } = answer(path);
        return Promise.resolve({ ok: status < 300, status, json: () => Promise.resolve(said) });
      }) as never;
      return asked;
    }

    it('sends them in one request, in order with the rest, each stored or refused by itself', async () => {
      const asked = answering((path) => ({
        status: 200,
        body:
          path === 'entries'
            ? {
                results: [
                  { id: '0', refusal: null },
                  { id: '1', refusal: 'odd' },
                ],
              }
            : {},
      }));
      expect(await sendAll('ada')).toBe(4);
      expect(asked).toEqual([
        [
          'entries',
          {
            entries: [
              { positionId: 'a', entry: { id: '0' } },
              { positionId: 'b', entry: { id: '1' } },
            ],
          },
        ],
        ['lines/l/start-up/entries', { id: '2' }],
        ['positions/a/entries', { id: '3' }],
      ]);
      expect(await unsentOf('ada')).toMatchObject([{ title: '1', refusal: 'odd' }]);
    });

    it('sends them one by one where the server does not take them together', async () => {
      const asked = answering((path) => ({ status: path === 'entries' ? 400 : 201, body: {} }));
      expect(await sendAll('ada')).toBe(4);
      expect(asked.map(([path]) => path)).toEqual(['entries', ...PATHS]);
    });

    it('keeps all of them while the server cannot answer', async () => {
      answering(() => ({ status: 503, body: {} }));
      expect(await sendAll('ada')).toBe(0);
      expect(await waiting()).toEqual(['0', '1', '2', '3']);
    });
  });

  it('is one person’s, and outlives their session; what the server answered does not', async () => {
    await entered('hers');
    await keepAnswer('lines/l', { name: 'Cold' }, 'ada');
    await device.pictures.put({ path: 'positions/p/photos/f', ownerId: 'ada', picture: new Blob(['x']) });
    expect(await missingPictures(['positions/p/photos/f', 'positions/p/photos/g'])).toEqual([
      'positions/p/photos/g',
    ]);
    await keepOnlyFor('joss');
    expect(await waiting('joss')).toEqual([]);
    expect(await waiting('ada')).toEqual(['hers']);
    expect(await keptAnswer('lines/l')).toBeUndefined();
    expect(await keptPicture('positions/p/photos/f')).toBeUndefined();
  });

  it('tells what waits, and again with each change', async () => {
    const told: number[] = [];
    const stop = watchUnsent('ada', (unsent) => told.push(unsent.length));
    await entered('one');
    while (told.at(-1) !== 1) await new Promise((later) => setTimeout(later, 5));
    stop();
    expect(told.at(-1)).toBe(1);
  });

  it('keeps the latest answers, and no more than a few', async () => {
    for (let line = 0; line < 60; line += 1) await keepAnswer(`lines/${line}`, line, 'ada');
    expect(await keptAnswer('lines/59')).toBe(59);
    expect(await device.answers.count()).toBe(40);
  });
});

import { serve } from '../testing/server';
import { device } from './device-database';
import { sendAll, unsentOf } from './outbox';
import { keepWrite } from './waiting-writes';

const write = (url: string, body: object = { version: 3 }, method = 'PUT') =>
  keepWrite({ url, method, body }, 'me');
/** A changed duty, made from what the third version said. */
const writeDuty = (duty: object) => {
  const base = { version: 3, duty: { dn: 20, place: 'indoor' } };
  return keepWrite({ url: 'positions/p/duty', method: 'PUT', body: { version: 3, duty }, base }, 'me');
};

describe('a write that finds no server', () => {
  beforeEach(() => device.unsent.clear());

  it('waits on the device once, however often it is pressed, and is sent as it was made', async () => {
    expect(await write('positions/p/pick')).toBe(true);
    expect(await write('positions/p/pick')).toBe(true);
    expect(await write('positions/p/pick', { version: 4 }, 'DELETE')).toBe(true);
    expect((await unsentOf('me')).map(({ title }) => title)).toEqual(['Pick', 'Pick']);
    const asked = serve(() => ({ body: {} }));
    expect(await sendAll('me')).toBe(2);
    expect(asked).toMatchObject([
      { method: 'PUT', path: '/api/positions/p/pick', body: { version: 3 } },
      { method: 'DELETE', path: '/api/positions/p/pick', body: { version: 4 } },
    ]);
    expect(await unsentOf('me')).toEqual([]);
  });

  it('of one duty is put on what waits already, and sent as one', async () => {
    await writeDuty({ dn: 25, place: 'indoor' });
    await writeDuty({ dn: 20, place: 'buried' });
    expect(await unsentOf('me')).toMatchObject([{ body: { version: 3, duty: { dn: 25, place: 'buried' } } }]);
  });

  it('is not lost where what it was put on was on its way', async () => {
    await writeDuty({ dn: 25, place: 'indoor' });
    const asked = serve(async ({ body }) => {
      const { version } = body as { version: number };
      if (version === 3) await writeDuty({ dn: 20, place: 'buried' });
      return { body: { version: version + 1 } };
    });
    await sendAll('me');
    expect(asked).toMatchObject([
      { body: { version: 3, duty: { dn: 25, place: 'indoor' } } },
      { body: { version: 4, duty: { dn: 25, place: 'buried' } } },
    ]);
    expect(await unsentOf('me')).toEqual([]);
  });

  it('rests on the version that one before it, of the same position, has made', async () => {
    await write('positions/p/duty');
    await write('positions/p/pick');
    await write('positions/q/pick');
    await write('positions/p/name', { version: 5 });
    const asked = serve(({ path }) => ({ body: { version: path.endsWith('/duty') ? 4 : 9 } }));
    expect(await sendAll('me')).toBe(4);
    expect(asked.map(({ path, body }) => [path, (body as { version: number }).version])).toEqual([
      ['/api/positions/p/duty', 3],
      ['/api/positions/p/pick', 4],
      ['/api/positions/q/pick', 3],
      ['/api/positions/p/name', 5],
    ]);
  });

  it.each([
    ['lines/l/walk', 'Change of a walk'],
    ['jobs/j/orders/lines', 'Order lines'],
    ['company/house-rules', 'House rules'],
    ['rounds/r', 'Round'],
  ])('%s says what it is', async (url, title) => {
    await write(url);
    expect(await unsentOf('me')).toMatchObject([{ title }]);
  });

  it.each(['session', 'people/p/role', 'changes/c/undo', 'archive/jobs'])('%s does not wait', async (url) => {
    expect(await write(url)).toBe(false);
    expect(await unsentOf('me')).toEqual([]);
  });
});

import { ATTACKS } from './attacks.mjs';
import { RunningServer } from './running-server.mjs';

/** The same attacks as by hand, small: what held up, lost or leaked once does so no more. */
describe('a built server under attack', () => {
  let server: RunningServer;
  beforeAll(async () => {
    server = await RunningServer.open();
    jest.spyOn(console, 'log').mockImplementation(() => undefined);
  }, 180_000);
  afterAll(() => server.close(), 60_000);

  it.each(Object.keys(ATTACKS))(
    'holds of %s',
    async (name) => {
      expect(await ATTACKS[name]!(server, false)).toEqual([]);
    },
    180_000,
  );
});

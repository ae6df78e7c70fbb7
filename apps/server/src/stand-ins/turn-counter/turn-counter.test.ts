import { TURN_FAULTS, type TurnFault } from '@grevik/contracts';
import { type TurnMeaning, judgeTurns, torqueLimitNm } from '@grevik/core';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';
import { playTurns } from './play-turns.js';

const VALVE = { dn: 200, turns: 26, stiffness: 0, seed: 7 };

describe('the turn counter', () => {
  it.each<[TurnFault, TurnMeaning]>([
    ['none', 'even'],
    ['tight-patch', 'tight-patch'],
    ['scale', 'grating'],
    ['short', 'short'],
    ['broken-stem', 'spinning'],
    ['gate-dropped', 'spinning'],
    ['wrong-way', 'wrong-way'],
  ])('plays %s so that it is judged %s', (fault, meaning) => {
    const curve = playTurns({ ...VALVE, fault });
    expect(judgeTurns({ curve, usualTurns: 26, limitNm: torqueLimitNm(200), isEnded: true }).meaning).toBe(
      meaning,
    );
  });

  it('plays the same for the same seed, and reaches the limit at full stiffness', () => {
    for (const fault of TURN_FAULTS)
      expect(playTurns({ ...VALVE, fault })).toEqual(playTurns({ ...VALVE, fault }));
    expect(playTurns({ ...VALVE, fault: 'none' })).not.toEqual(
      playTurns({ ...VALVE, fault: 'none', seed: 8 }),
    );
    const stiff = playTurns({ ...VALVE, fault: 'none', stiffness: 1 });
    expect(Math.max(...stiff.map(({ torqueNm }) => torqueNm))).toBeGreaterThan(torqueLimitNm(200) * 0.95);
  });

  describe('as a stream', () => {
    let test: TestApp;
    let owner: Agent;
    beforeAll(async () => {
      test = await startTestApp({ offersDemo: false });
      owner = await test.owner();
    });
    afterAll(() => test.close());

    it('gives the points one after the other, and says when it is over', async () => {
      const { text } = await owner
        .get('/api/turn-counter/plays?dn=15&turns=0.6&fault=none')
        .buffer(true)
        .parse((response, done) => {
          let all = '';
          response.on('data', (part: Buffer) => (all += part.toString()));
          response.on('end', () => done(null, all));
        })
        .expect(200)
        .then(({ body }) => ({ text: body as string }));
      const points = [...text.matchAll(/data: (.*)/g)].map(
        ([, data]) => JSON.parse(data!) as { point: object | null },
      );
      expect(points).toHaveLength(5);
      expect(points[4]).toEqual({ point: null });
    });

    it.each(['dn=x&turns=3&fault=none', 'dn=15&turns=1000&fault=none', 'dn=15&turns=3&fault=fire'])(
      'refuses %s',
      async (query) => {
        await owner.get(`/api/turn-counter/plays?${query}`).expect(400);
      },
    );
  });
});

import type { CatalogueModel } from '../line-up/index.js';
import type { Duty } from '../selection/index.js';
import { benchValve, usualKv } from './index.js';

const DUTY: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 5e5,
  temperatureC: 10,
  pipe: { material: 'copper' },
};
const BALL: CatalogueModel = {
  maker: 'Ostrand',
  model: '21R',
  type: 'ball',
  port: 'reduced',
  operator: 'locking-lever',
  ratingId: 'body-brass-600cwp',
  ends: ['press', 'press'],
  taperAngleDeg: 30,
  sizes: [{ dn: 20, kv: 18, boreM: 0.015, price: 12 }],
};

describe('a valve on the bench', () => {
  it('is what its model says: Kv, bore, taper, how fast a hand shuts it, and its weakest part', () => {
    const valve = benchValve(DUTY, BALL);
    expect(valve).toMatchObject({
      type: 'ball',
      characteristic: 'ball',
      operator: 'locking-lever',
      turns: 0.25,
      closesInS: 0.3,
      openKv: 18,
      taperAngleDeg: 30,
      weakest: 'press joint',
      limitPa: 1_378_951,
    });
    expect(valve.boreRatio).toBeCloseTo(0.015 / 0.019939, 6);
  });

  it('takes the closing time of a driven one from its sheet', () => {
    expect(benchValve(DUTY, { ...BALL, operator: 'electric', closeTimeS: 6 }).ownClosingS).toBe(6);
    expect(benchValve(DUTY, { ...BALL, operator: 'electric' })).not.toHaveProperty('closesInS');
  });

  it('of a model not made in the size, or a bare type, knows only what the type tells', () => {
    expect(benchValve({ ...DUTY, dn: 50 }, BALL)).toEqual({
      type: 'ball',
      characteristic: 'ball',
      law: 'ball',
      operator: 'locking-lever',
      turns: 0.25,
      closesInS: 0.3,
    });
    expect(benchValve(DUTY, 'globe')).toEqual({
      type: 'globe',
      characteristic: 'globe-linear',
      law: 'globe-linear',
      turns: 5,
      closesInS: 5,
    });
  });

  it('has no hurry of its own where it moves by itself', () => {
    expect(benchValve(DUTY, 'check-swing')).not.toHaveProperty('closesInS');
    expect(benchValve(DUTY, 'check-swing').turns).toBe(0);
  });

  it('has no limit where a part is past its temperature', () => {
    expect(benchValve({ ...DUTY, temperatureC: 400 }, BALL)).not.toHaveProperty('limitPa');
  });
});

describe('an open valve by the handbook', () => {
  it('passes the more the less it turns the stream, and the more the larger it is', () => {
    const passes = (['ball', 'gate-solid', 'butterfly-resilient', 'globe'] as const).map((type) =>
      usualKv(type, 0.05),
    );
    expect(passes).toEqual([...passes].sort((a, b) => b - a));
    expect(usualKv('globe', 0.1)).toBeGreaterThan(usualKv('globe', 0.05));
  });

  it('takes what loses by its capacity as a globe', () => {
    expect(usualKv('pressure-reducing', 0.05)).toBe(usualKv('globe', 0.05));
  });
});

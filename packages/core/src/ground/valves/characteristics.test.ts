import { relativeKv } from './index.js';

const NAMES = [
  'ball',
  'butterfly',
  'gate',
  'plug-eccentric',
  'compression',
  'globe-linear',
  'equal-percentage',
  'metering-cone',
] as const;

describe('characteristics', () => {
  it.each(NAMES)('%s goes from shut to open and never turns back', (name) => {
    expect(relativeKv(name, 0)).toBe(0);
    expect(relativeKv(name, 1)).toBe(1);
    for (let step = 1; step <= 100; step += 1)
      expect(relativeKv(name, step / 100)).toBeGreaterThanOrEqual(relativeKv(name, (step - 1) / 100));
  });

  it('is linear between the tabulated openings', () => {
    expect(relativeKv('ball', 0.55)).toBeCloseTo(0.215, 12);
    expect(relativeKv('equal-percentage', 0.5)).toBeCloseTo(50 ** -0.5, 12);
    expect(relativeKv('metering-cone', 0.5)).toBeCloseTo(30 ** -0.5, 12);
  });
});

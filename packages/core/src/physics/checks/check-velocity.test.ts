import { CHECK_TYPES, checkVelocity, leastVelocityMs } from './index.js';

const water = { flowM3s: 0.005, densityKgM3: 998.2 };

describe('check-velocity', () => {
  it('finds a swing check too large for the flow, and the size that is held open', () => {
    const said = checkVelocity({ ...water, checkType: 'check-swing', diameterM: 0.10226 });
    expect(said.velocityMs).toBeCloseTo(0.609, 3);
    expect(said.minimumMs).toBeCloseTo(1.361, 3);
    expect(said).toMatchObject({ fullyOpen: false, suggestedDn: 65 });
  });

  it('names no size where its own is held open, nor where none is', () => {
    expect(checkVelocity({ ...water, checkType: 'check-swing', diameterM: 0.06271 })).not.toHaveProperty(
      'suggestedDn',
    );
    expect(
      checkVelocity({ ...water, flowM3s: 0, checkType: 'check-swing', diameterM: 0.06271 }),
    ).toMatchObject({ velocityMs: 0, fullyOpen: false });
    expect(
      checkVelocity({ ...water, flowM3s: 0, checkType: 'check-swing', diameterM: 0.06271 }).suggestedDn,
    ).toBeUndefined();
  });

  it.each(CHECK_TYPES)('suggests for %s a size that is fully open, and none larger', (checkType) => {
    const { suggestedDn } = checkVelocity({ ...water, checkType, diameterM: 0.20272 });
    expect(suggestedDn).toBeLessThan(200);
    expect(checkVelocity({ ...water, flowM3s: 0.5, checkType, diameterM: 0.20272 }).fullyOpen).toBe(true);
  });

  it('asks more of a flapper that lifts clear, and of no other kind', () => {
    expect(leastVelocityMs('check-swing', 1000, true)).toBeCloseTo(73 / Math.sqrt(1000), 12);
    expect(() =>
      checkVelocity({ ...water, checkType: 'check-ball', diameterM: 0.1, clearWay: true }),
    ).toThrow('clearWay belongs to check-swing');
  });

  it('asks less speed of what is denser', () => {
    expect(leastVelocityMs('check-tilting', 1200)).toBeLessThan(leastVelocityMs('check-tilting', 1000));
  });
});

import type { PlayedGauge } from '@grevik/contracts';
import { type HoldGiven, type HoldSample, holdTest } from '@grevik/core';
import { playedSample } from './played-sample.js';

const GIVEN: HoldGiven = { kind: 'air', testPressurePa: 345_000, holdS: 900, gaugeResolutionPa: 70 };
const play = (plays: Partial<PlayedGauge>): HoldSample[] =>
  Array.from({ length: 901 }, (_, timeS) =>
    playedSample(GIVEN, { leakPaPerMin: 0, coolsK: 4, faults: [], ...plays }, timeS),
  ).flatMap((sample) => sample ?? []);

describe('what the logger stand-in plays', () => {
  it('holds while it cools, and leaks where it is told to', () => {
    expect(holdTest({ ...GIVEN, samples: play({}) }).verdict).toBe('holds');
    expect(holdTest({ ...GIVEN, samples: play({ leakPaPerMin: 100 }) }).verdict).toBe('leaks');
  });

  it('holds in a pipe full of water, whose pressure follows its warmth', () => {
    const given: HoldGiven = {
      kind: 'water',
      testPressurePa: 900_000,
      holdS: 900,
      gaugeResolutionPa: 1000,
      pipe: { material: 'copper', insideDiameterM: 0.02, wallM: 0.001 },
    };
    const samples = Array.from({ length: 901 }, (_, timeS) =>
      playedSample(given, { leakPaPerMin: 0, coolsK: 2, faults: [] }, timeS),
    ).flatMap((sample) => sample ?? []);
    const result = holdTest({ ...given, samples });
    expect(result.verdict).toBe('holds');
    expect(result.temperatureEffectPa).toBeLessThan(-100_000);
  });

  it.each([
    ['battery', 'too-short'],
    ['no-thermometer', undefined],
  ] as const)('with %s proves nothing', (fault, reason) => {
    const result = holdTest({ ...GIVEN, samples: play({ faults: [fault], coolsK: 0 }) });
    expect(result.verdict).toBe('not-proved');
    if (reason) expect(result.reason).toBe(reason);
  });

  it('is silent where its radio is, and plays the same again', () => {
    const gaps = play({ faults: ['radio-gaps'] });
    expect(gaps.length).toBeLessThan(901);
    expect(gaps).toEqual(play({ faults: ['radio-gaps'] }));
  });
});

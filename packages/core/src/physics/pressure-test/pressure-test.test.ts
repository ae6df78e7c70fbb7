import { calculate } from '../../registry/index.js';
import {
  type HoldTestCase,
  type ReducerSample,
  flush,
  flushCalculation,
  holdTest,
  holdTestCalculation,
  mainTest,
  reducerCheck,
} from './index.js';

const KELVIN = 273.15;
const ATMOSPHERE = 101_325;
const each = (count: number, stepS: number): number[] => Array.from({ length: count }, (_, at) => at * stepS);

describe('flushing', () => {
  it('changes the water three times at 3 ft/s', () => {
    const { seconds, waterM3, flowM3s, volumeM3, reached } = flush({
      runs: [{ diameterM: 0.1, lengthM: 100 }],
    });
    expect(seconds).toBeCloseTo(300 / 0.91, 6);
    expect(waterM3).toBeCloseTo(3 * volumeM3, 12);
    expect(flowM3s).toBeCloseTo((0.91 * Math.PI * 0.01) / 4, 12);
    expect(reached).toBe(true);
  });

  it('takes its velocity in the largest bore, and longer where the supply gives less', () => {
    const runs = [
      { diameterM: 0.1, lengthM: 10 },
      { diameterM: 0.02, lengthM: 10 },
    ];
    const wanted = flush({ runs });
    const starved = flush({ runs, supplyM3s: wanted.flowM3s / 2 });
    expect(starved).toMatchObject({ reached: false, flowM3s: wanted.flowM3s });
    expect(starved.velocityMs).toBeCloseTo(0.455, 9);
    expect(starved.seconds).toBeCloseTo(2 * wanted.seconds, 9);
    expect('velocityMs' in flush({ runs, supplyM3s: wanted.flowM3s })).toBe(false);
  });

  it('has runs', () => {
    expect(() => calculate(flushCalculation, { runs: [] })).toThrow(/runs.*1 to/);
  });
});

/** Air that neither comes nor goes, warmed along a line. */
const air = (leakPaS = 0, kelvinS = -0.0005): HoldTestCase => ({
  kind: 'air',
  testPressurePa: 345_000,
  holdS: 900,
  samples: each(91, 10).map((timeS) => ({
    timeS,
    temperatureC: 15 + kelvinS * timeS,
    pressurePa:
      ((345_000 + ATMOSPHERE - leakPaS * timeS) * (15 + kelvinS * timeS + KELVIN)) / (15 + KELVIN) -
      ATMOSPHERE,
  })),
});

describe('a hold test', () => {
  it('holds by air that cools, and says what the warmth took', () => {
    const result = holdTest(air());
    expect(result).toMatchObject({ verdict: 'holds', startS: 0, endS: 900, allowancePa: 0 });
    expect(result.temperatureEffectPa).toBeCloseTo((446_325 * -0.45) / 288.15, 3);
  });

  it('finds the leak that warmth hides, with its size', () => {
    const result = holdTest({ ...air(1, 0.0008), volumeM3: 0.05, allowedDropPa: 100 });
    expect(result.verdict).toBe('leaks');
    expect(result.dropPa).toBeCloseTo(900, 3);
    expect(result.leakM3s).toBeCloseTo(0.05 / ATMOSPHERE, 9);
  });

  it.each([
    ['under-pressure', { testPressurePa: 400_000 }],
    ['too-short', { holdS: 901 }],
    ['too-few', { holdS: 15 }],
  ] as const)('is not proved: %s', (reason, more) => {
    expect(holdTest({ ...air(), ...more })).toMatchObject({ verdict: 'not-proved', reason });
  });

  it('is not proved without a thermometer, however flat the gauge; a large fall is a leak all the same', () => {
    const blind = (dropPaS: number): HoldTestCase => ({
      ...air(),
      samples: each(91, 10).map((timeS) => ({ timeS, pressurePa: 345_000 - dropPaS * timeS })),
    });
    expect(holdTest(blind(0))).toMatchObject({ verdict: 'not-proved', reason: 'temperature-unknown' });
    const unseenPa = (446_325 * 2) / 288.15;
    expect(holdTest(blind((unseenPa * 0.99) / 900)).verdict).toBe('not-proved');
    expect(holdTest(blind((unseenPa * 1.01) / 900)).verdict).toBe('leaks');
  });

  it('is not proved where the pressure rises: something passes into it', () => {
    expect(holdTest(air(-1))).toMatchObject({ verdict: 'not-proved', reason: 'rising' });
  });

  it('allows twice the step of the gauge', () => {
    expect(holdTest({ ...air(0.1), gaugeResolutionPa: 46 }).verdict).toBe('holds');
    expect(holdTest({ ...air(0.1), gaugeResolutionPa: 44 }).verdict).toBe('leaks');
  });

  it('starts at the first sample that has the pressure', () => {
    const { samples, ...rest } = air();
    const pumped = [{ timeS: -60, pressurePa: 100_000, temperatureC: 15 }, ...samples];
    expect(holdTest({ ...rest, samples: pumped })).toMatchObject({ verdict: 'holds', startS: 0 });
  });

  it('takes a full copper pipe’s warmth out, and that of plastic the other way', () => {
    const water = (material: 'copper' | 'pex', paPerK: number): HoldTestCase => ({
      kind: 'water',
      testPressurePa: 500_000,
      holdS: 900,
      allowedDropPa: 5_000,
      pipe: { material, insideDiameterM: 0.0199, wallM: material === 'pex' ? 0.0024 : 0.00114 },
      samples: each(91, 10).map((timeS) => ({
        timeS,
        temperatureC: 15 + timeS / 900,
        pressurePa: 510_000 + paPerK * (timeS / 900),
      })),
    });
    // By hand: beta 1.6e-4 at 15.5 C less 3 alpha, over 1/K + D/(E e).
    const give = 1 / 2.19e9 + 0.0199 / (117e9 * 0.00114);
    const copper = (1.555e-4 - 3 * 16.6e-6) / give;
    expect(holdTest(water('copper', copper)).verdict).toBe('holds');
    expect(holdTest(water('copper', 0)).verdict).toBe('leaks');
    // PEX grows more than its water: warmed, its pressure falls though nothing leaves.
    const { temperatureEffectPa } = holdTest(water('pex', 0));
    expect(temperatureEffectPa).toBeLessThan(0);
  });

  it('takes nothing out of water whose pipe is not known', () => {
    const { samples } = air();
    const result = holdTest({ kind: 'water', testPressurePa: 345_000, holdS: 900, samples });
    expect(result).toMatchObject({ verdict: 'leaks', temperatureEffectPa: 0 });
  });

  it.each([
    [{ samples: [] }, /samples/],
    [{ holdS: 0 }, /holdS/],
    [{ samples: [{ timeS: 0, pressurePa: 1, temperatureC: -300 }] }, /temperatureC/],
  ])('refuses %j', (wrong, message) => {
    expect(() => calculate(holdTestCalculation, { ...air(), ...wrong })).toThrow(message);
  });

  it('names the sample that does not follow', () => {
    const { samples, ...rest } = air();
    expect(() => holdTest({ ...rest, samples: [...samples, ...samples.slice(3, 4)] })).toThrow(
      /samples\[91\]\.timeS is 30, and the sample before it is at 900 s/,
    );
  });
});

describe('the make-up of a main', () => {
  it('follows the waterworks formula', () => {
    const thousandFeet = {
      lengthM: 304.8,
      diameterM: 0.2032,
      testPressurePa: 150 * 6894.757293168,
      holdS: 7200,
    };
    const allowed = ((1000 * 8 * Math.sqrt(150)) / 148_000) * 2 * 3.785411784e-3;
    expect(mainTest({ ...thousandFeet, madeUpM3: allowed * 0.99 })).toEqual({
      allowedM3: expect.closeTo(allowed, 9) as number,
      ratio: expect.closeTo(0.99, 9) as number,
      verdict: 'within',
    });
    expect(mainTest({ ...thousandFeet, madeUpM3: allowed * 1.01 }).verdict).toBe('over');
  });
});

describe('a reducer', () => {
  const rest = (from: number, outlet: (s: number) => number, flowM3s = 0): ReducerSample[] =>
    each(25, 5).map((s) => ({ timeS: from + s, outletPa: outlet(s), flowM3s }));
  const drawn = rest(125, () => 320_000, 6e-4);

  it('holds, with its pressure at rest and what it falls with flow', () => {
    expect(reducerCheck({ setPa: 345_000, samples: [...rest(0, () => 350_000), ...drawn] })).toEqual({
      verdict: 'holding',
      lockUpPa: 350_000,
      creepPaPerMin: 0,
      fallOffPa: 30_000,
      swingPa: 0,
    });
  });

  it.each([
    ['creeping', rest(0, (s) => 345_000 + (3500 * s) / 60)],
    ['holding', rest(0, (s) => 345_000 + (3400 * s) / 60)],
    ['off-set', rest(0, () => 390_000)],
    ['not-proved', drawn],
    ['not-proved', rest(0, () => 345_000).slice(0, 12)],
    ['hunting', [...rest(0, () => 345_000), ...rest(125, (s) => 320_000 + 20_000 * (-1) ** (s / 5), 6e-4)]],
  ] as const)('is %s', (verdict, samples) => {
    expect(reducerCheck({ setPa: 345_000, samples }).verdict).toBe(verdict);
  });

  it('reads a draw only where its flow is steady', () => {
    const uneven = rest(125, () => 320_000, 6e-4).map((sample, at) => ({
      ...sample,
      flowM3s: at % 2 ? 6e-4 : 4e-4,
    }));
    const { swingPa } = reducerCheck({ setPa: 345_000, samples: [...rest(0, () => 345_000), ...uneven] });
    expect(swingPa).toBeUndefined();
  });
});

import fc from 'fast-check';
import { InvalidInput } from '../../ground/input/index.js';
import { type StationSample, checkDiagnosis, medianSlope, stationPhases } from './index.js';

interface Played {
  hours?: number;
  everyS?: number;
  inflowM3s?: number;
  pumpM3s?: number;
  areaM2?: number;
  noiseM?: number;
  /** Steady, m3/s, while the pump rests. */
  passesM3s?: number;
  /** Runs back after each stop, m3, most of it in the first minutes. */
  drainsM3?: number;
  /** From when on the check is bad. */
  fromS?: number;
}

/** A lift station played second by second. */
function play({
  hours = 8,
  everyS = 10,
  inflowM3s = 0.003,
  pumpM3s = 0.009,
  areaM2 = 3,
  noiseM = 0,
  passesM3s = 0,
  drainsM3 = 0,
  fromS = 0,
}: Played): StationSample[] {
  const samples: StationSample[] = [];
  let levelM = 1;
  let pumpOn = false;
  let restS = 0;
  let seed = 7;
  const noise = (): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return (seed / 2147483648 - 0.5) * 2 * noiseM;
  };
  for (let timeS = 0; timeS <= hours * 3600; timeS += 1) {
    if (timeS % everyS === 0) samples.push({ timeS, levelM: levelM + noise(), pumpOn });
    const isBad = timeS >= fromS && restS >= 0;
    const backM3s = pumpOn || !isBad ? 0 : passesM3s + (drainsM3 / 45) * Math.exp(-restS / 45);
    levelM += (inflowM3s + backM3s - (pumpOn ? pumpM3s : 0)) / areaM2;
    restS += 1;
    if (pumpOn && levelM <= 0.8) {
      pumpOn = false;
      restS = 0;
    } else if (!pumpOn && levelM >= 1.4) pumpOn = true;
  }
  return samples;
}
const station = { wellAreaM2: 3, pumpFlowM3s: 0.009 };
const diagnose = (played: Played, isFlowKnown = true) =>
  checkDiagnosis({
    samples: play(played),
    wellAreaM2: 3,
    ...(isFlowKnown && { pumpFlowM3s: 0.009 }),
  });

describe('a slope', () => {
  it('is not moved by a bad point, in a short series and in a long one', () => {
    for (const count of [20, 500]) {
      const times = Array.from({ length: count }, (_, at) => at);
      const values = times.map((time) => 2 * time + (time === 5 ? 1e4 : 0));
      expect(medianSlope(times, values)).toBeCloseTo(2, 9);
    }
    expect(medianSlope([0], [1])).toBeUndefined();
  });
});

describe('the rests and runs of a log', () => {
  it('are broken by a switch and by a gap, and a gap is no switch', () => {
    const samples = [0, 10, 20, 200, 210, 220].map((timeS, at) => ({ timeS, levelM: 1, pumpOn: at === 5 }));
    const phases = stationPhases(samples);
    expect(
      phases.map(({ firstS, endedS, isWhole, followsGap }) => [firstS, endedS, isWhole, followsGap]),
    ).toEqual([
      [0, 20, false, false],
      [200, 215, false, true],
      [220, 220, false, false],
    ]);
  });
});

describe('a check', () => {
  it('that holds is said to hold, and costs nothing', () => {
    const found = diagnose({ noiseM: 0.003 });
    expect(found).toMatchObject({
      verdict: 'holding',
      backflowM3s: 0,
      extraStartsPerDay: 0,
      extraRunS: 0,
      evidence: [],
    });
    expect(found).not.toHaveProperty('sinceS');
    expect(found.inflowM3s).toBeCloseTo(0.003, 3);
  });

  it.each([true, false])('that passes is found, with what runs back (pump flow known: %s)', (isKnown) => {
    // Long enough sound at first for the log to be its own measure.
    const found = diagnose({ hours: 24, fromS: 6 * 3600, passesM3s: 0.0005, noiseM: 0.003 }, isKnown);
    expect(found.verdict).toBe('passing');
    expect(found.backflowM3s / 0.0005).toBeGreaterThan(0.9);
    expect(found.backflowM3s / 0.0005).toBeLessThan(1.1);
    expect(Math.abs((found.sinceS ?? 0) - 6 * 3600)).toBeLessThan(1800);
    expect(found.evidence.length).toBe(5);
  });

  it.each([true, false])('that is stuck open is found (pump flow known: %s)', (isKnown) => {
    const found = diagnose({ hours: 24, fromS: 6 * 3600, drainsM3: 1.2, noiseM: 0.003 }, isKnown);
    expect(found.verdict).toBe('stuck-open');
    expect(found.backflowVolumeM3PerStop).toBeGreaterThan(1.08);
    expect(found.backflowVolumeM3PerStop).toBeLessThan(1.32);
  });

  it('costs starts and run time, as the same station with a sound check shows', () => {
    const dayOf = (played: Played): { starts: number; runS: number } => {
      const samples = play({ hours: 24, everyS: 1, ...played });
      return {
        starts: samples.filter(({ pumpOn }, at) => pumpOn && samples[at - 1]?.pumpOn === false).length,
        runS: samples.filter(({ pumpOn }) => pumpOn).length,
      };
    };
    const [sound, bad] = [dayOf({}), dayOf({ drainsM3: 1.2 })];
    const found = diagnose({ hours: 24, drainsM3: 1.2 });
    expect(Math.abs(found.extraStartsPerDay - (bad.starts - sound.starts))).toBeLessThan(3);
    expect(found.extraRunS / (bad.runS - sound.runS)).toBeGreaterThan(0.93);
    expect(found.extraRunS / (bad.runS - sound.runS)).toBeLessThan(1.07);
  });

  it('that was mended holds again once five cycles say so', () => {
    const bad = play({ hours: 8, passesM3s: 0.0005 });
    const endS = (bad[bad.length - 1]?.timeS ?? 0) + 10;
    const sound = play({ hours: 8 }).map((sample) => ({ ...sample, timeS: sample.timeS + endS }));
    expect(checkDiagnosis({ ...station, samples: [...bad, ...sound] }).verdict).toBe('holding');
    expect(checkDiagnosis({ ...station, samples: [...bad, ...sound.slice(0, 150)] }).verdict).toBe('passing');
  });

  it('is not known yet after three or four cycles, and refused with fewer', () => {
    const samples = play({ passesM3s: 0.0005 });
    const whole = (count: number): StationSample[] => {
      const switches = samples.flatMap(({ pumpOn }, at) =>
        pumpOn && samples[at - 1]?.pumpOn === false ? [at] : [],
      );
      return samples.slice(0, (switches[count] ?? 0) + 12);
    };
    expect(checkDiagnosis({ ...station, samples: whole(3) })).toMatchObject({
      verdict: 'holding',
      tooFew: true,
    });
    expect(checkDiagnosis({ ...station, samples: whole(5) })).not.toHaveProperty('tooFew');
    expect(() => checkDiagnosis({ ...station, samples: whole(2) })).toThrow(InvalidInput);
    expect(() => checkDiagnosis({ ...station, samples: whole(2) })).toThrow(/samples hold 2 whole cycles/);
  });

  it('is judged past gaps of the radio', () => {
    const samples = play({ hours: 24, passesM3s: 0.0005 }).filter(({ timeS }) => timeS % 7200 > 400);
    expect(checkDiagnosis({ ...station, samples }).verdict).toBe('passing');
  });

  it('is refused where times do not rise', () => {
    const samples = play({}).map((sample, at) => (at === 40 ? { ...sample, timeS: 5 } : sample));
    expect(() => checkDiagnosis({ ...station, samples })).toThrow(/samples\[40\]\.timeS/);
  });

  it('finds what runs back, whatever the station', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 8, noNaN: true }),
        fc.double({ min: 0.006, max: 0.03, noNaN: true }),
        fc.double({ min: 0.15, max: 0.6, noNaN: true }),
        fc.double({ min: 0.08, max: 0.25, noNaN: true }),
        (areaM2, pumpM3s, load, share) => {
          const inflowM3s = load * pumpM3s;
          const passesM3s = share * inflowM3s;
          const samples = play({ hours: 30, areaM2, pumpM3s, inflowM3s, passesM3s });
          const found = checkDiagnosis({ samples, wellAreaM2: areaM2, pumpFlowM3s: pumpM3s });
          // Of what the pump lifts between the same two levels, the share that runs back.
          const runsBack = (passesM3s * (pumpM3s - inflowM3s)) / ((inflowM3s + passesM3s) * pumpM3s);
          if (runsBack < 0.04 || runsBack > 0.25) return;
          expect(found.verdict).toBe('passing');
          expect(Math.abs(found.backflowM3s / passesM3s - 1)).toBeLessThan(0.15);
          expect(found.inflowM3s / inflowM3s).toBeCloseTo(1, 1);
        },
      ),
      { numRuns: 25 },
    );
  });
});

import { InvalidInput } from '../../ground/input/index.js';
import { STATION_FAULTS, checkDiagnosis, playedStation, stationColumns, stationSample } from './index.js';

const station = { wellAreaM2: 2.5, pumpFlowM3s: 0.012 };

describe('the file of a level recorder', () => {
  it.each([
    [['timeS', 'levelM', 'pumpOn'], ['10', '1.2', '0'], { timeS: 10, levelM: 1.2, pumpOn: false }],
    [
      ['Time', 'Level (ft)', 'Pump 1'],
      ['2026-11-20T00:00:00Z', '10', 'ON'],
      { levelM: expect.closeTo(3.048, 9) as number, pumpOn: true },
    ],
    [['date', 'pump', 'level [mm]'], ['5', 'off', '900'], { timeS: 5, levelM: 0.9, pumpOn: false }],
  ])('with %j is read', (headings, row, sample) => {
    expect(stationSample(row, stationColumns(headings))).toMatchObject(sample);
  });

  it('says which column is missing, and reads no row that it does not understand', () => {
    expect(() => stationColumns(['time', 'level'])).toThrow(InvalidInput);
    expect(() => stationColumns(['time', 'level'])).toThrow('column for the pump');
    const columns = stationColumns(['timeS', 'levelM', 'pumpOn']);
    for (const odd of [['', '1', '1'], ['1', 'x', '1'], ['1', '1', 'maybe'], ['soon', '1', '0'], []])
      expect(stationSample(odd, columns)).toBeUndefined();
  });
});

describe('the practice station', () => {
  const played = (fault: (typeof STATION_FAULTS)[number]) =>
    checkDiagnosis({ samples: playedStation({ fault, days: 3, fromS: 86_400, ...station }), ...station });

  it.each([
    ['holds', 'holding'],
    ['passes', 'passing'],
    ['sticks-open', 'stuck-open'],
  ] as const)('whose check %s is found %s', (fault, verdict) => {
    expect(played(fault).verdict).toBe(verdict);
  });

  it('is found out from the day on which its check went bad, and costs starts', () => {
    const { sinceS = 0, extraStartsPerDay, startsPerHour } = played('sticks-open');
    expect(sinceS).toBeGreaterThan(80_000);
    expect(sinceS).toBeLessThan(96_000);
    expect(extraStartsPerDay).toBeGreaterThan(1);
    expect(startsPerHour).toBeGreaterThan(0);
  });

  it('has gaps of its radio', () => {
    const samples = playedStation({ fault: 'holds', days: 4, fromS: 0, ...station });
    const gaps = samples.filter(({ timeS }, at) => at > 0 && timeS - samples[at - 1]!.timeS > 90);
    expect(gaps.length).toBeGreaterThan(0);
  });
});

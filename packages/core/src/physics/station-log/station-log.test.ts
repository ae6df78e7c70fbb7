import { InvalidInput } from '../../ground/input/index.js';
import {
  type PlayedStation,
  type StationFault,
  type StationSample,
  checkDiagnosis,
  playStation,
  stationColumns,
  stationSample,
  wellAt,
} from './index.js';

const DAY_S = 86_400;
const station = { wellAreaM2: 2.5, pumpFlowM3s: 0.012 };
const playing = (fault: StationFault, fromS: number): PlayedStation => ({
  fault,
  fromS,
  everyS: 10,
  ...station,
});
const days = (fault: StationFault, fromS: number, count: number): StationSample[] =>
  playStation(playing(fault, fromS), wellAt(0), count * DAY_S).samples;

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
  const played = (fault: StationFault) => checkDiagnosis({ samples: days(fault, DAY_S, 3), ...station });

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
    const samples = days('holds', 0, 4);
    const gaps = samples.filter(({ timeS }, at) => at > 0 && timeS - samples[at - 1]!.timeS > 90);
    expect(gaps.length).toBeGreaterThan(0);
  });

  it('goes on from where it was left as if it had never stopped', () => {
    const first = playStation(playing('sticks-open', 0), wellAt(0), DAY_S);
    const second = playStation(playing('sticks-open', 0), first.well, 2 * DAY_S);
    expect([...first.samples, ...second.samples]).toEqual(days('sticks-open', 0, 2));
  });
});

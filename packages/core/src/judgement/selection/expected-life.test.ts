import { VALVE_STORIES, VALVE_TYPES } from '../../ground/valves/index.js';
import { type Candidate, type Duty, expectedLife } from './index.js';

const DUTY: Duty = { function: 'isolate', medium: 'potable-cold', dn: 15, pressurePa: 5e5, temperatureC: 10 };
const STOP: Candidate = { type: 'compression-stop', discMaterial: 'nbr' };

describe('expected life', () => {
  it('is the type’s range where nothing shortens it, and the maker’s where there is one', () => {
    expect(expectedLife(DUTY, STOP)).toEqual({ years: [8, 15], because: [] });
    expect(expectedLife(DUTY, { ...STOP, lifeYears: [10, 12] }).years).toEqual([10, 12]);
  });

  it.each([
    ['treated-water', { chloramine: true }, STOP],
    ['scale', { hardWater: true, operatedPerYear: 1 }, STOP],
    ['unexercised', { operatedPerYear: 0 }, { type: 'gate-solid' }],
    ['worked-hard', { operatedPerYear: 2000 }, { type: 'ball' }],
    ['grit', { solids: 'grit' }, { type: 'ball' }],
    ['part-open', { function: 'throttle' }, { type: 'ball' }],
    ['heat', { temperatureC: 75 }, { type: 'ball', seatMaterial: 'nylon' }],
  ] satisfies [string, Partial<Duty>, Candidate][])('%s shortens it and says so', (id, duty, valve) => {
    const { years, because } = expectedLife({ ...DUTY, ...duty }, valve);
    expect(because.map((reason) => reason.id)).toEqual([id]);
    expect(years[1]).toBeLessThan(VALVE_STORIES[valve.type].lifeYears[1]);
    expect(years[0]).toBeLessThanOrEqual(years[1]);
  });

  it('is a year at the least, whatever comes together', () => {
    const duty = { ...DUTY, chloramine: true, hardWater: true, operatedPerYear: 0, solids: 'grit' } as const;
    const { years, because } = expectedLife(duty, { ...STOP, lifeYears: [1, 2] });
    expect(because.length).toBe(4);
    expect(years).toEqual([1, 1]);
  });

  it.each(VALVE_TYPES)('%s has a story: what wears, how it fails, how that shows', (type) => {
    const { wears, fails, shows, lifeYears } = VALVE_STORIES[type];
    for (const sentence of [wears, fails, shows]) expect(sentence).toMatch(/^[A-Z].+\.$/);
    expect(lifeYears[0]).toBeLessThan(lifeYears[1]);
    expect(`${wears}${fails}${shows}`).not.toMatch(/\bsafe|complian/i);
  });
});

import { InvalidInput } from '../../ground/input/index.js';
import {
  HOLD_RULES,
  type StartUpEntry,
  type StartedLine,
  holdRule,
  judgeReading,
  ownHoldRulesInput,
  startUp,
} from './index.js';

describe('pressures and times that a company sets', () => {
  const own = { timesWorking: 2, leastPa: 900_000, holdS: 3600, source: 'Harbour authority' };
  const rule = holdRule('building-water', { 'building-water': own });

  it('go before the usual ones, with their own source', () => {
    expect(rule.source).toBe('Harbour authority');
    expect(rule.holdS({})).toBe(3600);
    expect([300_000, 600_000].map((workingPa) => rule.pressurePa({ workingPa }))).toEqual([
      900_000, 1_200_000,
    ]);
  });

  it('leave what they do not name as usual', () => {
    const timed = holdRule('building-water', { 'building-water': { holdS: 60, source: 'Code' } });
    expect(timed.pressurePa({ workingPa: 200_000 })).toBe(300_000);
    expect(holdRule('fuel-gas', {})).toBe(HOLD_RULES['fuel-gas']);
  });

  it('do not know a pressure where the working pressure is not known', () => {
    expect(rule.pressurePa({})).toBeUndefined();
    const fixed = holdRule('fuel-gas', { 'fuel-gas': { leastPa: 400_000, source: 'Utility' } });
    expect(fixed.pressurePa({})).toBe(400_000);
  });

  it.each([
    [{ 'fuel-gas': { source: 'Utility' } }, 'holdRules.fuel-gas'],
    [{ 'fuel-gas': { holdS: 60 } }, 'holdRules.fuel-gas.source'],
    [{ 'fuel-gas': { holdS: -60, source: 'Utility' } }, 'holdRules.fuel-gas.holdS'],
    [{ 'garden-hose': { holdS: 60, source: 'Utility' } }, 'holdRules.garden-hose'],
  ])('%j is refused', (rules, field) => {
    const read = (): unknown => ownHoldRulesInput.read(rules, 'holdRules');
    expect(read).toThrow(InvalidInput);
    try {
      read();
    } catch (error) {
      expect((error as InvalidInput).field).toBe(field);
    }
  });
});

describe('a reading', () => {
  const timeS = Array.from({ length: 61 }, (_, at) => at * 10);
  const columns = {
    timeS,
    pressurePa: timeS.map(() => 345_000),
    temperatureC: timeS.map(() => 15),
    inletPa: timeS.map(() => null),
    flowM3s: timeS.map((time): number | null => (time < 300 ? 0 : null)),
  };

  it('is judged by what it is of', () => {
    const hold = { kind: 'air', testPressurePa: 345_000, holdS: 600 } as const;
    expect(judgeReading({ step: 'hold', given: hold }, columns).verdict).toBe('holds');
    expect(judgeReading({ step: 'reducer', given: { setPa: 345_000 } }, columns).verdict).toBe('holding');
  });

  it('proves nothing of a reducer where nobody read the flow', () => {
    const blind = { ...columns, flowM3s: timeS.map(() => null) };
    expect(judgeReading({ step: 'reducer', given: { setPa: 345_000 } }, blind).verdict).toBe('not-proved');
  });
});

describe('the step of a reducer', () => {
  const line: StartedLine = {
    medium: 'potable-cold',
    positions: [
      {
        id: 'PR',
        tag: 'PR-1',
        name: 'Meter',
        duty: { function: 'reduce-pressure', dn: 25 },
        type: 'pressure-reducing',
      },
    ],
    items: [],
  };
  const signed = { step: 'reducer', by: 'Ada' } as const;
  const typed: StartUpEntry = {
    ...signed,
    kind: 'item',
    item: 'PR',
    values: { setPa: 345_000, restPa: 345_000, laterPa: 345_000 },
    at: '2026-11-01T08:00:00.000Z',
  };
  const read = (verdict: string, at: string): StartUpEntry => ({
    ...signed,
    kind: 'reading',
    item: 'PR',
    readingId: 'r',
    verdict,
    at,
  });
  const itemOf = (entries: StartUpEntry[]) =>
    startUp(line, entries).steps.find(({ id }) => id === 'reducer')?.items[0];

  it('is done by what was typed, where nothing was read', () => {
    expect(itemOf([typed])?.isDone).toBe(true);
  });

  it('is not done by figures typed where the logger saw it creep', () => {
    expect(itemOf([read('creeping', '2026-11-01T07:00:00.000Z'), typed])).toMatchObject({
      isDone: false,
      verdict: 'creeping',
    });
  });

  it('is done by a reading that holds, and by nothing weaker', () => {
    expect(itemOf([read('holding', '2026-11-01T07:00:00.000Z')])?.isDone).toBe(true);
    for (const verdict of ['hunting', 'off-set', 'not-proved'])
      expect(itemOf([read(verdict, '2026-11-01T07:00:00.000Z')])?.isDone).toBe(false);
  });
});

describe('steam radiators', () => {
  const radiator = (id: string, pressurePa?: number) => ({
    id,
    tag: id,
    name: 'Hall',
    duty: {
      function: 'throttle' as const,
      dn: 20,
      ...(pressurePa !== undefined && { pressurePa }),
    },
    type: 'radiator-metering' as const,
    model: {
      maker: 'Quay',
      model: 'R2',
      type: 'radiator-metering' as const,
      sizes: [{ dn: 20, price: 40, kv: 3 }],
    },
  });
  const stopOf = (pressurePa?: number) =>
    startUp({ medium: 'steam-low', positions: [radiator('R-1', pressurePa)], items: [] }, []).steps.find(
      ({ id }) => id === 'radiator',
    )?.items[0]?.figures[0];

  it('say the turns of their internal stop where the supply is known, and nothing where it is not', () => {
    expect(stopOf(3400)?.value).toBeGreaterThan(0);
    expect(stopOf()).toBeUndefined();
  });
});

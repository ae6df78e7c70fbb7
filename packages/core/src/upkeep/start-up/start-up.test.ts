import type { WalkItem } from '../../judgement/walk/index.js';
import {
  HOLD_RULES,
  START_UP_STEPS,
  type StartUpEntry,
  type StartedLine,
  type StartedPosition,
  checkStepValues,
  STEP_TABLE,
  hasPlastic,
  heldLine,
  heldPipe,
  holdSoFar,
  keepExtremes,
  lineKindOf,
  readReadings,
  startUp,
} from './index.js';

const position = (tag: string, more: Partial<StartedPosition> = {}): StartedPosition => ({
  id: tag,
  tag,
  name: 'Hall',
  duty: { function: 'isolate', dn: 25, pressurePa: 500_000 },
  type: 'ball',
  ...more,
});
const RUN: WalkItem[] = [
  { id: 's', kind: 'source', depth: 0 },
  { id: 'r', kind: 'run', depth: 0, material: 'copper', dn: 25, lengthM: 20 },
  { id: 'v', kind: 'valve', depth: 0, positionId: 'A' },
  { id: 'f', kind: 'fixture', depth: 0, fixture: 'sink', name: 'Galley sink' },
] as WalkItem[];
const WATER: StartedLine = { medium: 'potable-cold', positions: [position('A')], items: RUN };
const GAS: StartedLine = { medium: 'natural-gas', positions: [position('G')], items: [] };

let minute = 0;
const at = (): string => new Date(Date.UTC(2026, 10, 1, 8, (minute += 1))).toISOString();
const item = (step: StartUpEntry['step'], id: string, values: Record<string, unknown>): StartUpEntry => ({
  step,
  kind: 'item',
  item: id,
  values: values as never,
  by: 'Ada',
  at: at(),
});
const held = (verdict: string): StartUpEntry => ({
  step: 'hold',
  kind: 'reading',
  readingId: 'x',
  verdict,
  by: 'Ada',
  at: at(),
});
const stateOf = (line: StartedLine, entries: StartUpEntry[], step: string) =>
  startUp(line, entries).steps.find(({ id }) => id === step);

describe('the steps of a start-up', () => {
  it('are those the line needs, in the order of the work', () => {
    const ids = (line: StartedLine) => startUp(line, []).steps.map(({ id }) => id);
    expect(ids(WATER)).toEqual(['inspect', 'hold', 'flush', 'disinfect', 'operate', 'show', 'label']);
    expect(ids(GAS)).toEqual(['inspect', 'hold', 'purge', 'operate', 'show', 'label']);
    const steam: StartedLine = {
      medium: 'steam-vapour',
      positions: [position('R', { type: 'radiator-metering', duty: { function: 'throttle', dn: 20 } })],
      items: [],
    };
    expect(ids(steam)).toContain('radiator');
    const main: StartedLine = {
      ...WATER,
      positions: [position('A', { duty: { function: 'isolate', dn: 150, place: 'buried' } })],
    };
    expect(ids(main)).toContain('make-up');
  });

  it('wait for one another, and say for which', () => {
    expect(stateOf(WATER, [], 'hold')).toMatchObject({ state: 'waiting', waitsFor: ['Inspect'] });
    expect(stateOf(WATER, [item('inspect', 'A', { faces: true })], 'hold')).toMatchObject({ state: 'open' });
  });

  it('are passed by “holds” and nothing else', () => {
    const inspected = item('inspect', 'A', { faces: true });
    for (const [verdict, state] of [
      ['not-proved', 'open'],
      ['leaks', 'open'],
      ['holds', 'done'],
    ])
      expect(stateOf(WATER, [inspected, held(verdict as string)], 'hold')?.state).toBe(state);
    expect(stateOf(WATER, [inspected, held('holds'), held('leaks')], 'hold')?.state).toBe('open');
  });

  it('may be skipped with a reason, and taken up again', () => {
    const skip: StartUpEntry = {
      step: 'disinfect',
      kind: 'skip',
      reason: 'Not opened.',
      by: 'Ada',
      at: at(),
    };
    expect(stateOf(WATER, [skip], 'disinfect')).toMatchObject({
      state: 'skipped',
      skipped: { reason: 'Not opened.', by: 'Ada' },
    });
    const again: StartUpEntry = { step: 'disinfect', kind: 'unskip', by: 'Ada', at: at() };
    expect(stateOf(WATER, [skip, again], 'disinfect')?.state).toBe('waiting');
  });

  it('are complete when each is done or skipped', () => {
    const entries = [
      item('inspect', 'A', { faces: true }),
      held('holds'),
      item('flush', 'f', { clear: true, strainers: true }),
      item('operate', 'A', { closes: 'clockwise', leaksBy: 'nothing' }),
      item('show', 'A', { true: true, normal: true }),
      item('label', 'A', { hung: true, photo: true }),
    ];
    expect(startUp(WATER, entries).isComplete).toBe(false);
    const sampled = item('disinfect', 'line', {
      by: 'Lab',
      dose: '50 mg/L',
      result: 'none found',
      passed: true,
    });
    expect(startUp(WATER, [...entries, sampled]).isComplete).toBe(true);
  });

  it('say how much water an outlet is flushed with', () => {
    expect(stateOf(WATER, [], 'flush')?.items).toMatchObject([
      { id: 'f', title: 'Galley sink', figures: [{ label: 'Flow' }, { label: 'For' }, { label: 'Water' }] },
    ]);
  });

  it('each say what to have at hand and when they are done', () => {
    for (const id of START_UP_STEPS) {
      const { atHand, doneWhen, does } = STEP_TABLE[id];
      for (const said of [atHand, doneWhen, does]) expect(said.length).toBeGreaterThan(10);
    }
  });
});

describe('what is objected to', () => {
  const objection = (line: StartedLine, entry: StartUpEntry): string | undefined =>
    stateOf(line, [entry], entry.step)?.items[0]?.objection;

  it('a casting that differs from the order, until somebody accepts it', () => {
    const ordered = {
      ...WATER,
      positions: [position('A', { spec: { type: 'ball', dn: 25, rating: { kind: 'cwp', value: 600 } } })],
    };
    expect(objection(ordered, item('inspect', 'A', { faces: true, casting: '1 400 WOG' }))).toMatch(
      /ordered 600 CWP, found 400 CWP/,
    );
    expect(
      objection(ordered, item('inspect', 'A', { faces: true, casting: '1 400 WOG', accepted: 'Ada' })),
    ).toBeUndefined();
  });

  it('turns that are not those of its size, and what leaks by', () => {
    const gate = {
      ...WATER,
      positions: [position('A', { type: 'gate-resilient', duty: { function: 'isolate', dn: 100 } })],
    };
    const turned = (turns: number, leaksBy = 'nothing') =>
      objection(gate, item('operate', 'A', { turns, closes: 'clockwise', leaksBy }));
    expect(turned(14)).toBeUndefined();
    expect(turned(9)).toMatch(/does not open fully/);
    expect(turned(20)).toMatch(/check its size/);
    expect(turned(14, 'drops')).toMatch(/leaks by/);
  });

  it('a reducer that creeps or is off', () => {
    const line: StartedLine = {
      ...WATER,
      positions: [
        position('P', { type: 'pressure-reducing', duty: { function: 'reduce-pressure', dn: 25 } }),
      ],
    };
    const read = (restPa: number, laterPa: number) =>
      objection(line, item('reducer', 'P', { setPa: 345_000, restPa, laterPa }));
    expect(read(350_000, 352_000)).toBeUndefined();
    expect(read(400_000, 400_000)).toMatch(/off its setting/);
    expect(read(345_000, 400_000)).toMatch(/creeps/);
  });

  it('a gas valve nobody else looked at', () => {
    expect(objection(GAS, item('show', 'G', { true: true, normal: true }))).toMatch(/second person/);
  });

  it('too much water made up', () => {
    const main: StartedLine = {
      ...WATER,
      positions: [position('A', { duty: { function: 'isolate', dn: 200, place: 'buried' } })],
    };
    const made = (madeUpL: number) =>
      objection(
        main,
        item('make-up', 'line', {
          lengthM: 304.8,
          diameterM: 0.2032,
          testPressurePa: 1_034_214,
          holdS: 7200,
          madeUpL,
        }),
      );
    expect(made(4)).toBeUndefined();
    expect(made(12)).toMatch(/2\.\d times/);
  });

  it('values that are not asked for', () => {
    const { fields } = STEP_TABLE.operate;
    expect(() => checkStepValues(fields, { spin: 3 })).toThrow(/values\.spin is not asked here/);
    expect(() => checkStepValues(fields, { closes: 'left' })).toThrow(/one of clockwise, counter-clockwise/);
    expect(() => checkStepValues(fields, { turns: Number.NaN })).toThrow(/values\.turns must be a number/);
  });
});

describe('how a line is held', () => {
  it.each([
    ['natural-gas', false, 'fuel-gas'],
    ['potable-cold', false, 'building-water'],
    ['potable-cold', true, 'buried-main'],
    ['fire-water', false, 'sprinkler'],
    ['steam-low', false, 'low-pressure-steam'],
    ['raw-sewage', true, 'lift-station-main'],
    ['oxidiser-gas', false, undefined],
  ] as const)('%s, buried %s, is tested as %s', (medium, isBuried, kind) => {
    expect(lineKindOf({ medium, isBuried })).toBe(kind);
  });

  it('follows its working pressure and what its pipe holds', () => {
    const line = heldLine(WATER);
    expect(line.workingPa).toBe(500_000);
    expect(line.volumeM3).toBeGreaterThan(0);
    expect(HOLD_RULES['building-water'].pressurePa(line)).toBe(750_000);
    expect(HOLD_RULES['fuel-gas'].pressurePa({ workingPa: 1700 })).toBeCloseTo(20_684, 0);
    expect(HOLD_RULES['fuel-gas'].holdS({ volumeM3: 0.1 })).toBe(600);
    expect(HOLD_RULES['fuel-gas'].holdS({ volumeM3: 20 })).toBe(3600);
  });

  it('is not known where the facts are not', () => {
    expect(HOLD_RULES['building-water'].pressurePa({})).toBeUndefined();
    expect(HOLD_RULES['fuel-gas'].holdS(heldLine(GAS))).toBeUndefined();
  });

  it('by water is corrected by its longest run whose material and size are known', () => {
    expect(heldPipe(WATER)).toEqual({
      material: 'copper',
      insideDiameterM: expect.closeTo(0.02604, 4) as number,
      wallM: expect.closeTo(0.00127, 5) as number,
    });
    const longer = { id: 'l', kind: 'run', depth: 0, material: 'csst', dn: 25, lengthM: 90 } as WalkItem;
    expect(heldPipe({ ...WATER, items: [...RUN, longer] })?.material).toBe('copper');
    expect(heldPipe(GAS)).toBeUndefined();
  });

  it('is never by air on plastic', () => {
    const plastic = {
      ...WATER,
      items: [...RUN, { id: 'p', kind: 'run', depth: 0, material: 'pex' } as WalkItem],
    };
    expect(hasPlastic(plastic)).toBe(true);
    expect(stateOf(plastic, [], 'hold')?.caution).toMatch(/^Never test plastic/);
  });

  it('stands so far by what was held, until its time is full', () => {
    const given = {
      kind: 'air' as const,
      testPressurePa: 345_000,
      holdS: 900,
      samples: Array.from({ length: 31 }, (_, at_) => ({
        timeS: at_ * 10,
        pressurePa: 345_000,
        temperatureC: 15,
      })),
    };
    expect(holdSoFar(given)).toMatchObject({ heldS: 300, missingS: 600, test: { verdict: 'holds' } });
    expect(holdSoFar({ ...given, testPressurePa: 400_000 })).toMatchObject({
      heldS: 0,
      missingS: 900,
      test: { reason: 'under-pressure' },
    });
    expect(holdSoFar({ ...given, holdS: 300 })).toMatchObject({ missingS: 0, test: { verdict: 'holds' } });
  });
});

describe('a chart of a long reading', () => {
  it('loses no spike', () => {
    const values = Float64Array.from({ length: 200_000 }, () => 1);
    values[123_456] = 9;
    values[5] = -3;
    const kept = keepExtremes(values, 1000);
    expect(kept.length).toBeLessThanOrEqual(1000);
    expect(kept).toEqual([...kept].sort((a, b) => a - b));
    for (const at_ of [0, 5, 123_456, 199_999]) expect(kept).toContain(at_);
  });
});

describe('the file of a logger', () => {
  const rows = (text: string): string[][] => text.split('\n').map((line) => line.split(/[,;]/));

  it('is read with the units of its headings', () => {
    const { samples, problems } = readReadings(rows('time (s),gauge (psi),pipe (°F)\n0,50,59\n10,49.5,57.2'));
    expect(problems).toEqual([]);
    expect(samples[1]?.timeS).toBe(10);
    expect(samples[0]?.pressurePa).toBeCloseTo(344_738, 0);
    expect(samples[1]?.temperatureC).toBeCloseTo(14, 9);
  });

  it('is read with ISO times and units without brackets, and its gap is said', () => {
    const { samples, problems } = readReadings(
      rows(
        [
          'time,pressure bar,temperature °C',
          ...[0, 10, 20, 30, 200].map(
            (s) => `${new Date(Date.UTC(2026, 10, 12, 7, 0, s)).toISOString()},3.6,14`,
          ),
        ].join('\n'),
      ),
    );
    expect(samples.map(({ timeS }) => timeS)).toEqual([0, 10, 20, 30, 200]);
    expect(problems).toEqual([{ row: 6, text: 'Nothing was read for 170 s before it.' }]);
  });

  it('is read with inlet, outlet and flow', () => {
    const { samples } = readReadings(rows('seconds;outlet psi;inlet psi;flow gpm\n0;50;95;0.5'));
    expect(samples[0]).toMatchObject({ timeS: 0 });
    expect(samples[0]?.inletPa).toBeCloseTo(655_002, 0);
    expect(samples[0]?.flowM3s).toBeCloseTo(3.1545e-5, 8);
  });

  it.each([
    ['time (s),gauge\n0,50', 1, /unit of “gauge”/],
    ['time (s),valve\n0,50', 1, /no column for the pressure/],
    ['time (s),gauge (psi)\n0,50\n0,51', 3, /time of the row before/],
    ['time (s),gauge (psi)\n10,50\n0,51', 3, /clock jumped, or rows are out of order/],
    ['time (s),gauge (psi)\n0,fifty', 2, /“fifty” under “gauge \(psi\)” is not a figure/],
  ])('says what cannot be read: %s', (text, row, message) => {
    const { problems } = readReadings(rows(text));
    expect(problems).toHaveLength(1);
    expect(problems[0]?.row).toBe(row);
    expect(problems[0]?.text).toMatch(message);
  });
});

import { FACT_COLUMNS } from './fact-columns.js';
import { type WalkRow, checkWalkList, readWalkRow } from './index.js';

const EXAMPLE_CELLS: Partial<Record<string, string>> = {
  pressurePa: '75 psi',
  temperatureC: '50 F',
  flowM3s: '8 gpm',
  outletPressurePa: '50 psi',
  heatInputW: '40000 Btu/h',
  differentialPa: '10 psi',
  surgeLimitPa: '150 psi',
  closureTimeS: '2 s',
  startsPerHour: '6',
  flowPattern: 'intermittent',
  solids: 'scale sediment',
  smallestPassageM: '2 in',
  threads: 'BSP',
  headroomM: '3 ft',
  operatedPerYear: '12',
  distanceToApplianceM: '4 ft',
};

const typed: WalkRow = {
  tag: 'CW-01',
  line: 'Domestic cold',
  medium: 'potable cold',
  function: 'isolate',
  size: '3/4',
  pressure: '75 psi',
  temperature: '50 F',
};
const read = (more: WalkRow): ReturnType<typeof readWalkRow> => readWalkRow(2, { ...typed, ...more });

describe('a row of a walk list', () => {
  it('becomes a position with its duty in SI', () => {
    expect(
      read({
        flow: '8 gpm',
        pipe: 'copper',
        orientation: 'vertical up',
        place: 'in the wall',
        remarks: ' café branch ',
      }),
    ).toEqual({
      position: {
        row: 2,
        tag: 'CW-01',
        line: 'Domestic cold',
        medium: 'potable-cold',
        remarks: 'café branch',
        duty: {
          function: 'isolate',
          dn: 20,
          pressurePa: expect.closeTo(517106.8, 1) as number,
          temperatureC: expect.closeTo(10, 9) as number,
          flowM3s: expect.closeTo(5.0472e-4, 8) as number,
          pipe: { material: 'copper' },
          orientation: 'vertical-up',
          place: 'concealed',
        },
      },
    });
  });

  it.each([
    [{ medium: 'Fire Water' }, { medium: 'fire-water' }],
    [{ medium: 'wash water high pressure' }, { medium: 'wash-water-high-pressure' }],
    [{ medium: 'Raw-sewage' }, { medium: 'raw-sewage' }],
    [{ function: 'Emergency shut-off' }, { duty: { function: 'emergency-shutoff' } }],
    [{ function: 'check' }, { duty: { function: 'non-return' } }],
    [{ pipe: 'Ductile iron' }, { duty: { pipe: { material: 'ductile-iron' } } }],
    [{ pipe: 'galvanized' }, { duty: { pipe: { material: 'galvanised' } } }],
  ])('understands %j', (more, position) => {
    expect(read(more)).toMatchObject({ position });
  });

  it.each([
    [{ size: '' }, 'size', 'No size'],
    [{ medium: 'soup' }, 'medium', 'potable cold'],
    [{ pressure: '-4 bar' }, 'pressure', 'below zero'],
    [{ pressure: '75' }, 'pressure', 'which unit'],
    [{ temperature: '50' }, 'temperature', 'which unit'],
    [{ solids: 'rocks' }, 'solids', 'stringy'],
    [{ 'starts per hour': 'often' }, 'starts per hour', 'number'],
    [{ chloramine: 'perhaps' }, 'chloramine', 'yes or no'],
    [{ headroom: '-3 ft' }, 'headroom', 'zero'],
    [{ 'run upstream': '40 ft' }, 'run upstream', 'material'],
    [{ flow: 'lots' }, 'flow', '12 gpm'],
    [{ pipe: 'bamboo' }, 'pipe', 'copper'],
    [{ place: 'moon' }, 'place', 'buried'],
    [{ tag: '' }, 'tag', 'CW-04'],
    [{ tag: '=1+1' }, 'tag', 'not a tag'],
    [{ line: '' }, 'line', 'Domestic cold'],
    [{ remarks: 'x'.repeat(501) }, 'remarks', '500'],
  ])('refuses %j at its field, saying what would be right', (more, field, words) => {
    expect(read(more)).toEqual({
      problems: [
        {
          row: 2,
          field,
          value: (more as WalkRow)[field as keyof WalkRow],
          message: expect.stringContaining(words) as string,
        },
      ],
    });
  });

  it('leaves unknown what is not written, and takes every fact that is', () => {
    const { pressure: _pressure, temperature: _temperature, ...bare } = typed;
    expect(readWalkRow(2, bare)).toMatchObject({ position: { duty: { function: 'isolate', dn: 20 } } });
    expect(readWalkRow(2, bare)).not.toHaveProperty('position.duty.pressurePa');
    const row = Object.fromEntries(
      FACT_COLUMNS.map(({ name, fact }) => [name, EXAMPLE_CELLS[fact] ?? 'yes']),
    );
    const { position } = read({ ...row, pipe: 'steel', 'run upstream': '40 ft' }) as {
      position: { duty: Record<string, unknown> };
    };
    for (const { fact } of FACT_COLUMNS) expect(position.duty).toHaveProperty(fact);
    expect(position.duty).toMatchObject({
      solids: 'scale-sediment',
      startsPerHour: 6,
      hardWater: true,
      headroomM: expect.closeTo(0.9144, 9) as number,
      pipe: { material: 'steel', lengthUpstreamM: expect.closeTo(12.192, 9) as number },
    });
  });

  it('names every bad field of a row', () => {
    expect(read({ size: 'x', pressure: '7' })).toMatchObject({
      problems: [{ field: 'size' }, { field: 'pressure' }],
    });
  });
});

describe('a walk list against a job', () => {
  const job = {
    lines: [{ name: 'Domestic cold', medium: 'potable-cold' as const }],
    positions: [{ tag: 'CW-09', line: 'Domestic cold' }],
  };
  const check = (...rows: WalkRow[]): ReturnType<typeof checkWalkList> =>
    checkWalkList(
      rows.map((more, index) => ({ row: index + 2, typed: { ...typed, ...more } })),
      job,
    );

  it('keeps to lines that are there and makes the others with their medium', () => {
    const { positions, newLines } = check(
      { line: 'domestic COLD' },
      { tag: 'GA-01', line: 'Gas', medium: 'natural gas' },
      { tag: 'GA-02', line: 'gas', medium: 'natural gas' },
    );
    expect(positions.map(({ tag, line }) => [tag, line])).toEqual([
      ['CW-01', 'Domestic cold'],
      ['GA-01', 'Gas'],
      ['GA-02', 'Gas'],
    ]);
    expect(newLines).toEqual([{ name: 'Gas', medium: 'natural-gas' }]);
  });

  it('refuses a tag written twice, in the list or on the job', () => {
    expect(check({}, { tag: 'cw-01' }, { tag: 'CW-09' }).problems).toMatchObject([
      { row: 3, field: 'tag', message: expect.stringContaining('row 2') as string },
      { row: 4, field: 'tag', message: expect.stringContaining('Domestic cold already') as string },
    ]);
  });

  it('lets a refused row neither take a tag nor make a line', () => {
    const { positions, newLines } = check(
      { line: 'Gas', medium: 'natural gas', size: '' },
      { line: 'Gas', medium: 'lp gas' },
    );
    expect(positions.map(({ row }) => row)).toEqual([3]);
    expect(newLines).toEqual([{ name: 'Gas', medium: 'lp-gas' }]);
  });

  it('refuses another medium on a line', () => {
    expect(check({ medium: 'natural gas' }).problems).toMatchObject([
      {
        row: 2,
        field: 'medium',
        value: 'natural gas',
        message: expect.stringContaining('cold drinking water') as string,
      },
    ]);
  });
});

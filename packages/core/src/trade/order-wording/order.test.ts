import { readTag } from './read-tag.js';
import fc from 'fast-check';
import { NOMINAL_SIZES } from '../../ground/units/index.js';
import {
  ACCESSORIES,
  APPROVALS,
  BODY_MATERIALS,
  ENDS,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  STEMS,
  VALVE_TYPES,
  isCheck,
} from '../../ground/valves/index.js';
import { orderLine, readOrder } from './index.js';
import {
  BONNETS,
  FACINGS,
  RATING_KINDS,
  SPEC_FAMILIES,
  STEELS,
  type SpecEnd,
  type ValveSpec,
} from './valve-spec.js';

const fip: SpecEnd[] = [
  { side: 'in', style: 'fip' },
  { side: 'out', style: 'fip' },
];
const BOILER_GATE: ValveSpec = {
  family: 'steel',
  type: 'gate-solid',
  dn: 100,
  ends: [
    { side: 'in', style: 'flange-300' },
    { side: 'out', style: 'flange-300' },
  ],
  rating: { kind: 'class', value: 300 },
  facing: 'rf',
  body: 'A216 WCB',
  trim: 5,
  bonnet: 'bolted',
  stem: 'os-y',
  port: 'full',
};

describe('a valve said in full', () => {
  it.each<[ValveSpec, string]>([
    [
      {
        family: 'stop',
        type: 'quarter-turn-stop',
        dn: 15,
        form: 'angle',
        action: 'quarter-turn',
        ends: [
          { side: 'supply', style: 'pex-barb' },
          { side: 'fixture', style: 'od-compression', odIn: 0.375 },
        ],
      },
      '1/2 in PEX barb x 3/8 in OD compression angle stop, quarter turn',
    ],
    [
      {
        family: 'stop',
        type: 'quarter-turn-stop',
        dn: 15,
        form: 'dual-angle',
        action: 'quarter-turn',
        ends: [
          { side: 'supply', style: 'sweat' },
          { side: 'fixture', style: 'od-compression', odIn: 0.375 },
          { side: 'fixture2', style: 'od-compression', odIn: 0.375 },
        ],
      },
      '1/2 in sweat x 3/8 in OD compression x 3/8 in OD compression dual-outlet angle stop, quarter turn',
    ],
    [
      {
        family: 'bronze',
        type: 'ball',
        dn: 25,
        ends: fip,
        port: 'full',
        body: 'brass',
        leadFree: true,
        pieces: 2,
        seat: 'ptfe',
        operator: 'lever',
        rating: { kind: 'cwp', value: 600 },
        approvals: ['potable'],
      },
      '1 in ball valve, FIP x FIP, full port, lead-free brass, two-piece, PTFE seats, lever, 600 CWP, potable',
    ],
    [BOILER_GATE, '4 in class 300 RF flanged A216 WCB gate valve, trim 5, bolted bonnet, OS&Y, full port'],
    [
      {
        family: 'steel',
        type: 'globe',
        dn: 40,
        ends: fip,
        rating: { kind: 'class', value: 800 },
        body: 'A105',
        trim: 12,
        bonnet: 'welded',
        stem: 'os-y',
        port: 'reduced',
      },
      '1 1/2 in class 800 threaded x threaded A105 globe valve, trim 12, welded bonnet, OS&Y, reduced port',
    ],
    [
      {
        family: 'waterworks',
        type: 'gate-resilient',
        dn: 150,
        standard: 'AWWA C515',
        ends: [
          { side: 'in', style: 'mechanical-joint' },
          { side: 'out', style: 'mechanical-joint' },
        ],
        coating: 'epoxy',
        body: 'ductile-iron',
        stem: 'nrs',
        rating: { kind: 'psi', value: 250 },
        operator: 'operating-nut',
        opening: 'left',
      },
      '6 in AWWA C515 resilient-wedge gate valve, MJ x MJ, epoxy-coated ductile iron, NRS, 250 psi, 2 in operating nut, open left',
    ],
  ])('%#', (spec, text) => {
    const line = orderLine(spec);
    expect(line.text).toBe(text);
    expect(line).toMatchObject({ missing: [], complete: true });
    expect(readOrder(text)).toMatchObject({ spec, unread: [], missing: [] });
  });

  it('has a short name for everyday', () => {
    expect(orderLine(BOILER_GATE).short).toBe('4 in gate valve');
    expect(
      orderLine({
        form: 'angle',
        dn: 15,
        ends: [
          { side: 'supply', style: 'sweat' },
          { side: 'fixture', style: 'od-compression', odIn: 0.375 },
        ],
      }).short,
    ).toBe('1/2 x 3/8 angle stop');
  });

  it('names what is missing, why it matters and what there is to choose', () => {
    const { complete, missing } = orderLine({
      family: 'stop',
      type: 'quarter-turn-stop',
      dn: 15,
      action: 'quarter-turn',
    });
    expect(complete).toBe(false);
    expect(missing.map(({ field }) => field)).toEqual(['ends', 'form']);
    expect(missing.every(({ why, choices }) => why.length > 10 && choices.length > 1)).toBe(true);
  });
});

/** Any spec that an order could carry: the fields of its family, and any of the others. */
const sizes = fc.constantFrom(...NOMINAL_SIZES.map(({ dn }) => dn));
const outsides = fc.constantFrom(0.25, 0.375, 0.5, 0.625, 0.875, 1.125, 0.4375);
const bodies = fc.constantFrom(...BODY_MATERIALS, ...STEELS);
const maybe = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(of, { nil: undefined });
const pressures = fc.oneof(
  fc.integer({ min: 5, max: 300 }).map((psi) => psi * 6894.757293168361),
  fc.integer({ min: 1000, max: 2_000_000 }),
);
const end = (side: 'in' | 'out') => ({ side: fc.constant(side), style: fc.constantFrom(...ENDS) });
const plainEnds = fc.tuple(fc.record(end('in')), fc.record({ ...end('out'), dn: maybe(sizes) }));
const stopEnds = fc
  .tuple(
    fc.record({ style: fc.constantFrom(...ENDS) }),
    fc.array(
      fc.record({
        style: fc.constantFrom(...ENDS),
        size: fc.oneof(
          sizes.map((dn) => ({ dn })),
          outsides.map((odIn) => ({ odIn })),
        ),
      }),
      { minLength: 1, maxLength: 2 },
    ),
  )
  .map(([supply, fixtures]) => [
    { side: 'supply', ...supply },
    ...fixtures.map(({ style, size }, at) => ({ side: at === 0 ? 'fixture' : 'fixture2', style, ...size })),
  ]);
const own: Record<string, fc.Arbitrary<unknown>> = {
  port: fc.constantFrom(...PORTS),
  body: bodies,
  leadFree: fc.boolean(),
  pieces: fc.integer({ min: 1, max: 4 }),
  seat: fc.constantFrom(...SEAT_MATERIALS),
  disc: fc.constantFrom(...SEAT_MATERIALS),
  stem: fc.constantFrom(...STEMS),
  operator: fc.constantFrom(...OPERATORS),
  rating: fc.record({
    kind: fc.constantFrom(...RATING_KINDS),
    value: fc.constantFrom(125, 150, 200, 250, 300, 600, 800, 1500),
  }),
  facing: fc.constantFrom(...FACINGS),
  trim: fc.constantFrom(1, 5, 8, 10, 12),
  bonnet: fc.constantFrom(...BONNETS),
  standard: fc.constantFrom(
    'AWWA C509',
    'AWWA C515',
    'API 600',
    'API 602',
    'MSS SP-80',
    'ASSE 1003',
    'house rule 7',
  ),
  coating: fc.constantFrom('epoxy', 'none'),
  opening: fc.constantFrom('left', 'right'),
  extensionM: fc.double({ min: 0.1, max: 9, noNaN: true }),
  box: fc.boolean(),
  orientation: fc.constantFrom('horizontal', 'vertical-up', 'vertical-down', 'any'),
  spring: fc.boolean(),
  setPressurePa: pressures,
  rangePa: fc.tuple(pressures, pressures),
  strainer: fc.boolean(),
  sealWeld: fc.boolean(),
  capacityKgH: fc.double({ min: 1, max: 1e5, noNaN: true }),
  capacityW: fc.double({ min: 100, max: 1e7, noNaN: true }),
  normally: fc.constantFrom('open', 'closed'),
  voltageV: fc.constantFrom(12, 24, 120, 230),
  leastDifferentialPa: pressures,
  maxTemperatureC: fc.integer({ min: -40, max: 400 }),
  accessories: fc.uniqueArray(fc.constantFrom(...ACCESSORIES), { minLength: 1 }),
  approvals: fc.uniqueArray(fc.constantFrom(...APPROVALS), { minLength: 1 }),
};
const TYPES = {
  stop: ['quarter-turn-stop', 'compression-stop', 'compression-stop-angle'],
  check: VALVE_TYPES.filter(isCheck),
  prv: ['pressure-reducing'],
} as const;
const others = VALVE_TYPES.filter(
  (type) => !isCheck(type) && !type.includes('stop') && type !== 'pressure-reducing',
);
const anySpec = fc.constantFrom(...SPEC_FAMILIES).chain((family) =>
  fc
    .record({
      family: fc.constant(family),
      type: fc.constantFrom(...(family in TYPES ? TYPES[family as keyof typeof TYPES] : others)),
      dn: sizes,
      ends: family === 'stop' ? stopEnds : plainEnds,
      ...(family === 'stop' && {
        form: fc.constantFrom('straight', 'angle', 'dual-angle', 'box'),
        action: fc.constantFrom('quarter-turn', 'multi-turn'),
      }),
      ...Object.fromEntries(Object.entries(own).map(([field, values]) => [field, maybe(values)])),
    })
    .map((spec) => {
      const said = JSON.parse(JSON.stringify(spec)) as ValveSpec;
      return family === 'check' ? { ...said, kind: said.type!.replace('check-', '') } : said;
    }),
);

describe('what is said is read back', () => {
  it('for every complete spec of every family', () => {
    let complete = 0;
    fc.assert(
      fc.property(anySpec, (spec) => {
        const line = orderLine(spec);
        const read = readOrder(line.text);
        expect(read.unread).toEqual([]);
        expect(read.spec).toEqual(spec);
        expect(read.text).toBe(line.text);
        if (line.complete) complete += 1;
      }),
      { numRuns: 3000 },
    );
    expect(complete).toBeGreaterThan(20);
  });

  it.each(['flange-125', 'flange-150'] as const)('for a %s beside a mechanical joint', (style) => {
    const spec: ValveSpec = {
      family: 'steel',
      type: 'ball',
      dn: 100,
      ends: [
        { side: 'in', style },
        { side: 'out', style: 'mechanical-joint' },
      ],
    };
    expect(readOrder(orderLine(spec).text).spec).toEqual(spec);
  });

  it('for a supply end that says its own size or its outside', () => {
    const stop: ValveSpec = {
      family: 'stop',
      type: 'quarter-turn-stop',
      form: 'straight',
      action: 'quarter-turn',
      ends: [
        { side: 'supply', style: 'od-compression', odIn: 0.625 },
        { side: 'fixture', style: 'od-compression', odIn: 0.375 },
      ],
    };
    expect(orderLine(stop)).toMatchObject({
      text: '5/8 in OD compression x 3/8 in OD compression straight stop, quarter turn',
      complete: true,
    });
    for (const spec of [stop, { ...stop, dn: 15 }])
      expect(readOrder(orderLine(spec).text).spec).toEqual(spec);
  });

  it('with the ends of a stop first, and a size that its supply end has too said once', () => {
    const stop: ValveSpec = {
      family: 'stop',
      type: 'quarter-turn-stop',
      dn: 15,
      form: 'angle',
      action: 'quarter-turn',
      ends: [
        { side: 'supply', style: 'pex-barb', dn: 15 },
        { side: 'fixture', style: 'od-compression', odIn: 0.375 },
      ],
    };
    expect(orderLine(stop).text).toBe('1/2 in PEX barb x 3/8 in OD compression angle stop, quarter turn');
    const { form: _form, ...formless } = stop;
    expect(orderLine(formless).text).toBe('1/2 in PEX barb x 3/8 in OD compression stop, quarter turn');
    const { ends: _ends, ...endless } = stop;
    expect(orderLine(endless).text).toBe('1/2 in angle stop, quarter turn');
  });

  it('for a casting marked CR or PN, whose bare number is a DN', () => {
    for (const [said, dn] of [
      ['DZR CR 15 PN25', 15],
      ['PN16 25 CR ball', 25],
      ['CR 20', 20],
      ['ball valve 40 PN 10', 40],
    ] as const) {
      expect(readOrder(said)).toMatchObject({ spec: { dn }, unread: [] });
      expect(readTag(said).known.dn).toBe(dn);
    }
    expect(readTag('300 20 WCB').known.dn).toBe(500);
  });
});

describe('the counter’s shorthand', () => {
  it.each<[string, ValveSpec, string[], string[]]>([
    [
      '1/2 comp x 3/8 OD comp angle stop QT, LF',
      {
        family: 'stop',
        type: 'quarter-turn-stop',
        dn: 15,
        form: 'angle',
        action: 'quarter-turn',
        leadFree: true,
        ends: [
          { side: 'supply', style: 'od-compression' },
          { side: 'fixture', style: 'od-compression', odIn: 0.375 },
        ],
      },
      [],
      [],
    ],
    [
      '3/4" ball valve SWT full port',
      {
        family: 'bronze',
        type: 'ball',
        dn: 20,
        port: 'full',
        ends: [
          { side: 'in', style: 'sweat' },
          { side: 'out', style: 'sweat' },
        ],
      },
      ['body', 'seat', 'rating', 'operator', 'approvals'],
      [],
    ],
    [
      'gate valve 2in standard',
      { family: 'bronze', type: 'gate-solid', dn: 50 },
      ['ends', 'body', 'port', 'seat', 'rating', 'operator', 'approvals'],
      ['standard'],
    ],
    [
      '6in RWGV C515 MJxFLG NRS 250psi op nut open left, epoxy',
      {
        family: 'waterworks',
        type: 'gate-resilient',
        dn: 150,
        standard: 'AWWA C515',
        stem: 'nrs',
        rating: { kind: 'psi', value: 250 },
        operator: 'operating-nut',
        opening: 'left',
        coating: 'epoxy',
        ends: [
          { side: 'in', style: 'mechanical-joint' },
          { side: 'out', style: 'flange-125' },
        ],
      },
      [],
      [],
    ],
    [
      '1-1/4 FIP x FIP bronze swing chk class 125',
      {
        family: 'check',
        type: 'check-swing',
        kind: 'swing',
        dn: 32,
        body: 'bronze',
        rating: { kind: 'class', value: 125 },
        ends: fip,
      },
      ['orientation'],
      [],
    ],
    [
      '150# RF WCB globe trim 8 BB',
      {
        family: 'steel',
        type: 'globe',
        body: 'A216 WCB',
        facing: 'rf',
        trim: 8,
        bonnet: 'bolted',
        rating: { kind: 'class', value: 150 },
      },
      ['dn', 'port', 'stem'],
      [],
    ],
    ['stop for basins', { family: 'stop' }, ['type', 'dn', 'ends', 'form', 'action'], ['for', 'basins']],
    [
      'DN40 ball FP C x C DZR',
      { family: 'bronze', type: 'ball', dn: 40, port: 'full', body: 'dzr-brass' },
      ['seat', 'rating', 'operator', 'approvals'],
      [],
    ],
    [
      '40 mm butterfly lug × lug EPDM gear',
      { type: 'butterfly-resilient', dn: 40, seat: 'epdm', operator: 'gear' },
      ['body', 'rating', 'approvals'],
      [],
    ],
    [
      '1½ thd by SWT gate',
      {
        type: 'gate-solid',
        dn: 40,
        ends: [
          { side: 'in', style: 'fip' },
          { side: 'out', style: 'sweat' },
        ],
      },
      ['body', 'port', 'seat', 'rating', 'operator', 'approvals'],
      [],
    ],
  ])('“%s”', (text, spec, missing, unread) => {
    const read = readOrder(text, 3);
    expect(read.spec).toMatchObject(spec);
    expect(read.missing.map(({ field }) => field)).toEqual(missing);
    expect(read.unread).toEqual(unread);
    expect(read.quantity).toBe(3);
    expect(readOrder(read.text).spec).toEqual(read.spec);
  });

  it('takes a gate to a rubber-wedge standard as one, unless a metal wedge is said', () => {
    expect(readOrder('6" C509 gate mj x mj 200 psi').spec.type).toBe('gate-resilient');
    expect(readOrder('6" C509 metal-wedge gate valve mj x mj').spec.type).toBe('gate-solid');
    expect(readOrder('6" C507 gate').spec.type).toBe('gate-solid');
  });

  it('asks which check it is where only a check is said', () => {
    const { spec, missing } = readOrder('2 in check valve bronze');
    expect(spec).toEqual({ family: 'check', dn: 50, body: 'bronze' });
    expect(missing.map(({ field }) => field)).toEqual(['type', 'ends', 'kind', 'orientation']);
  });

  it('reads a range said with a dash', () => {
    expect(
      readOrder('1 in PRV FIP set 50 psi range 25-75 psi').spec.rangePa!.map((pa) =>
        Math.round(pa / 6894.757),
      ),
    ).toEqual([25, 75]);
  });

  it('never breaks, and loses no word', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const { unread, spec } = readOrder(text);
        expect(Array.isArray(unread)).toBe(true);
        if (/^[^\p{L}\p{N}]*$/u.test(text) === false && Object.keys(spec).length === 0)
          expect(unread.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('a count and a size', () => {
  it.each([
    ['2 half inch PEX barbed by 3/8 OD compression straight stop', 2, 15],
    ['2 1-1/2 ball valve', 2, 40],
    ['6 1 1/4 gate valve sweat', 6, 32],
    ['10 - 1-1/2 in ball valve', 10, 40],
    ['4 2 gate valve threaded', 4, 50],
    ['12 3/4 ball valve', 12, 20],
    ['10 1/2 in ball valve press', 10, 15],
    ['2 1/2 in ball valve', undefined, 65],
    ['2 1/2 angle stop quarter turn', 2, 15],
    ['1 gas cock 1/2 for the range', 1, 15],
    ['2 22mm ball valves compression', 2, 20],
    ['ball valve 3/4 in x6', 6, 20],
  ])('“%s”', (text, quantity, dn) => {
    const read = readOrder(text);
    expect([read.quantity, read.spec.dn]).toEqual([quantity, dn]);
    expect(read).not.toHaveProperty('readings');
  });

  it('are both offered where a mixed number may be one size', () => {
    const { quantity, spec, readings } = readOrder('2 1/2 ball valve');
    expect([quantity, spec.dn]).toEqual([undefined, 65]);
    expect(readings?.map((one) => [one.quantity, one.spec.dn])).toEqual([
      [undefined, 65],
      [2, 15],
    ]);
  });

  it('gives what was given where the text says none', () => {
    expect(readOrder('3/4 in ball valve', 7).quantity).toBe(7);
  });
});

describe('what cannot be together', () => {
  it.each([
    ['4 in class 300 gate class 150 flange A216 WCB', [['rating', 'ends']]],
    ['2 in class 137 WCB gate', [['rating']]],
    ['8 in class 800 A105 gate trim 99', [['trim'], ['body', 'dn'], ['rating', 'dn']]],
    ['1 in ball valve PVC sweat', [['body', 'ends']]],
    ['1/2 in ball valve gas PEX barb', [['approvals', 'ends']]],
    ['3/4 in prv set 90 psi range 25-75 psi', [['setPressurePa', 'rangePa']]],
    ['4 in class 300 RF flanged WCB gate', []],
  ])('“%s”', (text, fields) => {
    const { spec, conflicts } = readOrder(text);
    expect(conflicts.map((one) => one.fields)).toEqual(fields);
    expect(orderLine(spec).complete).toBe(false);
  });
});

describe('things with everyday names', () => {
  it.each([
    ['PEX washer box', { family: 'stop', form: 'box' }],
    ['thumb cock', { type: 'quarter-turn-stop', dn: 15 }],
    ['curb stop 1 in', { family: 'waterworks', dn: 25 }],
    ['3/4 in T&P', { type: 'relief', dn: 20 }],
    ['1 in solenoid normally closed 24V', { type: 'solenoid', normally: 'closed', voltageV: 24 }],
    ['monel trim', { trim: 9 }],
    ['1 in ball 316 disc SS bolts stainless stem', { disc: 'metal', type: 'ball' }],
  ])('“%s”', (text, spec) => {
    const read = readOrder(text);
    expect(read.spec).toMatchObject(spec);
    expect(read.spec).not.toHaveProperty('body');
    expect(read.unread).toEqual([]);
  });

  it('ask which of their types they are', () => {
    const type = readOrder('gas cock 1/2').missing.find(({ field }) => field === 'type');
    expect(type?.choices).toEqual(['ball', 'butterfly-gas-cock', 'plug-taper']);
  });

  it('are said shortly by their everyday name', () => {
    expect(orderLine(readOrder('1/2 PEX washer box').spec).short).toBe('PEX washer box');
  });
});

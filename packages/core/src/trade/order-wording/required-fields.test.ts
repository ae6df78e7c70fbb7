import fc from 'fast-check';
import { readTag } from './read-tag.js';
import { REQUIRED_FIELDS, openFields } from './required-fields.js';
import { SPEC_FAMILIES, type SpecEnd, type ValveSpec } from './valve-spec.js';

const ENDS: ValveSpec['ends'] = [
  { side: 'in', style: 'fip' },
  { side: 'out', style: 'fip' },
];

const STOP_ENDS: ValveSpec['ends'] = [
  { side: 'supply', style: 'sweat' },
  { side: 'fixture', style: 'od-compression', odIn: 0.375 },
];

describe('what an order still needs', () => {
  it.each<[string, ValveSpec, string[]]>([
    ['a stop', { family: 'stop', type: 'quarter-turn-stop', dn: 15, ends: STOP_ENDS }, ['form', 'action']],
    ['a check', { family: 'check', type: 'check-swing', dn: 25, ends: ENDS }, ['kind', 'orientation']],
    [
      'a reducer',
      { family: 'prv', type: 'pressure-reducing', dn: 25, ends: ENDS },
      ['setPressurePa', 'rangePa'],
    ],
    [
      'a small ball valve',
      { family: 'bronze', type: 'ball', dn: 25, ends: ENDS, body: 'bronze' },
      ['port', 'seat', 'rating', 'operator', 'approvals'],
    ],
    [
      'a mains gate',
      {
        family: 'waterworks',
        type: 'gate-resilient',
        dn: 150,
        ends: ENDS,
        rating: { kind: 'psi', value: 250 },
      },
      ['operator', 'standard', 'coating', 'opening'],
    ],
  ])('%s', (_what, spec, fields) => {
    expect(openFields(spec).map(({ field }) => field)).toEqual(fields);
  });

  it('asks for ends said by halves: one only, or a fixture without its size', () => {
    const stop: ValveSpec = {
      family: 'stop',
      type: 'quarter-turn-stop',
      dn: 15,
      form: 'angle',
      action: 'quarter-turn',
    };
    const [supply, fixture] = STOP_ENDS as [SpecEnd, SpecEnd];
    const open = (ends: SpecEnd[]): string[] => openFields({ ...stop, ends }).map(({ field }) => field);
    expect(open([supply, fixture])).toEqual([]);
    expect(open([supply])).toEqual(['ends']);
    expect(open([supply, { side: 'fixture', style: 'od-compression' }])).toEqual(['ends']);
  });

  it('asks for the facing of flanges only', () => {
    const steel: ValveSpec = { family: 'steel', ends: [{ side: 'in', style: 'flange-150' }] };
    expect(openFields(steel).map(({ field }) => field)).toContain('facing');
    expect(openFields({ family: 'steel', ends: ENDS }).map(({ field }) => field)).not.toContain('facing');
  });

  it('asks nothing where all is said, and the size of everything', () => {
    for (const family of SPEC_FAMILIES)
      expect(openFields({ family }).map(({ field }) => field)).toContain('dn');
    const whole = Object.fromEntries(
      REQUIRED_FIELDS.map(({ field }) => [field, field === 'ends' ? STOP_ENDS : 'said']),
    ) as unknown as ValveSpec;
    for (const family of SPEC_FAMILIES) expect(openFields(whole, family)).toEqual([]);
  });
});

describe('a tag, whatever stands on it', () => {
  it('is read in pieces that together are the text, and never breaks', () => {
    const words = fc.array(
      fc.oneof(
        fc.constantFrom(
          '3',
          '300',
          'WCB',
          '200 WOG',
          'DN80',
          '½',
          'LF',
          'OS&Y',
          'NSF 61',
          'heat X12',
          '1-1/2"',
        ),
        fc.string({ maxLength: 8 }),
      ),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(words, (parts) => {
        const text = parts.join(' ');
        const { markings, unread } = readTag(text);
        const plain = (all: readonly string[]): string => all.join('').replace(/[\s,;:|·()]/gu, '');
        const pieces = [...markings.map((marking) => marking.text), ...unread];
        expect([...plain(pieces)].sort()).toEqual([...plain([text])].sort());
      }),
    );
  });

  it('says the same in whatever order a size, a class and a steel stand', () => {
    const parts = ['3', '300', 'WCB'];
    for (const order of [
      [0, 1, 2],
      [2, 1, 0],
      [1, 2, 0],
      [1, 0, 2],
    ])
      expect(readTag(order.map((at) => parts[at]).join(' ')).known).toMatchObject({
        dn: 80,
        rating: { kind: 'class', value: 300 },
        body: 'A216 WCB',
      });
  });
});

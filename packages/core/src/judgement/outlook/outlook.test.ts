import { calculate, findCalculation } from '../../registry/index.js';
import { type Candidate, type Duty, HOUSE_RULES, houseRuleSettings, select } from '../selection/index.js';
import {
  type Remedy,
  MARGIN_FACT_TABLE,
  factOf,
  margins,
  openQuestions,
  remedies,
  withFact,
} from './index.js';

const VALVES: readonly Candidate[] = [
  {
    type: 'ball',
    port: 'full',
    bodyMaterial: 'dzr-brass',
    seatMaterial: 'ptfe',
    operator: 'lever',
    ratingId: 'body-brass-600cwp',
    ends: ['press', 'press'],
    approvals: ['potable'],
    unitPrice: 21,
    lifeYears: [20, 30],
  },
  {
    type: 'ball',
    port: 'reduced',
    boreM: 0.012,
    bodyMaterial: 'brass',
    seatMaterial: 'nylon',
    operator: 'lever',
    ratingId: 'body-brass-600cwp',
    ends: ['fip', 'fip'],
    approvals: ['potable', 'gas'],
    unitPrice: 11,
    lifeYears: [15, 25],
  },
  {
    type: 'gate-solid',
    stem: 'nrs',
    bodyMaterial: 'bronze',
    operator: 'handwheel',
    ratingId: 'body-bronze-125',
    ends: ['sweat', 'sweat'],
    approvals: ['potable'],
    unitPrice: 13,
    lifeYears: [5, 15],
  },
  { type: 'globe', discMaterial: 'epdm', ratingId: 'body-bronze-125', ends: ['fip', 'fip'], unitPrice: 18 },
  { type: 'butterfly-resilient', seatMaterial: 'epdm', operator: 'gear', ends: ['lug', 'lug'], turns: 20 },
  { type: 'check-swing', ratingId: 'body-bronze-125', ends: ['fip', 'fip'], unitPrice: 24 },
  { type: 'check-ball', bodyMaterial: 'ductile-iron', ends: ['flange-125', 'flange-125'] },
  {
    type: 'plug-eccentric',
    bodyMaterial: 'ductile-iron',
    ends: ['flange-125', 'flange-125'],
    operator: 'gear',
  },
];

const COLD: Duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper', lengthUpstreamM: 19 },
  operatedPerYear: 1,
  headroomM: 0.4,
};
const DUTIES: readonly Duty[] = [
  COLD,
  { ...COLD, function: 'throttle', differentialPa: 8e4, closureTimeS: 0.3 },
  {
    function: 'non-return',
    medium: 'raw-sewage',
    dn: 100,
    pressurePa: 2.1e5,
    temperatureC: 15,
    flowM3s: 0.015,
    startsPerHour: 6,
    orientation: 'vertical-up',
    solids: 'stringy',
    pipe: { material: 'ductile-iron', lengthUpstreamM: 120 },
  },
  {
    function: 'isolate',
    medium: 'natural-gas',
    dn: 20,
    pressurePa: 1744,
    temperatureC: 15,
    distanceToApplianceM: 1,
    pipe: { material: 'steel' },
  },
  { ...COLD, medium: 'heating-water', temperatureC: 70, surgeLimitPa: 7e5 },
];
const SETTINGS = houseRuleSettings();
const verdictOf = (duty: Duty, valve: Candidate): string =>
  select(duty, [valve], SETTINGS).results[0]?.verdict ?? '';

describe('until when a verdict holds', () => {
  const looked = DUTIES.map((duty) => ({ duty, found: margins(duty, VALVES, SETTINGS) }));

  it('ends where `select` says so: the same just inside, the other just outside', () => {
    const wrong = looked.flatMap(({ duty, found }) =>
      found.flatMap(({ index, verdict, edges }) =>
        edges.flatMap((edge) => {
          const { fact, direction, value } = edge;
          const [least, most] = MARGIN_FACT_TABLE[fact].range(duty);
          const near = Math.max(
            Math.abs(value) * 1e-3,
            MARGIN_FACT_TABLE[fact].isFine ? 0 : (most - least) * 1e-4,
          );
          const out = direction === 'up' ? 1 : -1;
          const valve = VALVES[index] as Candidate;
          const inside = verdictOf(withFact(duty, fact, Math.max(0, value - out * near)), valve);
          const outside = verdictOf(withFact(duty, fact, value + out * near), valve);
          return inside === verdict && outside === edge.verdict ? [] : [{ ...edge, index, inside, outside }];
        }),
      ),
    );
    expect(wrong).toEqual([]);
    expect(looked.flatMap(({ found }) => found.flatMap(({ edges }) => edges)).length).toBeGreaterThan(40);
  });

  it('is the same all the way to the edge, and to the end of the range where there is none', () => {
    for (const { duty, found } of looked)
      for (const { index, verdict, edges } of found)
        for (const fact of ['pressurePa', 'temperatureC', 'flowM3s', 'headroomM'] as const) {
          const from = factOf(duty, fact) as number | undefined;
          if (from === undefined) continue;
          const [least, most] = MARGIN_FACT_TABLE[fact].range(duty);
          for (const [direction, end] of [
            ['up', most],
            ['down', least],
          ] as const) {
            const edge = edges.find((one) => one.fact === fact && one.direction === direction);
            const to = edge ? from + (edge.value - from) * 0.998 : end;
            for (const share of [0.03, 0.2, 0.5, 0.8, 1]) {
              const at = withFact(duty, fact, from + (to - from) * share);
              expect([fact, direction, share, verdictOf(at, VALVES[index] as Candidate)]).toEqual([
                fact,
                direction,
                share,
                verdict,
              ]);
            }
          }
        }
  });

  it('names the rule that ends it, or that falls silent', () => {
    const [ball] = margins({ ...COLD, flowM3s: 0 }, VALVES.slice(0, 1), SETTINGS, ['pressurePa']);
    expect(ball?.edges.find(({ fact, direction }) => fact === 'pressurePa' && direction === 'up')?.rule).toBe(
      'rating',
    );
    const [low] = margins({ ...COLD, headroomM: 0.05 }, [
      { ...VALVES[2], type: 'gate-solid', stem: 'rising' },
    ]);
    expect(low?.edges.find(({ fact }) => fact === 'headroomM')).toMatchObject({
      direction: 'up',
      rule: 'headroom',
    });
  });

  it('takes facts by name that the duty gives, and refuses others', () => {
    const calc = findCalculation('margins')!;
    const asked = { duty: { ...COLD }, candidates: VALVES.slice(0, 2) };
    expect(calculate(calc, { ...asked, facts: ['headroomM'] })).toMatchObject({
      results: [{ index: 0 }, {}],
    });
    expect(() => calculate(calc, { ...asked, facts: ['startsPerHour'] })).toThrow(
      /facts\[0\] is "startsPerHour", which the duty does not give/,
    );
    expect(() => calculate(calc, { ...asked, facts: ['dn'] })).toThrow(/facts\[0\]/);
  });
});

describe('what is worth asking first', () => {
  it.each(DUTIES.map((duty) => [duty.medium, duty.function, duty] as const))(
    'of %s to %s is what `select` says with each answer',
    (_medium, _function, duty) => {
      const { top, topVerdict, questions, idle } = openQuestions(duty, VALVES, SETTINGS);
      const now = select(duty, VALVES, SETTINGS);
      expect(top).toBe(now.ranked[0] ?? null);
      expect(topVerdict).toBe(top === null ? null : now.results[top]?.verdict);
      for (const { fact, values, matters } of questions) {
        expect(factOf(duty, fact)).toBeUndefined();
        for (const one of values) {
          const then = select(withFact(duty, fact, one.value), VALVES, SETTINGS);
          expect([fact, one.value, one.top]).toEqual([fact, one.value, then.ranked[0] ?? null]);
          expect(one.changed).toEqual(
            then.results.flatMap(({ index, verdict }) =>
              verdict === now.results[index]?.verdict ? [] : [index],
            ),
          );
        }
        expect(values.some((one) => one.top !== top)).toBe(matters === 'pick');
      }
      for (const fact of idle) expect(questions.map((one) => one.fact)).not.toContain(fact);
      expect([...idle]).toEqual([...idle].sort());
      expect([...idle, ...questions.map((one) => one.fact)]).not.toContain('heatInputW');
    },
  );

  it('puts first what moves the pick, and tries what is only assumed', () => {
    const open: Duty = { function: 'isolate', medium: 'potable-cold', dn: 20 };
    const order = openQuestions(open, VALVES).questions.map(({ matters }) => matters);
    expect(order).toEqual([...order].sort((a, b) => RANKED.indexOf(a) - RANKED.indexOf(b)));
    const facts = (assumed: readonly 'temperatureC'[]): string[] => {
      const { questions, idle } = openQuestions(COLD, VALVES, SETTINGS, { assumed });
      return [...questions.map(({ fact }) => fact), ...idle];
    };
    expect(facts([])).not.toContain('temperatureC');
    expect(facts(['temperatureC'])).toContain('temperatureC');
  });
});
const RANKED = ['pick', 'verdict', 'others'];

describe('what would make it fit', () => {
  const changed = (duty: Duty, valve: Candidate, { of, field, to }: Remedy): string => {
    if (of === 'duty') return verdictOf(withFact(duty, field as 'pressurePa', to), valve);
    if (of === 'house-rule')
      return select(duty, [valve], houseRuleSettings({ [field]: to })).results[0]?.verdict ?? '';
    const value = field === 'approvals' ? [...(valve.approvals ?? []), to] : to;
    return verdictOf(duty, { ...valve, [field]: value });
  };

  it('does what it says, one change at a time, the best verdict first', () => {
    for (const duty of DUTIES)
      for (const valve of VALVES) {
        const { verdict, remedies: found } = remedies(duty, valve, SETTINGS);
        expect(verdict).toBe(verdictOf(duty, valve));
        for (const remedy of found) {
          expect([remedy.field, remedy.to, changed(duty, valve, remedy)]).toEqual([
            remedy.field,
            remedy.to,
            remedy.verdict,
          ]);
          expect(remedy.verdict).not.toBe(verdict);
        }
        const levels = found.map((one) => ['fits', 'care', 'out'].indexOf(one.verdict));
        expect(levels).toEqual([...levels].sort());
      }
  });

  it('leaves no helpful change of an approval or a house rule out', () => {
    const valve: Candidate = { ...VALVES[0]!, approvals: [] };
    const { remedies: found } = remedies(COLD, valve, SETTINGS);
    expect(found.find(({ field }) => field === 'approvals')).toMatchObject({
      to: 'potable',
      verdict: 'fits',
    });
    for (const [rule, { options }] of Object.entries(HOUSE_RULES))
      for (const option of Object.keys(options)) {
        const then = select(COLD, [valve], houseRuleSettings({ [rule]: option })).results[0]?.verdict;
        const isSaid = found.some((one) => one.field === rule && one.to === option);
        expect([rule, option, isSaid]).toEqual([rule, option, then !== 'out' && then !== undefined]);
      }
  });

  it('finds the slowest pressure and the fastest closing that help, to 1 %', () => {
    const strong: Duty = { ...COLD, pressurePa: 9e6 };
    const { remedies: found } = remedies(strong, VALVES[0]!, SETTINGS);
    const lower = found.find(({ field }) => field === 'pressurePa');
    const to = lower?.to as number;
    expect(verdictOf({ ...strong, pressurePa: to * 1.02 }, VALVES[0]!)).not.toBe(lower?.verdict);
    const fast: Duty = { ...COLD, flowM3s: 9e-4, closureTimeS: 0.02, surgeLimitPa: 9e5 };
    const slower = remedies(fast, VALVES[0]!, SETTINGS).remedies.find(
      ({ field }) => field === 'closureTimeS',
    );
    expect(slower?.to).toBeGreaterThan(0.02);
    expect(verdictOf({ ...fast, closureTimeS: (slower?.to as number) * 0.98 }, VALVES[0]!)).not.toBe(
      slower?.verdict,
    );
  });

  it('says nothing of what fits, and answers as a calculation', () => {
    const fits = VALVES.find((valve) => verdictOf(COLD, valve) === 'fits') ?? VALVES[0]!;
    expect(remedies({ ...COLD, flowM3s: 1e-4 }, fits, SETTINGS).remedies).toEqual([]);
    const calc = findCalculation('remedies')!;
    expect(calculate(calc, { duty: COLD, candidate: { type: 'check-swing' } })).toMatchObject({
      verdict: 'out',
    });
    expect(calculate(findCalculation('open-questions')!, { duty: COLD, candidates: [] })).toMatchObject({
      top: null,
      topVerdict: null,
      questions: [],
    });
  });
});

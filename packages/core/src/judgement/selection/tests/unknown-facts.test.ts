import fc from 'fast-check';
import { VALVE_FUNCTIONS, VALVE_TYPES } from '../../../ground/valves/index.js';
import { MEDIA, MEDIUM_FACTS } from '../../../ground/media/index.js';
import { type Candidate, type Duty, houseRuleSettings, judgeCandidate, select } from '../index.js';

const RANK = { fits: 0, care: 1, out: 2 } as const;
const judged = (duty: Duty, valve: Candidate) => judgeCandidate(duty, valve, houseRuleSettings());

/** Facts that may be left open, and what they could be. */
const FACTS: Partial<Record<keyof Duty, readonly unknown[]>> = {
  pressurePa: [1.5e5, 4e5, 7e5, 1.1e6, 2e6],
  temperatureC: [5, 40, 65, 90],
  orientation: ['horizontal', 'vertical-up', 'vertical-down'],
  solids: ['none', 'scale-sediment', 'grit', 'stringy'],
  crossConnection: [true, false],
  threads: ['npt', 'bsp'],
};
const duties: fc.Arbitrary<Duty> = fc.record({
  function: fc.constantFrom(...VALVE_FUNCTIONS),
  medium: fc.constantFrom(...MEDIA),
  dn: fc.constantFrom(15, 20, 50, 100, 200),
  pressurePa: fc.constantFrom(1.5e5, 7e5, 2e6),
  temperatureC: fc.constantFrom(10, 65, 90),
  orientation: fc.constantFrom(undefined, 'horizontal', 'vertical-up'),
  solids: fc.constantFrom(undefined, 'none', 'grit', 'stringy'),
  pipe: fc.constantFrom(undefined, { material: 'steel' as const }, { material: 'copper' as const }),
});
const valves: fc.Arbitrary<Candidate> = fc.record({
  type: fc.constantFrom(...VALVE_TYPES),
  operator: fc.constantFrom(undefined, 'lever', 'gear', 'handwheel'),
  port: fc.constantFrom(undefined, 'full', 'reduced'),
  seatMaterial: fc.constantFrom(undefined, 'ptfe', 'epdm', 'metal'),
  approvals: fc.constantFrom(undefined, [], ['potable' as const], ['gas' as const]),
  ratingId: fc.constantFrom(undefined, 'body-brass-600cwp' as const, 'body-ductile-250psi' as const),
  ends: fc.constantFrom(
    undefined,
    ['fip' as const, 'fip' as const],
    ['press' as const, 'press' as const],
    ['bspp' as const, 'bspp' as const],
  ),
});
const facts = fc.constantFrom(...(Object.keys(FACTS) as (keyof Duty)[]));

/** What a fact could be for a duty: temperatures as far as its medium goes. */
const valuesOf = (fact: keyof Duty, { medium }: Duty): readonly unknown[] => {
  const [coldest, hottest] = MEDIUM_FACTS[medium].rangeC;
  const values = FACTS[fact] ?? [];
  const within = values.filter((value) => Number(value) >= coldest && Number(value) <= hottest);
  return fact === 'temperatureC' ? (within.length > 0 ? within : [coldest, hottest]) : values;
};

describe('a fact that is not known', () => {
  it('gives no verdict better than every value of it would', () => {
    fc.assert(
      fc.property(duties, valves, facts, (duty, valve, fact) => {
        const { [fact]: _known, ...open } = duty;
        const unknown = RANK[judged(open as Duty, valve).verdict];
        const best = Math.min(
          ...valuesOf(fact, duty).map((value) => RANK[judged({ ...duty, [fact]: value }, valve).verdict]),
        );
        expect(unknown).toBeGreaterThanOrEqual(best);
      }),
      { numRuns: 400 },
    );
  });

  it('never rules out what fits once it is known, unless it was asked for', () => {
    fc.assert(
      fc.property(duties, valves, facts, (duty, valve, fact) => {
        const { [fact]: _known, ...open } = duty;
        const { verdict, reasons } = judged(open as Duty, valve);
        if (verdict !== 'out' || reasons.some(({ rule }) => rule === `unknown-${fact}`)) return;
        for (const value of valuesOf(fact, duty))
          expect(judged({ ...duty, [fact]: value }, valve).verdict).not.toBe('fits');
      }),
      { numRuns: 400 },
    );
  });
});

describe('the ranking', () => {
  it('never puts care before what fits, whatever it costs', () => {
    fc.assert(
      fc.property(
        duties,
        fc.array(fc.tuple(valves, fc.double({ min: 1, max: 500, noNaN: true })), {
          minLength: 2,
          maxLength: 12,
        }),
        (duty, priced) => {
          const candidates = priced.map(([valve, unitPrice]): Candidate => ({
            ...valve,
            unitPrice,
            lifeYears: [10, 20],
          }));
          const { results, ranked } = select(duty, candidates);
          const verdicts = ranked.map((index) => results[index]?.verdict);
          expect(verdicts).toEqual([...verdicts].sort((a, b) => RANK[a ?? 'out'] - RANK[b ?? 'out']));
        },
      ),
    );
  });
});

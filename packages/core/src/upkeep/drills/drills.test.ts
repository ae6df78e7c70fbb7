import { InvalidInput } from '../../ground/input/index.js';
import { VALVE_TYPE_FACTS, VALVE_TYPES } from '../../ground/valves/index.js';
import { houseRuleSettings, select } from '../../judgement/selection/index.js';
import { isolate } from '../../physics/isolation/index.js';
import { holdTest } from '../../physics/pressure-test/index.js';
import { checkDiagnosis } from '../../physics/station-log/index.js';
import { readOrder } from '../../trade/order-wording/index.js';
import {
  DRILL_KINDS,
  DRILL_LEVELS,
  DRILL_TRADES,
  type DrillKind,
  type DrillQuestions,
  type DrillSeed,
  KINDS_OF_TRADE,
  drill,
  gradeDrill,
  peakOf,
  typeDrawn,
} from './index.js';
import { HEARD } from './kinds/heard-by-ear.js';

/** Of each level, so that a kind has more than 200. */
const SEEDS = 70;
const seeds = Array.from({ length: SEEDS }, (_, seed) => seed);
const asked = <K extends DrillKind>(of: DrillSeed & { kind: K }): DrillQuestions[K] =>
  drill(of).question as DrillQuestions[K];

describe.each(DRILL_KINDS)('%s', (kind) => {
  it.each(DRILL_LEVELS)(
    'makes 70 different drills of level %i, each with a key that is graded right',
    (level) => {
      const shown = new Set<string>();
      for (const seed of seeds) {
        const made = drill({ kind, seed, level });
        const graded = made.grade(made.key);
        expect(graded).toMatchObject({ right: true, score: 1 });
        expect(graded.why.length).toBeGreaterThan(0);
        shown.add(JSON.stringify([made.question, made.answer]));
      }
      expect(shown.size).toBeGreaterThan(
        SEEDS * (kind === 'touch-it-or-not' || kind === 'purge-order' ? 0.5 : 0.9),
      );
    },
  );

  it('gives the same from the same seed, and does not show its key in the question', () => {
    const of = { kind, seed: 11, level: 2 } as const;
    expect(JSON.stringify(drill(of))).toBe(JSON.stringify(drill(of)));
    expect(JSON.stringify(drill(of).question)).not.toContain(`"key"`);
  });
});

it('asks of every type, level and trade that it can', () => {
  const types = new Set(
    [...seeds, ...seeds.map((seed) => seed + 1000)].map((seed) =>
      typeDrawn(asked({ kind: 'name-it', seed, level: 1 }).drawing),
    ),
  );
  expect(types.size).toBe(VALVE_TYPES.length - 2);
  for (const trade of DRILL_TRADES.filter((one) => one !== 'water'))
    for (const kind of KINDS_OF_TRADE[trade])
      for (const level of DRILL_LEVELS)
        for (const seed of [1, 2, 3, 4, 5])
          expect({ kind, trade: drill({ kind, seed, level, trade }).trade }).toEqual({ kind, trade });
});

it('tells by ear what moves and seals, never the type', () => {
  for (const type of VALVE_TYPES) {
    const [name = ''] = VALVE_TYPE_FACTS[type].words.split(',');
    const heard = `${HEARD[type].moves} ${HEARD[type].seals}`.toLowerCase();
    expect(heard).not.toContain(name);
  }
});

describe('keys are those of the calculations', () => {
  it('which valve and which check: the best by select, and better than all others', () => {
    for (const kind of ['which-valve', 'which-check'] as const)
      for (const level of DRILL_LEVELS)
        for (const seed of seeds.slice(0, 60)) {
          const of = { kind, seed, level };
          const { duty, candidates } = asked(of);
          const { results, ranked } = select(duty, candidates, houseRuleSettings());
          expect(drill(of).key).toBe(String(ranked[0]));
          const best = results[ranked[0] as number];
          expect(results.filter(({ verdict }) => verdict === best?.verdict)).toHaveLength(1);
        }
  });

  it('what to close: by isolate, and nobody is out of service without need', () => {
    for (const seed of seeds) {
      const of = { kind: 'what-to-close', seed, level: 3 } as const;
      const { network, fault } = asked(of);
      const { close, impossible } = isolate(network, fault);
      expect(impossible).toBe(false);
      expect(drill(of).key).toEqual(close);
    }
  });

  it('a gauge and a station by their own calculations', () => {
    for (const seed of seeds.slice(0, 60)) {
      const held = { kind: 'holds-or-not', seed, level: 3 } as const;
      expect(drill(held).key).toBe(holdTest(asked(held)).verdict);
      const station = { kind: 'what-is-wrong', seed, level: 2 } as const;
      expect(String(drill(station).key).split('@')[0]).toBe(checkDiagnosis(asked(station)).verdict);
    }
  });

  it('what is missing by the order line', () => {
    for (const seed of seeds) {
      const of = { kind: 'hear-it', seed, level: 2 } as const;
      const missing = readOrder(asked(of).said).missing.map(({ field }) => field);
      expect(drill(of).key).toBe(missing.sort().join('+'));
    }
  });
});

describe('answers that are nearly right', () => {
  it('a valve said without one field has its share, and the reason names the field', () => {
    const of = { kind: 'say-it', seed: 3, level: 1 } as const;
    const { facts } = asked(of);
    const graded = gradeDrill(of, String(drill(of).key).replace(/, (quarter turn|multi-turn)/, ''));
    expect(graded.right).toBe(false);
    expect(graded.score).toBeCloseTo(1 - 1 / facts.length, 6);
    expect(graded.why[0]?.text).toMatch(/^Action is missing: .* Quarter turn lasts longer/);
  });

  it('one valve too few leaves the burst fed, and has a share of the score', () => {
    const of = seeds
      .map((seed) => ({ kind: 'what-to-close', seed, level: 3 }) as const)
      .find((one) => (drill(one).key as string[]).length > 1 && isFedWithoutLast(one));
    if (!of) throw new Error('no seed has a burst that is fed from two sides');
    const graded = gradeDrill(of, (drill(of).key as string[]).slice(1));
    expect(graded).toMatchObject({ right: false });
    expect(graded.score).toBeGreaterThan(0);
    expect(graded.score).toBeLessThan(1);
    expect(graded.why[0]?.text).toMatch(/^Water still reaches the burst: close /);
  });

  it('a dead valve is never relied on, and closing the street puts others out of service', () => {
    const of = { kind: 'what-to-close', seed: 5, level: 2 } as const;
    const { network } = asked(of);
    const dead = network.links.find(({ state }) => state !== undefined && state !== 'works');
    const graded = gradeDrill(of, [...(drill(of).key as string[]), dead?.id ?? '']);
    expect(graded).toMatchObject({ right: false, score: 0.6 });
    expect(graded.why[0]?.text).toContain(`${dead?.id} cannot be relied on`);
  });

  it('snapped shut it goes over the limit; too slow it runs out of time', () => {
    const of = { kind: 'shut-it', seed: 2, level: 1 } as const;
    const question = asked(of);
    const closed = (timeS: number) => [
      { timeS: 0, opening: 1 },
      { timeS, opening: 0 },
    ];
    expect(peakOf(question, closed(0.1))).toBeGreaterThan(question.limitPa);
    expect(gradeDrill(of, closed(0.1)).right).toBe(false);
    const slow = gradeDrill(of, closed(question.withinS * 2));
    expect(slow).toMatchObject({ right: false, score: 0.5 });
    expect(slow.why.at(-1)?.text).toMatch(/^The clock gave /);
  });

  it('two steps changed round have the share of the pairs that stand right', () => {
    const of = { kind: 'purge-order', seed: 4, level: 1 } as const;
    const [first = '', second = '', ...rest] = drill(of).key as string[];
    const graded = gradeDrill(of, [second, first, ...rest]);
    expect(graded.right).toBe(false);
    expect(graded.score).toBeCloseTo(1 - 1 / ((9 * 8) / 2), 6);
    expect(graded.why[0]?.text).toMatch(/^It begins with “Set up the barrier/);
  });

  it('a leak called tight has nothing; another trouble at a station has its share', () => {
    const leak = seeds
      .map((seed) => ({ kind: 'holds-or-not', seed, level: 2 }) as const)
      .find((one) => drill(one).key === 'leaks');
    expect(leak && gradeDrill(leak, 'holds').score).toBe(0);
    expect(leak && gradeDrill(leak, 'not-proved').score).toBe(0.3);
  });
});

/** Whether the burst is still fed when the first valve of the key stays open. */
function isFedWithoutLast(of: DrillSeed): boolean {
  return !drill(of).grade((drill(of).key as string[]).slice(1)).right;
}

describe('where good people differ', () => {
  it('an old gate nobody operated passes worked and left alone, and the other practice is named', () => {
    const of = seeds
      .map((seed) => ({ kind: 'touch-it-or-not', seed, level: 2 }) as const)
      .find((one) => {
        const { place } = asked(one);
        return (
          place.condition.type === 'gate-solid' &&
          drill(one).key === 'leave-it' &&
          place.condition.turning !== 'seized'
        );
      });
    if (!of) throw new Error('no seed has an old gate');
    const graded = gradeDrill(of, 'work-it');
    expect(graded.right).toBe(true);
    expect(graded.why[0]?.text).toMatch(
      /^Good people differ here, and both pass\. Other practice: Exercise every gate/,
    );
    expect(gradeDrill(of, 'replace-now').right).toBe(false);
    const exercised = houseRuleSettings({ 'old-gates': 'exercise' });
    expect(gradeDrill(of, 'leave-it', exercised).right).toBe(true);
  });

  it('a ball check on sewage passes beside a flapper', () => {
    const of = seeds
      .map((seed) => ({ kind: 'which-check', seed, level: 3, trade: 'sewage' }) as const)
      .find(
        (one) =>
          asked(one).candidates.some(({ type }) => type === 'check-ball') &&
          asked(one).duty.medium === 'raw-sewage',
      );
    if (!of) throw new Error('no seed has a ball check on sewage');
    const { candidates } = asked(of);
    const ball = candidates.findIndex(({ type }) => type === 'check-ball');
    expect(
      gradeDrill(of, String(ball))
        .why.map(({ text }) => text)
        .join(' '),
    ).toMatch(/ball/i);
  });
});

it.each([
  [
    { kind: 'name-it', seed: 1, level: 1 },
    'whatever',
    /^answer is whatever, which is not offered: give one of /,
  ],
  [{ kind: 'what-to-close', seed: 1, level: 1 }, ['X'], /^answer is X, which is not offered/],
  [{ kind: 'purge-order', seed: 1, level: 1 }, ['watch', 'watch'], /^answer has watch twice/],
  [
    { kind: 'shut-it', seed: 1, level: 1 },
    [
      { timeS: 0, opening: 1 },
      { timeS: 1, opening: 0.5 },
    ],
    /begin open, at 1, and end closed, at 0\.$/,
  ],
  [
    { kind: 'shut-it', seed: 1, level: 1 },
    [
      { timeS: 2, opening: 1 },
      { timeS: 1, opening: 0 },
    ],
    /times must not fall/,
  ],
  [{ kind: 'say-it', seed: 1, level: 1 }, '', /^answer/],
] as const)('an answer that is none of its form is refused: %j', (of, answer, message) => {
  expect(() => gradeDrill(of, answer)).toThrow(InvalidInput);
  expect(() => gradeDrill(of, answer)).toThrow(message);
});

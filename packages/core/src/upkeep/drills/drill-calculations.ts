import { calculation } from '../../ground/calculation/index.js';
import { type Field, choice, number, optional, record } from '../../ground/input/index.js';
import { houseRuleSettings, houseRulesInput } from '../../judgement/selection/index.js';
import { type DrillSeed, drill, gradeDrill } from './drill.js';
import { DRILL_KINDS, DRILL_TRADES, type DrillLevel } from './made-drill.js';

/** Seeds lie between it and its negative. */
export const LAST_SEED = 2 ** 31;

const fields = {
  kind: choice(DRILL_KINDS),
  seed: number({ integer: true, min: -LAST_SEED, max: LAST_SEED }),
  level: number({ integer: true, min: 1, max: 3 }),
  trade: optional(choice(DRILL_TRADES, 'about this only; about anything where left out')),
  houseRules: optional(houseRulesInput),
};

/** Anything: the form of the answer is checked against the drill. */
const anyAnswer: Field<unknown> = {
  takes: 'an answer in the form that the drill asks for',
  schema: {},
  read: (value) => value,
};

type Given = Omit<DrillSeed, 'level'> & { level: number };
const seedOf = ({ kind, seed, level, trade }: Given): DrillSeed => ({
  kind,
  seed,
  level: level as DrillLevel,
  trade,
});

const EXAMPLE = { kind: 'name-it', seed: 1, level: 1 } as const;
const SAME = 'The same kind, seed, level, trade and house rules give the same drill.';

export const drillCalculation = calculation({
  name: 'drill',
  summary: 'A drill made from a seed: what is shown, and how it is answered.',
  input: record(fields),
  gives: {
    question: 'what is shown, by kind: ids and figures',
    answer:
      'form (choice, order, text, valves, closing) and, for choice and order, what may be chosen: answered by an id, ids in order, a text, ids of valves, or timeS and opening from 1 down to 0',
    trade: 'what it is about: water, gas, fire, steam, sewage',
  },
  notes: [SAME],
  example: EXAMPLE,
  run: ({ houseRules, ...of }) => {
    const { question, answer, trade } = drill(seedOf(of), houseRuleSettings(houseRules));
    return { question, answer, trade };
  },
});

export const drillGradeCalculation = calculation({
  name: 'drill-grade',
  summary: 'An answer to a drill, graded by the calculation that the drill is about.',
  input: record({ ...fields, answer: anyAnswer }),
  gives: {
    right: 'whether it passes; where good people differ, both sides do',
    score: '0 to 1: what is nearly right has its share',
    key: 'an answer that passes, in the same form',
    why: 'reasons, each a text',
  },
  notes: [SAME],
  example: { ...EXAMPLE, answer: drill(EXAMPLE).key },
  run: ({ houseRules, answer, ...of }) => gradeDrill(seedOf(of), answer, houseRuleSettings(houseRules)),
});

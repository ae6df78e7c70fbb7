import { calculation } from '../../ground/calculation/index.js';
import { InvalidInput, choice, list, optional, record } from '../../ground/input/index.js';
import { candidateInput, dutyInput, houseRuleSettings, houseRulesInput } from '../duty/index.js';
import { MARGIN_FACTS } from './margin-facts.js';
import { margins } from './margins.js';
import { openQuestions } from './open-questions.js';
import { factOf } from './read-facts.js';
import { remedies } from './remedies.js';

const MOST_CANDIDATES = 500;
const candidates = list(candidateInput, { most: MOST_CANDIDATES });
const houseRules = optional(houseRulesInput);
const EXAMPLE_DUTY = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
} as const;
const EXAMPLE_VALVE = {
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  ratingId: 'body-brass-600cwp',
  ends: ['press', 'press'],
  approvals: ['potable'],
};

export const marginsCalculation = calculation({
  name: 'margins',
  summary: 'Until when a verdict holds: for each fact, up and down, the nearest value at which it changes.',
  input: record({
    duty: dutyInput,
    candidates,
    houseRules,
    facts: optional(list(choice(MARGIN_FACTS), { most: MARGIN_FACTS.length })),
  }),
  gives: {
    results:
      'one a candidate: index, verdict, edges (fact, direction up or down, value in SI, verdict beyond it, and the rule that makes it so or falls silent)',
  },
  notes: [
    `Facts: ${MARGIN_FACTS.join(', ')}; those the duty gives unless named.`,
    'An edge is within 0.1 % of where it is, or within 0.01 % of the range; no edge within the range, no entry.',
  ],
  example: { duty: EXAMPLE_DUTY, candidates: [EXAMPLE_VALVE] },
  run: ({ duty, candidates: valves, houseRules: rules, facts }) => {
    const missing = facts?.findIndex((fact) => factOf(duty, fact) === undefined) ?? -1;
    if (missing >= 0)
      throw new InvalidInput(
        `facts[${missing}]`,
        `facts[${missing}] is "${facts?.[missing]}", which the duty does not give: name facts that it gives.`,
      );
    return { results: margins(duty, valves, houseRuleSettings(rules), facts && [...new Set(facts)]) };
  },
});

export const openQuestionsCalculation = calculation({
  name: 'open-questions',
  summary: 'What is worth asking first: facts left open whose answer could change the pick.',
  input: record({ duty: dutyInput, candidates, houseRules }),
  gives: {
    top: 'index of the first choice as things stand, or null',
    topVerdict: 'its verdict, or null',
    questions:
      'fact, matters (pick, verdict or others) and values: each with the first choice then, its verdict, and the candidates whose verdict is another; what moves the pick first',
    idle: 'facts that would change nothing',
  },
  notes: [
    'Facts are tried at each of their ids, at yes and no, and at usual figures; outletPressurePa and heatInputW are asked by their own rules.',
  ],
  example: { duty: EXAMPLE_DUTY, candidates: [EXAMPLE_VALVE] },
  run: ({ duty, candidates: valves, houseRules: rules }) =>
    openQuestions(duty, valves, houseRuleSettings(rules)),
});

export const remediesCalculation = calculation({
  name: 'remedies',
  summary:
    'What would make a valve fit: each single change of valve, duty or house rule that lifts its verdict.',
  input: record({ duty: dutyInput, candidate: candidateInput, houseRules }),
  gives: {
    verdict: 'as things stand',
    remedies:
      'of (candidate, duty, house-rule), field, to, the verdict then, and the rules that fall silent; the best verdict first',
  },
  notes: [
    'closureTimeS is the least time that reaches the best verdict, pressurePa the highest lower pressure; both to 1 %.',
  ],
  example: { duty: EXAMPLE_DUTY, candidate: { ...EXAMPLE_VALVE, approvals: [] } },
  run: ({ duty, candidate, houseRules: rules }) => remedies(duty, candidate, houseRuleSettings(rules)),
});

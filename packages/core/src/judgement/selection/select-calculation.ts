import { calculation } from '../../ground/calculation/index.js';
import { list, optional, record } from '../../ground/input/index.js';
import { ADVICE } from './advice.js';
import { candidateInput, dutyInput, houseRuleSettings, houseRulesInput } from '../duty/index.js';
import { type Selection, select } from './select.js';
import { STANDARD_WEIGHTS, weightsInput } from './weights.js';

const input = record({
  duty: dutyInput,
  candidates: optional(list(candidateInput, { most: 20_000 })),
  houseRules: optional(houseRulesInput),
  weights: optional(weightsInput),
});

export const selectCalculation = calculation({
  name: 'select',
  summary: 'Judges candidates for a duty (fits, care or out) with reasons, and ranks them.',
  input,
  gives: {
    results:
      'one a candidate in the order given: index, type, verdict, reasons (rule, verdict, text, measured, houseRule), score 0 to 100 or null for out',
    ranked: 'indexes of what is not out, best first',
  },
  notes: [
    'Without candidates, every type that could serve the function is judged as its generic self.',
    'Rule groups: function; medium and material; bore and solids; place and hands; checks; waterworks; house rules.',
    'weights (judgement, price, loss, service) are proportions; 70, 30, 0, 0 unless given. A part not known for every valve left counts for none.',
    'A deciding fact that is missing gives the reason unknown-<field>, verdict care.',
    ADVICE,
  ],
  example: {
    duty: { function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 517107, temperatureC: 10 },
    candidates: [
      {
        type: 'ball',
        port: 'full',
        seatMaterial: 'ptfe',
        ratingId: 'body-brass-600cwp',
        ends: ['press', 'press'],
        approvals: ['potable'],
      },
    ],
  },
  run: ({ duty, candidates, houseRules, weights }): Selection =>
    select(duty, candidates, houseRuleSettings(houseRules), { weights: weights ?? STANDARD_WEIGHTS }),
});

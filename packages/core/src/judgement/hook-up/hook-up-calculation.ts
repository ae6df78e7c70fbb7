import { calculation } from '../../ground/calculation/index.js';
import {
  type ValueOf,
  choice,
  flag,
  list,
  number,
  optional,
  record,
  text,
} from '../../ground/input/index.js';
import { ACCESSORIES } from '../../ground/valves/index.js';
import { PIPE_MATERIALS } from '../../ground/pipes/index.js';
import { candidateInput, dutyInput, houseRulesInput, houseRuleSettings } from '../duty/index.js';
import { LINE_STOP_IDS } from './change-of-valve.js';
import { hookUp } from './hook-up.js';
import { PLACE_LIMIT_IDS } from './place-limits.js';

const pipe = optional(
  record({
    material: choice(PIPE_MATERIALS),
    dn: number({ unit: 'DN', integer: true, above: 0, max: 3000 }),
  }),
);
const connection = optional(text(60, 'its id'));

/** What a person settled about a position's hook-up: the rest follows from duty and pick. */
export const hookUpChoicesInput = record({
  pipes: optional(record({ in: pipe, out: pipe })),
  limits: optional(list(choice(PLACE_LIMIT_IDS), { most: PLACE_LIMIT_IDS.length })),
  ways: optional(record({ in: connection, out: connection })),
  coverM: optional(number({ unit: 'm', min: 0, max: 30, meaning: 'cover over a buried valve' })),
  accessories: optional(list(choice(ACCESSORIES), { most: ACCESSORIES.length })),
  metricTube: optional(flag('tube is bought by its outside in mm: 15, 22, 28, 35, 42, 54')),
  stop: optional(choice(LINE_STOP_IDS, 'what shuts the line while an existing valve is changed')),
  oldLengthM: optional(number({ unit: 'm', above: 0, max: 10, meaning: 'existing valve end to end' })),
  newLengthM: optional(number({ unit: 'm', above: 0, max: 10, meaning: 'new valve end to end' })),
});

export type HookUpChoices = ValueOf<typeof hookUpChoicesInput>;

export const hookUpCalculation = calculation({
  name: 'hook-up',
  summary:
    'How a valve connects to the pipe on each side: connection methods with a verdict each, the kit, and the orientation.',
  input: record({
    duty: dutyInput,
    valve: candidateInput,
    choices: optional(hookUpChoicesInput),
    houseRules: optional(houseRulesInput),
  }),
  gives: {
    verdict: 'of the connections chosen and of the whole: fits, care or out',
    sides:
      'in and out: pipe, end, ways (joints, parts, verdict, reasons, weakest part), taken, beside (between pipe and joint)',
    common: 'what a valve in the ground needs beside',
    kit: 'every part with its count; without a count as much as it takes',
    facing: 'what must face where, with the room it takes in m',
    reasons: 'about the whole, each with its rule and verdict',
    change:
      'where the duty is of an existing valve: parts, steps, and takeUpM, how much longer the new valve is',
    weakest: 'name and allowable pressure (Pa) of the weakest part as it is joined',
  },
  notes: [
    'Without a pipe of its own a side has the duty’s pipe in the duty’s size; a side whose pipe is not known is left out and asked for.',
    'What the duty says of the place (occupied, concealed) forbids a torch and hidden joints that have to be reached.',
  ],
  example: {
    duty: {
      medium: 'potable-cold',
      function: 'isolate',
      dn: 20,
      pressurePa: 517107,
      temperatureC: 10,
      pipe: { material: 'copper' },
    },
    valve: { type: 'ball', ratingId: 'body-brass-600cwp', bodyMaterial: 'dzr-brass', ends: ['fip', 'fip'] },
    choices: { limits: ['no-torch'] },
  },
  run: ({ duty, valve, choices, houseRules }) =>
    hookUp({ duty, valve, ...choices, settings: houseRuleSettings(houseRules) }),
});

import { calculation } from '../../ground/calculation/index.js';
import { choice, flag, list, number, optional, record } from '../../ground/input/index.js';
import { MEDIA } from '../../ground/media/index.js';
import { OPERATORS, VALVE_FUNCTIONS, VALVE_TYPES } from '../../ground/valves/index.js';
import { TASKS } from '../../judgement/log/index.js';
import { PLACES, houseRulesInput } from '../../judgement/selection/index.js';
import { calendarDay } from './calendar-day.js';
import { nextDue } from './next-due.js';

export const nextDueCalculation = calculation({
  name: 'next-due',
  summary: 'What is to be done at a valve in service, and when next.',
  input: record({
    type: choice(VALVE_TYPES),
    medium: choice(MEDIA),
    function: choice(VALVE_FUNCTIONS),
    dn: number({ unit: 'mm nominal', above: 0, max: 3000 }),
    place: optional(choice(PLACES)),
    operator: optional(choice(OPERATORS)),
    supervised: optional(flag('locked, or its position is supervised')),
    pieces: optional(number({ integer: true, min: 1, max: 3 })),
    houseRules: optional(houseRulesInput),
    installedOn: optional(calendarDay),
    done: optional(list(record({ task: choice(TASKS), on: calendarDay }), { most: 10_000 })),
    asOf: calendarDay,
  }),
  gives: {
    tasks: 'by dueOn, then task: task, every ({months} or {days}), dueOn, overdueDays, why',
  },
  notes: [
    'A task is due its interval after it was last done, else after the valve was installed; where neither is known it is due on asOf.',
    'House rules old-gates and ball-maintenance may leave exercise out.',
    'The authority, the insurer and the maker’s sheet come before these intervals.',
  ],
  basis: {
    method: 'The first row of each task that fits; calendar months, the day cut to the last of the month.',
    source: 'Usual practice of waterworks and fire inspection (AWWA M44, NFPA 25).',
    limits: 'Dates alone: what was found at the valve is not looked at.',
    ignores: 'Water that ages rubber sooner, seasons, access.',
  },
  example: {
    type: 'gate-resilient',
    medium: 'potable-cold',
    function: 'isolate',
    dn: 100,
    installedOn: '2024-05-31',
    asOf: '2026-11-28',
  },
  run: nextDue,
});

import { type Field, type RecordOf, choice, optional, record } from '../../ground/input/index.js';

interface HouseRuleFacts {
  question: string;
  /** Each option in a sentence, by its id. */
  options: Readonly<Record<string, string>>;
  default: string;
}

/** Where good people differ. A company chooses an option, and a verdict quotes the one in force beside the others. */
export const HOUSE_RULES = {
  'ball-throttling': {
    question: 'May a ball valve throttle?',
    options: {
      never: 'Never: the seat wears and control is coarse.',
      care: 'For rough balancing it may. Double-seated balls with actuators do control large lines.',
    },
    default: 'care',
  },
  'butterfly-shutoff': {
    question: 'May a butterfly valve shut off?',
    options: {
      never: 'Never for shut-off.',
      resilient: 'A rubber seat is drip tight and the handle shows the position, which is good for lock-out.',
    },
    default: 'resilient',
  },
  'old-gates': {
    question: 'What about a gate nobody has operated?',
    options: {
      leave: 'Do not operate it: close upstream and replace it.',
      exercise: 'Exercise every gate every year so that none seizes.',
      'by-age':
        'Do not operate it when it is seized or was not exercised for over three years; exercise the rest.',
    },
    default: 'by-age',
  },
  'gate-life': {
    question: 'May a building have gate valves?',
    options: {
      exercised: 'Yes, if they are exercised.',
      'on-sight': 'Replace every gate found with a quarter turn.',
      planned: 'Replace faulty gates now and plan the rest.',
    },
    default: 'planned',
  },
  'push-fit': {
    question: 'Where may push-fit be used?',
    options: {
      anywhere: 'Anywhere it is approved.',
      visible: 'Only where it can be seen.',
      never: 'Not used.',
    },
    default: 'visible',
  },
  'gas-cock': {
    question: 'Which gas cock?',
    options: {
      butterfly: 'Butterfly gas cock: fewest leak paths, not full flow.',
      ball: 'Ball valve: common and cheaper.',
      either: 'Either one; never a new taper plug.',
    },
    default: 'either',
  },
  stops: {
    question: 'Which stops under fixtures?',
    options: { 'quarter-turn': 'Quarter turn everywhere.', 'multi-turn': 'Multi-turn where cost decides.' },
    default: 'quarter-turn',
  },
  'sewage-check': {
    question: 'Which check on sewage?',
    options: {
      flapper: 'Flapper: a failure is noticed.',
      ball: 'Ball check: it passes solids; a failure is silent.',
      'by-size': 'Flapper up to DN100; ball check with yearly inspection.',
    },
    default: 'by-size',
  },
  'riser-purge': {
    question: 'Which valve is a riser purged through?',
    options: {
      permanent: 'The permanent valve, slightly open.',
      sacrificial: 'Always a sacrificial valve.',
    },
    default: 'sacrificial',
  },
  port: {
    question: 'Full or reduced port?',
    options: {
      full: 'Full port everywhere.',
      'by-loss': 'Reduced port where the calculated loss allows it.',
    },
    default: 'by-loss',
  },
  'ball-maintenance': {
    question: 'Does a ball valve need maintenance?',
    options: {
      none: 'No maintenance.',
      yearly: 'Exercise it yearly; adjust the seats where they are adjustable.',
    },
    default: 'yearly',
  },
} as const satisfies Record<string, HouseRuleFacts>;

export type HouseRule = keyof typeof HOUSE_RULES;
export type OptionOf<R extends HouseRule> = keyof (typeof HOUSE_RULES)[R]['options'] & string;
export type HouseRuleSettings = { [R in HouseRule]: OptionOf<R> };

const fields = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, rule]) => [
    id,
    optional(choice(Object.keys(rule.options), `default ${rule.default}`)),
  ]),
) as unknown as { [R in HouseRule]: Field<OptionOf<R> | undefined> };

/** The options a company has taken; what it has not settled takes the default. */
export const houseRulesInput = record(fields);

/** Every rule's option, the default where none is chosen. */
export function houseRuleSettings(taken: RecordOf<typeof fields> = {}): HouseRuleSettings {
  const defaults = Object.fromEntries(
    Object.entries(HOUSE_RULES).map(([id, rule]) => [id, rule.default]),
  ) as HouseRuleSettings;
  return { ...defaults, ...(taken as Partial<HouseRuleSettings>) };
}

const QUOTE = ' House rule: ';

/** For each option of each rule: itself, and what the others hold. Written once, said of many valves. */
const QUOTED = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, { options }]) => [
    id,
    Object.fromEntries(
      Object.entries(options).map(([option, says]) => {
        const others = Object.entries(options).filter(([other]) => other !== option);
        return [option, `${QUOTE}${says} Other practice: ${others.map(([, theirs]) => theirs).join(' ')}`];
      }),
    ),
  ]),
) as Record<HouseRule, Record<string, string>>;

/** A claim followed by the option in force and what the others say. */
export function withOptions<R extends HouseRule>(claim: string, id: R, option: OptionOf<R>): string {
  return claim + (QUOTED[id][option] ?? '');
}

/** The claim of a reason's text alone, and the quoted options where a house rule decided. */
export function claimAndOptions(text: string): { claim: string; options?: string } {
  const [claim = text, options] = text.split(QUOTE);
  return { claim, ...(options !== undefined && { options }) };
}

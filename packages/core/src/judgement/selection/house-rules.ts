import { type Field, type RecordOf, choice, optional, record } from '../../ground/input/index.js';

interface HouseRuleFacts {
  question: string;
  /** Each side in a sentence, by its id. */
  sides: Readonly<Record<string, string>>;
  standard: string;
}

/** Where good people differ. A company takes a side, and a verdict quotes the one in force beside the others. */
export const HOUSE_RULES = {
  'ball-throttling': {
    question: 'May a ball valve throttle?',
    sides: {
      never: 'Never: the seat wears and control is coarse.',
      care: 'For rough balancing it may. Double-seated balls with actuators do control large lines.',
    },
    standard: 'care',
  },
  'butterfly-shutoff': {
    question: 'May a butterfly valve shut off?',
    sides: {
      never: 'Never for shut-off.',
      resilient: 'A rubber seat is drip tight and the handle shows the position, which is good for lock-out.',
    },
    standard: 'resilient',
  },
  'old-gates': {
    question: 'What about a gate nobody has operated?',
    sides: {
      leave: 'Do not operate it: close upstream and replace it.',
      exercise: 'Exercise every gate every year so that none seizes.',
      'by-age':
        'Do not operate it when it is seized or was not exercised for over three years; exercise the rest.',
    },
    standard: 'by-age',
  },
  'gate-life': {
    question: 'May a building have gate valves?',
    sides: {
      exercised: 'Yes, if they are exercised.',
      'on-sight': 'Replace every gate found with a quarter turn.',
      planned: 'Replace faulty gates now and plan the rest.',
    },
    standard: 'planned',
  },
  'push-fit': {
    question: 'Where may push-fit be used?',
    sides: {
      anywhere: 'Anywhere it is approved.',
      visible: 'Only where it can be seen.',
      never: 'Not used.',
    },
    standard: 'visible',
  },
  'gas-cock': {
    question: 'Which gas cock?',
    sides: {
      butterfly: 'Butterfly gas cock: fewest leak paths, not full flow.',
      ball: 'Ball valve: common and cheaper.',
      either: 'Either one; never a new taper plug.',
    },
    standard: 'either',
  },
  stops: {
    question: 'Which stops under fixtures?',
    sides: { 'quarter-turn': 'Quarter turn everywhere.', 'multi-turn': 'Multi-turn where cost decides.' },
    standard: 'quarter-turn',
  },
  'sewage-check': {
    question: 'Which check on sewage?',
    sides: {
      flapper: 'Flapper: a failure is noticed.',
      ball: 'Ball check: it passes solids; a failure is silent.',
      'by-size': 'Flapper up to DN100; ball check with yearly inspection.',
    },
    standard: 'by-size',
  },
  'riser-purge': {
    question: 'Which valve is a riser purged through?',
    sides: {
      permanent: 'The permanent valve, slightly open.',
      sacrificial: 'Always a sacrificial valve.',
    },
    standard: 'sacrificial',
  },
  port: {
    question: 'Full or reduced port?',
    sides: { full: 'Full port everywhere.', 'by-loss': 'Reduced port where the calculated loss allows it.' },
    standard: 'by-loss',
  },
  'ball-maintenance': {
    question: 'Does a ball valve need maintenance?',
    sides: {
      none: 'No maintenance.',
      yearly: 'Exercise it yearly; adjust the seats where they are adjustable.',
    },
    standard: 'yearly',
  },
} as const satisfies Record<string, HouseRuleFacts>;

export type HouseRule = keyof typeof HOUSE_RULES;
export type SideOf<R extends HouseRule> = keyof (typeof HOUSE_RULES)[R]['sides'] & string;
export type HouseRuleSettings = { [R in HouseRule]: SideOf<R> };

const fields = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, rule]) => [
    id,
    optional(choice(Object.keys(rule.sides), `standard ${rule.standard}`)),
  ]),
) as unknown as { [R in HouseRule]: Field<SideOf<R> | undefined> };

/** The sides a company has taken; what it has not settled takes the standard side. */
export const houseRulesInput = record(fields);

/** Every rule's side, the standard one where none is taken. */
export function houseRuleSettings(taken: RecordOf<typeof fields> = {}): HouseRuleSettings {
  const standard = Object.fromEntries(
    Object.entries(HOUSE_RULES).map(([id, rule]) => [id, rule.standard]),
  ) as HouseRuleSettings;
  return { ...standard, ...(taken as Partial<HouseRuleSettings>) };
}

const QUOTE = ' House rule: ';

/** For each side of each rule: itself, and what the others hold. Written once, said of many valves. */
const QUOTED = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, { sides }]) => [
    id,
    Object.fromEntries(
      Object.entries(sides).map(([side, says]) => {
        const others = Object.entries(sides).filter(([other]) => other !== side);
        return [side, `${QUOTE}${says} Other practice: ${others.map(([, theirs]) => theirs).join(' ')}`];
      }),
    ),
  ]),
) as Record<HouseRule, Record<string, string>>;

/** A claim followed by the side in force and what the others say. */
export function withSides<R extends HouseRule>(claim: string, id: R, side: SideOf<R>): string {
  return claim + (QUOTED[id][side] ?? '');
}

/** The claim of a reason's text alone, and the quoted sides where a house rule decided. */
export function claimAndSides(text: string): { claim: string; sides?: string } {
  const [claim = text, sides] = text.split(QUOTE);
  return { claim, ...(sides !== undefined && { sides }) };
}

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
      never: 'Never: the seat wears and the control is coarse.',
      care: 'For rough balancing it may; double-seated balls with actuators do control big lines.',
    },
    standard: 'care',
  },
  'butterfly-shutoff': {
    question: 'May a butterfly valve shut off?',
    sides: {
      never: 'Never for shut-off.',
      resilient: 'A rubber seat is drip tight and the handle shows it, which is good for lock-out.',
    },
    standard: 'resilient',
  },
  'old-gates': {
    question: 'What is done with a gate nobody has turned?',
    sides: {
      leave: 'Leave it alone, shut upstream, replace it.',
      exercise: 'Exercise every gate every year so that none freezes.',
      'by-age': 'Hands off when unexercised over three years or seized; exercise the rest.',
    },
    standard: 'by-age',
  },
  'gate-life': {
    question: 'Is a gate good enough for a building?',
    sides: {
      exercised: 'A gate is fine for a building if it is exercised.',
      'on-sight': 'Replace on sight with quarter turn.',
      planned: 'Replace when found faulty and plan the rest.',
    },
    standard: 'planned',
  },
  'push-fit': {
    question: 'Where may push-fit go?',
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
      butterfly: 'Butterfly cock: fewest leak paths, not full flow.',
      ball: 'Ball: common and cheaper.',
      either: 'Either; a taper plug never new.',
    },
    standard: 'either',
  },
  stops: {
    question: 'Which stops under fixtures?',
    sides: { 'quarter-turn': 'Quarter turn everywhere.', 'multi-turn': 'Multi-turn where cost rules.' },
    standard: 'quarter-turn',
  },
  'sewage-check': {
    question: 'Which check on sewage?',
    sides: {
      flapper: 'Flapper: it fails loud.',
      ball: 'Ball: it passes solids and fails silent.',
      'by-size': 'Flapper to DN100; a ball with yearly inspection.',
    },
    standard: 'by-size',
  },
  'riser-purge': {
    question: 'Through which valve is a riser purged?',
    sides: {
      permanent: 'Through the permanent valve, cracked.',
      sacrificial: 'Through a sacrificial valve, always.',
    },
    standard: 'sacrificial',
  },
  port: {
    question: 'Full or reduced port?',
    sides: { full: 'Full port everywhere.', 'by-loss': 'Reduced where the measured loss allows it.' },
    standard: 'by-loss',
  },
  'ball-maintenance': {
    question: 'Does a ball valve want maintenance?',
    sides: { none: 'It needs none.', yearly: 'Exercise it yearly, and adjust the seats where they adjust.' },
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
        return [side, `${QUOTE}${says} Others hold: ${others.map(([, theirs]) => theirs).join(' ')}`];
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

import { MEDIUM_FACTS, isFuelGas, isPotable } from '../../ground/media/index.js';
import { type Duty, type HouseRuleSettings, withOptions } from '../selection/index.js';
import { familyOf, isCheck } from '../../ground/valves/index.js';
import { type Condition, isLeaking, typeFound, yearsUnturned } from './condition.js';
import { isHandsOff } from './link-of.js';

/** What to do about what was found, the most pressing first. */
export const URGENCIES = ['replace-now', 'hands-off', 'care', 'prove'] as const;
export type Urgency = (typeof URGENCIES)[number];

export interface Advice {
  rule: string;
  urgency: Urgency;
  text: string;
  /** Steps in their order, where it is something to do now. */
  steps?: readonly string[];
}

/** A position as it was found. */
export interface FoundPlace {
  duty: Duty;
  condition: Condition;
  /** The tag of the next valve upstream that can be relied on; undefined where there is none on the line. */
  upstream?: string;
}

interface FoundRule {
  id: string;
  when: string;
  judge(place: FoundPlace, settings: HouseRuleSettings, now: Date): Omit<Advice, 'rule'> | undefined;
}

const isGasLeak = ({ duty, condition }: FoundPlace): boolean =>
  isFuelGas(duty.medium) && isLeaking(condition);
const from = ({ upstream }: FoundPlace): string =>
  upstream === undefined ? 'the main valve in the street, with the utility' : upstream;

/** What the walk says of a valve as it is found. Rules of the trade; life ranges are our own estimate. */
export const FOUND_RULES: readonly FoundRule[] = [
  {
    id: 'gas-leak',
    when: 'Gas leaks outside.',
    judge: (place) =>
      isGasLeak(place)
        ? {
            urgency: 'replace-now',
            text: 'Gas is leaking: do not touch a switch, open doors and windows by hand, get everybody out and call the gas utility from outside.',
          }
        : undefined,
  },
  {
    id: 'gas-key-seized',
    when: 'A ground-key gas cock that does not turn.',
    judge: ({ duty, condition }) =>
      condition.type === 'plug-taper' && condition.turning === 'seized'
        ? {
            urgency: 'replace-now',
            text: `A ground-key cock that does not turn must not stay in service. ${MEDIUM_FACTS[duty.medium].caution}`,
          }
        : undefined,
  },
  {
    id: 'gas-key-turns',
    when: 'An existing ground-key cock.',
    judge: ({ condition }) =>
      condition.type === 'plug-taper' && condition.turning !== 'seized'
        ? {
            urgency: 'care',
            text: 'A ground-key cock is tight only while it is greased: test it for leaks and plan its replacement.',
          }
        : undefined,
  },
  {
    id: 'old-gate-hands-off',
    when: 'A metal-wedge gate that is seized, or that nobody has operated for three years.',
    judge: (place, settings, now) => {
      const { condition } = place;
      if (!isHandsOff(condition, settings, now)) return undefined;
      const years = yearsUnturned(condition, now);
      const why =
        condition.turning === 'seized'
          ? 'It is seized.'
          : years === undefined
            ? 'There is no record that it was ever operated.'
            : `Last operated ${Math.floor(years)} years ago.`;
      return {
        urgency: 'hands-off',
        text: withOptions(
          `${why} Do not force it: use ${from(place)}, and plan its replacement.`,
          'old-gates',
          settings['old-gates'],
        ),
      };
    },
  },
  {
    id: 'gate-found',
    when: 'A metal-wedge gate in a building.',
    judge: (place, settings, now) => {
      const { condition, duty } = place;
      if (condition.type !== 'gate-solid' || duty.dn > 50 || isHandsOff(condition, settings, now))
        return undefined;
      const isFaulty =
        condition.holding === 'passes' || condition.holding === 'weeps' || condition.turning === 'stiff';
      if (settings['gate-life'] === 'exercised' && !isFaulty) return undefined;
      return {
        urgency: 'care',
        text: withOptions(
          isFaulty
            ? 'This gate is failing: replace it with a quarter-turn valve.'
            : 'A gate in a building: operate it every year.',
          'gate-life',
          settings['gate-life'],
        ),
      };
    },
  },
  {
    id: 'seized',
    when: 'Any other valve that does not turn.',
    judge: (place) => {
      const { type, turning } = place.condition;
      if (turning !== 'seized' || type === 'gate-solid' || type === 'plug-taper') return undefined;
      return {
        urgency: 'hands-off',
        text: `It does not turn: do not rely on it. No wrench on the handle: use ${from(place)}, and plan its replacement.`,
      };
    },
  },
  {
    id: 'does-not-hold',
    when: 'It leaks by or weeps when closed.',
    judge: (place) =>
      place.condition.holding === 'passes' || place.condition.holding === 'weeps'
        ? {
            urgency: 'care',
            text: `It leaks by when closed: do not rely on it. Isolate with ${from(place)}.`,
          }
        : undefined,
  },
  {
    id: 'leaks-outside',
    when: 'It leaks outside.',
    judge: (place) => {
      const { leaking } = place.condition;
      if (!isLeaking(place.condition) || isGasLeak(place)) return undefined;
      return {
        urgency: 'care',
        text:
          leaking === 'stem'
            ? 'Tighten the packing nut an eighth of a turn, and check again tomorrow.'
            : `${leaking === 'somewhere' ? 'It' : `Its ${leaking}`} leaks: isolate with ${from(place)} before you loosen anything.`,
      };
    },
  },
  {
    id: 'handle-lies',
    when: 'The handle does not show its true position.',
    judge: ({ condition }) =>
      condition.handleShows === false
        ? {
            urgency: 'care',
            text: 'The handle does not show whether the valve is open: tag it and reset the handle.',
          }
        : undefined,
  },
  {
    id: 'washer-life',
    when: 'A washer stop with chloramine or old rubber.',
    judge: ({ duty, condition }) => {
      const type = typeFound(condition);
      if (!type || familyOf(type) !== 'stop' || type === 'quarter-turn-stop') return undefined;
      if (duty.chloramine)
        return {
          urgency: 'care',
          text: 'Chloramine: a rubber washer lasts about 4 to 8 years. Stock spares, or use a quarter-turn stop.',
        };
      return duty.existing
        ? {
            urgency: 'care',
            text: 'Old rubber: a washer lasts 8 to 15 years in total. Renew it when the wall is open.',
          }
        : undefined;
    },
  },
  {
    id: 'stops-side',
    when: 'A multi-turn stop where the house rule is quarter turn.',
    judge: ({ duty, condition }, settings) => {
      const type = typeFound(condition);
      if (!type || familyOf(type) !== 'stop' || type === 'quarter-turn-stop') return undefined;
      if (settings.stops !== 'quarter-turn' || duty.chloramine || duty.existing) return undefined;
      return { urgency: 'care', text: withOptions('A multi-turn stop.', 'stops', settings.stops) };
    },
  },
  {
    id: 'gas-cock-side',
    when: 'A gas shut-off of a type the house rule does not allow.',
    judge: ({ duty, condition: { type } }, settings) => {
      if (!isFuelGas(duty.medium) || (type !== 'ball' && type !== 'butterfly-gas-cock')) return undefined;
      const other = type === 'ball' ? 'butterfly' : 'ball';
      return settings['gas-cock'] === other
        ? {
            urgency: 'care',
            text: withOptions(
              'Not the type of gas cock the house rule allows.',
              'gas-cock',
              settings['gas-cock'],
            ),
          }
        : undefined;
    },
  },
  {
    id: 'ball-maintenance',
    when: 'A ball valve not operated within a year, where the house rule is to exercise them.',
    judge: ({ condition }, settings, now) => {
      const type = typeFound(condition);
      const years = yearsUnturned(condition, now);
      if (!type || familyOf(type) !== 'ball' || settings['ball-maintenance'] !== 'yearly') return undefined;
      return years === undefined || years <= 1
        ? undefined
        : {
            urgency: 'care',
            text: withOptions('It was not operated within a year.', 'ball-maintenance', 'yearly'),
          };
    },
  },
  {
    id: 'check-look',
    when: 'A check.',
    judge: ({ condition: { type, holding } }) =>
      type && type !== 'nothing' && isCheck(type) && holding === undefined
        ? {
            urgency: 'care',
            text: 'Whether a check valve holds shows only when the flow reverses: inspect it, or count the pump starts.',
          }
        : undefined,
  },
  {
    id: 'nothing-there',
    when: 'No valve where one should be.',
    judge: (place) =>
      place.condition.type === 'nothing'
        ? { urgency: 'care', text: `There is no valve here: work downstream is isolated at ${from(place)}.` }
        : undefined,
  },
  {
    id: 'prove-shut-off',
    when: 'The drinking-water shut-off of a building that nobody has tested.',
    judge: ({ duty, condition }) =>
      duty.function === 'emergency-shutoff' && isPotable(duty.medium) && condition.holding !== 'tight'
        ? {
            urgency: 'prove',
            text: 'Test that this is the shut-off of the building: the branch to the garden is often mistaken for it.',
            steps: [
              'Tell everybody who loses water, and check that no boiler or cooling depends on it.',
              'Close it by hand, without a wrench.',
              'Open the lowest faucet inside, cold then hot, and wait until it stops running.',
              'Still running after two minutes: this is not the shut-off, or it leaks by.',
              'Open it again slowly and record what you found.',
            ],
          }
        : undefined,
  },
];

/**
 * What to do about a valve as it was found.
 *
 * @param place duty, condition and the valve upstream
 * @param settings house rules in force
 * @param now   for how long ago it was turned
 * @returns the most pressing first
 *
 * @example
 * judgeFound({ duty, condition: { type: 'gate-solid', turning: 'seized' }, upstream: 'CW-101' }, houseRuleSettings(), new Date())[0]?.urgency // 'hands-off'
 */
export function judgeFound(place: FoundPlace, settings: HouseRuleSettings, now: Date): Advice[] {
  return FOUND_RULES.flatMap((rule) => {
    const advice = rule.judge(place, settings, now);
    return advice ? [{ rule: rule.id, ...advice }] : [];
  }).sort((a, b) => URGENCIES.indexOf(a.urgency) - URGENCIES.indexOf(b.urgency));
}

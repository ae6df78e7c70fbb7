import {
  type Medium,
  type MediumFamily,
  MEDIUM_FACTS,
  isFuelGas,
  isPotable,
} from '../../ground/media/index.js';
import { type Duty, type HouseRuleSettings, withOptions } from '../selection/index.js';
import { familyOf, isCheck } from '../../ground/valves/index.js';
import { type Condition, isLeaking, isPassing, typeFound, yearsUnturned } from './condition.js';
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

/** What is said of a ground key, by how it turns. Its nut holds the key down; it is no packing. */
const GAS_KEY = {
  untried:
    'Nobody has tried it: turn it gently by hand, with the appliance off, and soap it afterwards. Plan its replacement.',
  stiff:
    'A stiff key is near the end: no wrench on it, and never draw the nut down to stop a leak. Plan its replacement.',
  turns: 'A ground-key cock is tight only while it is greased: test it for leaks and plan its replacement.',
} as const;

/** What comes first where something leaks, by what flows. */
const HAZARD: Partial<Record<MediumFamily | Medium, string>> = {
  steam: 'Steam burns: shut it off, let it cool and vent it first. ',
  'wash-water-high-pressure':
    'Stop the pump and relieve the pressure at the gun first: a jet goes through skin. ',
  'fire-water': 'A fire line that leaks or is shut is an impairment: notify and post a watch. ',
  waste: 'Sewage: gloves, no confined space without its procedure. ',
  corrosive: 'It burns skin and eyes: drain, flush and lock out first. ',
};
const hazardOf = ({ medium }: Duty): string => HAZARD[medium] ?? HAZARD[MEDIUM_FACTS[medium].family] ?? '';

const SNUG = 'Tighten the packing nut an eighth of a turn, and check again tomorrow.';
const SNUGGED_ON: readonly Medium[] = ['potable-cold', 'potable-hot', 'heating-water', 'irrigation'];

/** Whether a packing nut may be drawn down by hand; a spring loads some packings by itself. */
const isSnugged = ({ duty, condition }: FoundPlace): boolean =>
  SNUGGED_ON.includes(duty.medium) && condition.type !== 'radiator-metering';

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
    id: 'gas-cock-seized',
    when: 'A gas shut-off of any other kind that does not turn.',
    judge: ({ duty, condition: { type, turning } }) =>
      isFuelGas(duty.medium) && turning === 'seized' && type !== 'plug-taper'
        ? {
            urgency: 'replace-now',
            text: `A gas shut-off that does not turn shuts nothing off: replace it now. ${MEDIUM_FACTS[duty.medium].caution}`,
          }
        : undefined,
  },
  {
    id: 'gas-key-turns',
    when: 'An existing ground-key cock.',
    judge: ({ condition: { type, turning } }) => {
      if (type !== 'plug-taper' || turning === 'seized') return undefined;
      return {
        urgency: 'care',
        text: GAS_KEY[turning === 'stiff' ? 'stiff' : turning ? 'turns' : 'untried'],
      };
    },
  },
  {
    id: 'relief-seized',
    when: 'A relief valve that does not lift.',
    judge: ({ condition: { type, turning } }) =>
      type === 'relief' && turning === 'seized'
        ? {
            urgency: 'replace-now',
            text: 'A relief valve that does not lift protects nothing: turn the heat off, take the heater or boiler out of service and replace the valve now.',
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
            ? 'Nothing is known of when it was last operated.'
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
      const isFaulty = isPassing(condition) || condition.turning === 'stiff';
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
      if (turning !== 'seized' || type === 'gate-solid' || type === 'plug-taper' || type === 'relief')
        return undefined;
      if (isFuelGas(place.duty.medium)) return undefined;
      return {
        urgency: 'hands-off',
        text: `It does not turn: do not rely on it. No wrench on the handle: use ${from(place)}, and plan its replacement.`,
      };
    },
  },
  {
    id: 'stiff',
    when: 'A stiff ball or eccentric plug.',
    judge: ({ condition: { type, turning } }) => {
      if (turning !== 'stiff') return undefined;
      if (type === 'plug-eccentric')
        return {
          urgency: 'care',
          text: 'A stiff eccentric plug: grease its bearings and work it through its travel; check the packing is not overtightened.',
        };
      return type && type !== 'nothing' && familyOf(type) === 'ball'
        ? {
            urgency: 'care',
            text: 'A stiff ball: work it a quarter turn back and forth by hand, without a wrench; scale on the ball or swollen seats mean plan its replacement.',
          }
        : undefined;
    },
  },
  {
    id: 'check-passes',
    when: 'A check that leaks by.',
    judge: ({ duty, condition }) => {
      const type = typeFound(condition);
      if (!isPassing(condition) || !type || !isCheck(type)) return undefined;
      return {
        urgency: 'care',
        text:
          MEDIUM_FACTS[duty.medium].family === 'waste'
            ? 'It lets sewage back: open it and look at the ball or flapper, the spring and the seat. Count the pump starts, and let the well’s level log show since when.'
            : 'It lets water back: open it and look at disc, hinge or spring, and seat.',
      };
    },
  },
  {
    id: 'relief-passes',
    when: 'A relief valve that passes.',
    judge: ({ condition }) =>
      condition.type === 'relief' && (isPassing(condition) || isLeaking(condition))
        ? {
            urgency: 'care',
            text: 'A relief that passes: look for the pressure first (a closed system without an expansion tank, a reducer that creeps), then replace it. Never close or plug anything at it.',
          }
        : undefined,
  },
  {
    id: 'stop-drips',
    when: 'A washer stop that drips when shut.',
    judge: (place) => {
      const type = typeFound(place.condition);
      return isPassing(place.condition) && (type === 'compression-stop' || type === 'compression-stop-angle')
        ? {
            urgency: 'care',
            text: `It drips when shut: isolate with ${from(place)}, renew its washer (and the seat if it is cut), or replace it.`,
          }
        : undefined;
    },
  },
  {
    id: 'does-not-hold',
    when: 'It leaks by or weeps when closed.',
    judge: (place) => {
      if (!isPassing(place.condition)) return undefined;
      const known = typeFound(place.condition);
      const hasRule =
        known === 'relief' || known === 'compression-stop' || known === 'compression-stop-angle';
      if (hasRule || (known && isCheck(known))) return undefined;
      return {
        urgency: 'care',
        text: `It leaks by when closed: do not rely on it. Isolate with ${from(place)}.`,
      };
    },
  },
  {
    id: 'leaks-outside',
    when: 'It leaks outside.',
    judge: (place) => {
      const { leaking, type } = place.condition;
      if (!isLeaking(place.condition) || isGasLeak(place) || type === 'relief') return undefined;
      const where = leaking === 'somewhere' ? 'It' : `Its ${leaking}`;
      const isolate = `${where} leaks: isolate with ${from(place)} before you loosen anything.`;
      const known = typeFound(place.condition);
      if (known && isCheck(known))
        return {
          urgency: 'care',
          text: `${hazardOf(place.duty)}${where} leaks: a check has no packing; its pin or cover gasket needs renewing, isolated with ${from(place)}.`,
        };
      return {
        urgency: 'care',
        text: `${hazardOf(place.duty)}${leaking === 'stem' && isSnugged(place) ? SNUG : isolate}`,
      };
    },
  },
  {
    id: 'flow-less',
    when: 'Less flow than before since it was reopened, or none.',
    judge: (place) => {
      const { flow } = place.condition;
      if (flow !== 'less' && flow !== 'none') return undefined;
      if (typeFound(place.condition) !== 'gate-solid')
        return {
          urgency: 'care',
          text: 'Less flow since it was shut: see that it is fully open, then look at strainers, aerators and flow limiters for what the shut-off loosened.',
        };
      return flow === 'none'
        ? {
            urgency: 'hands-off',
            text: `No water since it was reopened: the wedge of a gate drops off its stem and stays shut. Do not force it: isolate with ${from(place)} and replace it.`,
          }
        : {
            urgency: 'care',
            text: 'Less flow since it was reopened: the wedge has come off its stem or scale lies in the seat. Count the turns against those before, and plan its replacement.',
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
    judge: ({ duty, condition }, settings, now) =>
      duty.function === 'emergency-shutoff' &&
      isPotable(duty.medium) &&
      condition.holding !== 'tight' &&
      condition.turning !== 'seized' &&
      !isHandsOff(condition, settings, now)
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

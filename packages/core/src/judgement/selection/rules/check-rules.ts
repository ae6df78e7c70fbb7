import { leastVelocityMs } from '../../../physics/checks/index.js';
import type { CheckType } from '../../../physics/checks/index.js';
import { pipeVelocityMs } from '../../../physics/loss/index.js';
import { usualPipe } from '../../../ground/pipes/index.js';
import { NOMINAL_SIZES } from '../../../ground/units/index.js';
import { MEDIUM_FACTS, isLiquid, isRawWaste } from '../../../ground/media/index.js';
import { type ValveType, isCheck } from '../../../ground/valves/index.js';
import {
  type Candidate,
  type Duty,
  type Rule,
  advice,
  askDuty,
  care,
  liquidDensityKgM3,
  pipeBoreM,
  ruledOut,
  supports,
  withOptions,
} from '../../duty/index.js';

const SWINGS: readonly ValveType[] = ['check-swing', 'check-swing-spring', 'check-swing-weighted'];
const BY_WEIGHT: readonly ValveType[] = ['check-swing', 'check-swing-weighted', 'check-tilting'];
const SPRINGS: readonly ValveType[] = ['check-swing-spring', 'check-spring-inline'];
const OFTEN_PER_HOUR = 6;
const FLAPPER_TEARS_MS = 3;
const HIGH_HEAD_PA = 3e5;
const LARGE_DN = 150;
const FLAPPER_TO_DN = 100;
/** Where a generic inline spring, to DN50, and a vertical lift check are fully open in water, m/s. */
const INLINE_FULL_LIFT_MS = 1.2;
const INLINE_TO_DN = 50;
const LIFT_FULL_LIFT_MS = 1.5;
/** A line is not made faster than this to open a check, m/s. */
const FASTEST_LINE_MS = 2.4;
/** From here a column takes long enough to turn that a slow flapper meets it coming back. */
const LONG_MAIN_M = 100;

const asked = (duty: Duty, type: ValveType): boolean => duty.function === 'non-return' && isCheck(type);
const isWaste = ({ medium }: Duty): boolean => MEDIUM_FACTS[medium].family === 'waste';
const isUnscreened = (duty: Duty): boolean => isRawWaste(duty.medium) && !duty.screened;

/** Whether a check that closes late would be heard or break something here. */
const mayHammer = ({ flowPattern, startsPerHour, surgeLimitPa, medium }: Duty): boolean =>
  isLiquid(medium) &&
  ((flowPattern ?? 'steady') !== 'steady' || (startsPerHour ?? 0) > 0 || surgeLimitPa !== undefined);

/** Velocity that holds a check fully open: by its own data, else by its kind. */
function fullLiftMs(duty: Duty, { type, fullLiftMs: own }: Candidate): number {
  if (own !== undefined) return own;
  if (MEDIUM_FACTS[duty.medium].family === 'water') {
    if (type === 'check-spring-inline' && duty.dn <= INLINE_TO_DN) return INLINE_FULL_LIFT_MS;
    if (type === 'check-lift-vertical') return LIFT_FULL_LIFT_MS;
  }
  return leastVelocityMs(type as CheckType, liquidDensityKgM3(duty));
}

/** Whether the next size down would open fully, without a line too fast or too narrow for its solids. */
function smallerOpens(duty: Duty, limitMs: number): boolean {
  const at = NOMINAL_SIZES.findIndex(({ dn }) => dn === duty.dn);
  const smaller = NOMINAL_SIZES[at - 1];
  if (!smaller) return false;
  const boreM = (duty.pipe && usualPipe(duty.pipe.material, smaller.dn)?.insideM) ?? smaller.dn / 1000;
  const velocityMs = pipeVelocityMs(duty.flowM3s ?? 0, boreM);
  return velocityMs >= limitMs && velocityMs <= FASTEST_LINE_MS && boreM >= (duty.smallestPassageM ?? 0);
}

/** When a check is opened and looked at, as its rounds say. */
function inspection(duty: Duty, type: ValveType): string {
  if (isWaste(duty) && SWINGS.includes(type)) return 'Look inside twice a year: flappers tear at the pin.';
  if (isWaste(duty) && type === 'check-ball') return 'Look inside every year: the ball wears egg-shaped.';
  if (isWaste(duty) && type === 'check-spring-inline') return 'Look inside every year: springs tire.';
  return 'Look inside every two years from two inches up: hinge, spring and seat wear out of sight.';
}

const ASK_ORIENTATION = askDuty(
  'orientation',
  'Which way does it flow: level, up or down? It decides whether this check closes.',
);

const UNDER_THE_DISC = 'Grit settles under its disc and at its pin: it leaks by, and the pin wears.';
const WHAT_GRIT_DOES: Partial<Record<ValveType, string>> = {
  'check-swing': UNDER_THE_DISC,
  'check-swing-spring': UNDER_THE_DISC,
  'check-swing-weighted': UNDER_THE_DISC,
  'check-lift-horizontal': 'Grit packs its guide and holds the disc open.',
  'check-lift-vertical': 'Grit packs its guide and holds the disc open.',
  'check-tilting': 'Grit scores its seat and wears the pins in the flow.',
};

/** Which check closes by itself here, in time, and goes on doing so. */
export const CHECK_RULES: readonly Rule[] = [
  {
    id: 'swing-orientation',
    group: 'checks',
    when: 'Swing, weighted swing or tilting check, by the way the flow goes.',
    concerns: (duty, type) => asked(duty, type) && BY_WEIGHT.includes(type),
    judge: ({ orientation }, { type }) => {
      if (orientation === undefined) return ASK_ORIENTATION;
      if (orientation === 'vertical-down')
        return ruledOut('With downward flow, flow and weight hold the disc open: it never closes.');
      if (type !== 'check-swing') return undefined;
      return orientation === 'horizontal'
        ? advice('It closes by its own weight here, with the hinge pin level and at the top.')
        : advice('In upward flow a plain flapper closes in time, and it has no spring to break.');
    },
  },
  {
    id: 'swing-intermittent',
    group: 'checks',
    when: 'Plain swing check, intermittent or pulsating flow.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      type === 'check-swing' &&
      ((duty.flowPattern ?? 'steady') !== 'steady' || (duty.startsPerHour ?? 0) > OFTEN_PER_HOUR),
    judge: ({ flowPattern, startsPerHour = 0 }) =>
      flowPattern === 'pulsating' || startsPerHour > OFTEN_PER_HOUR
        ? ruledOut(
            'The disc slams every time the flow stops and damages its seat: use a check closed by a spring.',
          )
        : care(
            'It slams every time the flow stops: listen to it, and use a check closed by a spring if it bangs.',
          ),
  },
  {
    id: 'lift-orientation',
    group: 'checks',
    when: 'Lift check in the wrong flow direction.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      ((type === 'check-lift-horizontal' && duty.orientation !== 'horizontal') ||
        (type === 'check-lift-vertical' && duty.orientation !== 'vertical-up')),
    judge: ({ orientation }, { type }) =>
      orientation === undefined
        ? ASK_ORIENTATION
        : type === 'check-lift-horizontal'
          ? ruledOut('Its disc moves across the axis: it works only in a level line.')
          : ruledOut('Its disc moves along the axis: it works only in upward flow.'),
  },
  {
    id: 'ball-orientation',
    group: 'checks',
    when: 'Ball check, flow downward.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      type === 'check-ball' &&
      (duty.orientation === undefined || duty.orientation === 'vertical-down'),
    judge: ({ orientation }) =>
      orientation === undefined ? ASK_ORIENTATION : ruledOut('In downward flow the ball never seats.'),
  },
  {
    id: 'spring-any-position',
    group: 'checks',
    when: 'Check closed by a spring, in a level line or with a risk of water hammer.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      SPRINGS.includes(type) &&
      (duty.orientation === 'horizontal' || mayHammer(duty)) &&
      !(
        type === 'check-spring-inline' &&
        (isUnscreened(duty) || ['grit', 'stringy'].includes(duty.solids ?? ''))
      ),
    judge: () => supports('The spring closes it before the flow reverses, in any position.'),
  },
  {
    id: 'spring-no-need-vertical',
    group: 'checks',
    when: 'Swing check with a spring, upward flow, low risk of water hammer.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      type === 'check-swing-spring' &&
      duty.orientation === 'vertical-up' &&
      !mayHammer(duty),
    judge: () => advice('In upward flow a plain flapper works too, with fewer parts.'),
  },
  {
    id: 'inline-solids',
    group: 'checks',
    when: 'Inline spring check, by solids in the water.',
    concerns: (duty, type) => asked(duty, type) && type === 'check-spring-inline',
    judge: (duty) => {
      if (isUnscreened(duty) || duty.solids === 'grit' || duty.solids === 'stringy')
        return ruledOut('Rags and grit wedge between poppet and guide, and it stays open.');
      return isWaste(duty) && (duty.pressurePa ?? 0) >= HIGH_HEAD_PA
        ? supports('Screened water at a high head: the spring closes it before the flow reverses.')
        : undefined;
    },
  },
  {
    id: 'ball-self-cleaning',
    group: 'checks',
    when: 'Ball check on clean water with scale, sediment or grit.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      type === 'check-ball' &&
      !isWaste(duty) &&
      (duty.solids === 'scale-sediment' || duty.solids === 'grit'),
    judge: ({ solids }) =>
      solids === 'grit'
        ? care(
            'Grit scores the ball and its seat: it turns as it works and cleans itself best, but it wears.',
          )
        : supports('The ball turns as it works, so it wears evenly and wipes its seat.'),
  },
  {
    id: 'check-solids',
    group: 'checks',
    when: 'Swing, lift or tilting check, grit or sediment.',
    source: 'What is found when checks are opened: grit under the disc, a guide or a pin packed with it.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      (duty.solids === 'grit' || duty.solids === 'scale-sediment') &&
      WHAT_GRIT_DOES[type] !== undefined,
    judge: (_duty, { type }) => care(WHAT_GRIT_DOES[type] ?? ''),
  },
  {
    id: 'ball-sewage',
    group: 'checks',
    when: 'Ball check on raw sewage.',
    concerns: (duty, type) => asked(duty, type) && type === 'check-ball' && duty.medium === 'raw-sewage',
    judge: ({ dn }, _valve, settings) => {
      const option = settings['sewage-check'];
      const isSmall = option === 'by-size' && dn <= FLAPPER_TO_DN;
      return {
        verdict: option === 'flapper' ? 'out' : 'care',
        text: withOptions(
          isSmall
            ? 'In this size a flapper comes first: a ball wears egg-shaped and sticks open without any alarm.'
            : 'The ball wears egg-shaped and sticks open without any alarm: inspect it yearly and count the pump starts.',
          'sewage-check',
          option,
        ),
        houseRule: 'sewage-check',
      };
    },
  },
  {
    id: 'flapper-sewage-side',
    group: 'checks',
    when: 'Swing check on raw sewage, by the house rule on sewage checks.',
    concerns: (duty, type) => asked(duty, type) && SWINGS.includes(type) && duty.medium === 'raw-sewage',
    judge: ({ dn }, _valve, settings) => {
      const option = settings['sewage-check'];
      if (option === 'ball')
        return {
          verdict: 'care',
          text: withOptions('Rags catch on its hinge.', 'sewage-check', 'ball'),
          houseRule: 'sewage-check',
        };
      return option === 'by-size' && dn <= FLAPPER_TO_DN
        ? {
            verdict: 'supports',
            text: withOptions('A flapper that fails is noticed.', 'sewage-check', option),
            houseRule: 'sewage-check',
          }
        : undefined;
    },
  },
  {
    id: 'flapper-sewage-velocity',
    group: 'checks',
    when: 'Swing check in waste, flow over 3 m/s.',
    concerns: (duty, type) =>
      asked(duty, type) && SWINGS.includes(type) && isWaste(duty) && duty.flowM3s !== undefined,
    judge: (duty) => {
      const boreM = pipeBoreM(duty);
      if (boreM === undefined || duty.flowM3s === undefined) return undefined;
      const value = pipeVelocityMs(duty.flowM3s, boreM);
      return value > FLAPPER_TEARS_MS
        ? care('At this velocity the flapper can tear off and block the line; a high level shows it.', {
            value,
            limit: FLAPPER_TEARS_MS,
            unit: 'm/s',
          })
        : undefined;
    },
  },
  {
    id: 'dual-plate-solids',
    group: 'checks',
    when: 'Dual-plate check, any solids.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      type === 'check-dual-plate' &&
      ((duty.solids ?? 'none') !== 'none' || isRawWaste(duty.medium)),
    judge: () => ruledOut('Solids catch on its hinge in the middle of the flow and hold the plates open.'),
  },
  {
    id: 'check-velocity',
    group: 'checks',
    when: 'The flow does not hold it fully open.',
    concerns: (duty, type) =>
      asked(duty, type) && isLiquid(duty.medium) && (duty.flowM3s ?? 0) > 0 && pipeBoreM(duty) !== undefined,
    judge: (duty, valve) => {
      const value = pipeVelocityMs(duty.flowM3s ?? 0, pipeBoreM(duty) ?? 0);
      const limit = fullLiftMs(duty, valve);
      if (value >= limit) return undefined;
      return care(
        smallerOpens(duty, limit)
          ? 'The flow does not open it fully: it chatters and wears. One size smaller would open fully.'
          : 'The flow does not open it fully: it chatters and wears. Use a type that opens at a lower velocity.',
        { value, limit, unit: 'm/s' },
      );
    },
  },
  {
    id: 'large-line-close-fast',
    group: 'checks',
    when: 'Sewage or effluent from DN150, or a long rising main.',
    concerns: (duty, type) =>
      asked(duty, type) &&
      isWaste(duty) &&
      (duty.dn >= LARGE_DN || (duty.pipe?.lengthUpstreamM ?? 0) >= LONG_MAIN_M) &&
      SWINGS.includes(type),
    judge: (_duty, { type }) =>
      type === 'check-swing'
        ? care('The flow reverses before a plain flapper closes: let the calculated slam decide.')
        : supports('A spring or weight closes it before the flow reverses.'),
  },
  {
    id: 'check-inspect',
    group: 'checks',
    when: 'Any check.',
    concerns: asked,
    judge: (duty, { type }) => advice(inspection(duty, type)),
  },
];

import { checkVelocity, leastVelocityMs } from '../../../physics/checks/index.js';
import type { CheckType } from '../../../physics/checks/index.js';
import { pipeVelocityMs } from '../../../physics/loss/index.js';
import { MEDIUM_FACTS, isLiquid, isRawWaste } from '../../../ground/media/index.js';
import { type ValveType, isCheck } from '../../../ground/valves/index.js';
import { liquidDensityKgM3, pipeBoreM } from '../bore.js';
import type { Duty } from '../duty.js';
import { withOptions } from '../house-rules.js';
import { type Rule, care, ruledOut, supports } from '../rule.js';

const SWINGS: readonly ValveType[] = ['check-swing', 'check-swing-spring', 'check-swing-weighted'];
const BY_WEIGHT: readonly ValveType[] = ['check-swing', 'check-swing-weighted', 'check-tilting'];
const SPRINGS: readonly ValveType[] = ['check-swing-spring', 'check-spring-inline'];
const OFTEN_PER_HOUR = 6;
const FLAPPER_TEARS_MS = 3;
const HIGH_HEAD_PA = 3e5;
const LARGE_DN = 150;
/** From here a column takes long enough to turn that a slow flapper meets it coming back. */
const LONG_MAIN_M = 100;

const asked = (duty: Duty, type: ValveType): boolean => duty.function === 'non-return' && isCheck(type);
const isWaste = ({ medium }: Duty): boolean => MEDIUM_FACTS[medium].family === 'waste';
const isUnscreened = (duty: Duty): boolean => isRawWaste(duty.medium) && !duty.screened;

/** Whether a check that closes late would be heard or break something here. */
const mayHammer = ({ flowPattern, startsPerHour, surgeLimitPa, medium }: Duty): boolean =>
  isLiquid(medium) &&
  ((flowPattern ?? 'steady') !== 'steady' || (startsPerHour ?? 0) > 0 || surgeLimitPa !== undefined);

/** Which check closes by itself here, in time, and goes on doing so. */
export const CHECK_RULES: readonly Rule[] = [
  {
    id: 'swing-orientation',
    group: 'checks',
    when: 'Swing, weighted swing or tilting check, by the way the flow goes.',
    concerns: (duty, type) => asked(duty, type) && BY_WEIGHT.includes(type) && duty.orientation !== undefined,
    judge: ({ orientation }, { type }) => {
      if (orientation === 'vertical-down')
        return ruledOut('With downward flow, flow and weight hold the disc open: it never closes.');
      if (type !== 'check-swing') return undefined;
      return orientation === 'horizontal'
        ? supports('It closes by its own weight here, with the hinge pin level and at the top.')
        : supports('In upward flow a plain flapper closes in time, and it has no spring to break.');
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
      duty.orientation !== undefined &&
      ((type === 'check-lift-horizontal' && duty.orientation !== 'horizontal') ||
        (type === 'check-lift-vertical' && duty.orientation !== 'vertical-up')),
    judge: (_duty, { type }) =>
      type === 'check-lift-horizontal'
        ? ruledOut('Its disc moves across the axis: it works only in a level line.')
        : ruledOut('Its disc moves along the axis: it works only in upward flow.'),
  },
  {
    id: 'ball-orientation',
    group: 'checks',
    when: 'Ball check, flow downward.',
    concerns: (duty, type) =>
      asked(duty, type) && type === 'check-ball' && duty.orientation === 'vertical-down',
    judge: () => ruledOut('In downward flow the ball never seats.'),
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
    judge: () => supports('It works. In upward flow a plain flapper works too, with fewer parts.'),
  },
  {
    id: 'inline-solids',
    group: 'checks',
    when: 'Inline spring check, by solids in the water.',
    concerns: (duty, type) => asked(duty, type) && type === 'check-spring-inline',
    judge: (duty) => {
      if (isUnscreened(duty) || duty.solids === 'grit' || duty.solids === 'stringy')
        return ruledOut('Rags and grit wedge between poppet and guide, and it stays open.');
      return isWaste(duty) && duty.pressurePa >= HIGH_HEAD_PA
        ? supports('Screened water at a high head: the spring closes it before the flow reverses.')
        : undefined;
    },
  },
  {
    id: 'ball-self-cleaning',
    group: 'checks',
    when: 'Ball check, scale or sediment.',
    concerns: (duty, type) => asked(duty, type) && type === 'check-ball' && duty.solids === 'scale-sediment',
    judge: () => supports('The ball rotates as it works, so it wears evenly and wipes its seat.'),
  },
  {
    id: 'ball-sewage',
    group: 'checks',
    when: 'Ball check on raw sewage.',
    concerns: (duty, type) => asked(duty, type) && type === 'check-ball' && duty.medium === 'raw-sewage',
    judge: (_duty, _valve, settings) => {
      const option = settings['sewage-check'];
      return {
        verdict: option === 'flapper' ? 'out' : 'care',
        text: withOptions(
          'The ball wears egg-shaped and sticks open without any alarm: inspect it yearly and count the pump starts.',
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
    when: 'Swing check on raw sewage, where the house takes ball checks.',
    concerns: (duty, type) => asked(duty, type) && SWINGS.includes(type) && duty.medium === 'raw-sewage',
    judge: (_duty, _valve, settings) =>
      settings['sewage-check'] === 'ball'
        ? {
            verdict: 'care',
            text: withOptions('Rags catch on its hinge.', 'sewage-check', 'ball'),
            houseRule: 'sewage-check',
          }
        : undefined,
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
    judge: (duty, { type }) => {
      const densityKgM3 = liquidDensityKgM3(duty);
      const { fullyOpen, velocityMs, suggestedDn } = checkVelocity({
        checkType: type as CheckType,
        diameterM: pipeBoreM(duty) ?? 0,
        flowM3s: duty.flowM3s ?? 0,
        densityKgM3,
      });
      if (fullyOpen) return undefined;
      return care(
        suggestedDn === undefined
          ? 'The flow does not open it fully: it chatters and wears. Use a type that opens at a lower velocity.'
          : `The flow does not open it fully: it chatters and wears. DN${suggestedDn} would open fully.`,
        { value: velocityMs, limit: leastVelocityMs(type as CheckType, densityKgM3), unit: 'm/s' },
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
    judge: ({ medium }) =>
      supports(
        isRawWaste(medium)
          ? 'Open and inspect it twice a year: hinge, ball or spring and seat wear out of sight.'
          : 'Plan an inspection inside every year: spring, hinge and seat wear out of sight.',
      ),
  },
];

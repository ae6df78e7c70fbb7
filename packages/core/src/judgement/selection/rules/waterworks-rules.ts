import { MEDIUM_FACTS, isLiquid } from '../../../ground/media/index.js';
import { type Operator, type ValveType, familyOf } from '../../../ground/valves/index.js';
import {
  OF_A_CLOSING,
  type Rule,
  advice,
  ask,
  care,
  closingLaw,
  closingLine,
  leastClosingS,
  ruledOut,
  supports,
  closingLimitPa,
} from '../../duty/index.js';
import { isSnapHandle } from './position-shown.js';
import { shutsOff } from './shuts-off.js';

const MAINS_FROM_DN = 80;
const MAINS_TO_DN = 300;
const LARGE_MAINS_DN = 350;
const POWERED: readonly Operator[] = ['electric', 'pneumatic', 'hydraulic'];
const HAND_LEVERS: readonly Operator[] = ['lever', 'locking-lever', 'notch-lever', 'tee', 'round-handle'];
/** Sizes from which no hand closes it slowly enough, or at all, by a lever. */
const GEAR_FROM_DN: Partial<Record<ReturnType<typeof familyOf>, number>> = {
  butterfly: 200,
  plug: 200,
  ball: 150,
};

const isShutOffButterfly = (type: ValveType): boolean =>
  familyOf(type) === 'butterfly' && type !== 'butterfly-gas-cock';

/** What the big lines ask: mains, hydrant leads, pump discharges, large handles. */
export const WATERWORKS_RULES: readonly Rule[] = [
  {
    id: 'mains-isolation',
    group: 'waterworks',
    when: 'Buried drinking-water or hydrant main, DN80 to 300 or from DN350.',
    concerns: (duty, type) =>
      shutsOff(duty) &&
      duty.place === 'buried' &&
      ['potable-cold', 'fire-water'].includes(duty.medium) &&
      ((type === 'gate-resilient' && duty.dn >= MAINS_FROM_DN && duty.dn <= MAINS_TO_DN) ||
        (type === 'butterfly-resilient' && duty.dn >= LARGE_MAINS_DN)),
    judge: (_duty, { type }) =>
      type === 'gate-resilient'
        ? supports('The usual mains valve in this size: smooth bore, tight, operated with a key.')
        : supports('The lighter and cheaper mains valve in this size.'),
  },
  {
    id: 'butterfly-clean-water',
    group: 'waterworks',
    when: 'Butterfly on clean water from DN80.',
    concerns: (duty, type) =>
      isShutOffButterfly(type) &&
      duty.dn >= MAINS_FROM_DN &&
      MEDIUM_FACTS[duty.medium].family === 'water' &&
      duty.medium !== 'wash-water-high-pressure' &&
      (duty.solids ?? 'none') === 'none' &&
      (shutsOff(duty) || duty.function === 'throttle'),
    judge: () => supports('Light, economical in large sizes, and it can throttle.'),
  },
  {
    id: 'plug-shaft',
    group: 'waterworks',
    when: 'Eccentric plug on waste.',
    concerns: ({ medium }, type) => type === 'plug-eccentric' && MEDIUM_FACTS[medium].family === 'waste',
    judge: () =>
      advice(
        'Install it with the shaft level so that the plug swings up to the top, and the end marked SEAT upstream: grit then stays clear of it.',
      ),
  },
  {
    id: 'pump-control-ball',
    slow: OF_A_CLOSING,
    group: 'waterworks',
    when: 'Ball or butterfly downstream of a pump that starts and stops.',
    concerns: (duty, type) =>
      (type === 'ball' || isShutOffButterfly(type)) &&
      isLiquid(duty.medium) &&
      (duty.startsPerHour ?? 0) > 0 &&
      (shutsOff(duty) || duty.function === 'throttle'),
    judge: (duty, valve) => {
      const { operator } = valve;
      const timeS = valve.closeTimeS ?? duty.closureTimeS;
      if (operator === undefined)
        return ask('operator', 'It operates with every pump start: what operates it, and how slowly?');
      if (isSnapHandle(valve))
        return ruledOut('A lever cannot be moved slowly each time the pump stops: it needs a slow actuator.');
      if (!POWERED.includes(operator)) return undefined;
      if (timeS === undefined)
        return ask(
          'closeTimeS',
          'How long does its actuator take to close? It stops the flow each time the pump stops.',
        );
      const line = closingLine(duty);
      const limitPa = closingLimitPa(duty, valve);
      if (!line || 'missing' in line || limitPa === undefined) return undefined;
      const leastS = leastClosingS(line, closingLaw(valve.type), limitPa);
      if (leastS === undefined) return undefined;
      return timeS >= leastS
        ? supports('A slow, adjustable actuator starts and stops the flow gently.')
        : care('Its actuator is fast: set it to a closing time that keeps the surge within the limit.', {
            value: timeS,
            limit: leastS,
            unit: 's',
            leastTimeS: leastS,
          });
    },
  },
  {
    id: 'gear-from',
    group: 'waterworks',
    when: 'Butterfly or plug from DN200, ball from DN150, with a lever.',
    concerns: ({ dn }, type) => dn >= (GEAR_FROM_DN[familyOf(type)] ?? Infinity),
    applies: (_duty, { operator }) => operator !== undefined && HAND_LEVERS.includes(operator),
    judge: () => care('Too large for a lever: the flow can pull it out of your hand. Order a gear operator.'),
  },
];

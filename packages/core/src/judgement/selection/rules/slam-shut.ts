import { isLiquid } from '../../../ground/media/index.js';
import { isHandled } from '../../../ground/valves/index.js';
import {
  type Judgement,
  type Measured,
  type OpenLine,
  type Rule,
  ask,
  askDuty,
  care,
  closingLaw,
  closingLine,
  closingPeakPa,
  closingTime,
  leastClosingS,
  mostPeakPa,
  NEAR_RATING,
  OF_A_CLOSING,
  ruledOut,
  closingLimitPa,
} from '../../duty/index.js';

const ASK_LINE: Record<OpenLine['missing'], string> = {
  flowM3s: 'What flow goes through here? Stopped fast, it could exceed the limit.',
  'pipe.lengthUpstreamM':
    'How long is the run back to the main, tank or riser? Stopped fast, it could exceed the limit.',
};
const ASK_VALVE = {
  operator: 'Closed fast, this run has water hammer: which operator does it have?',
  closeTimeS: 'Closed fast, this run has water hammer: how long does it take to close?',
};

/** A valve closed in its own time stops the whole column; what cannot take the peak bursts. */
export const SLAM_SHUT: Rule = {
  id: 'slam-shut',
  slow: OF_A_CLOSING,
  group: 'function',
  when: 'Any valve that is closed, on a liquid line: the peak of its closing against the weakest part.',
  concerns: (duty, type) => (isHandled(type) || type === 'solenoid') && isLiquid(duty.medium),
  judge: (duty, valve) => {
    const line = closingLine(duty);
    const limit = closingLimitPa(duty, valve);
    if (!line || limit === undefined) return undefined;
    if ('missing' in line)
      return line.suddenPa > limit ? askDuty(line.missing, ASK_LINE[line.missing]) : undefined;
    if (limit <= line.staticPa)
      return limit === duty.lineLimitPa && duty.surgeLimitPa === undefined
        ? care(
            'Even with nothing moving the pressure is more than the weakest stop or hose on this line carries.',
            {
              value: line.staticPa,
              limit,
              unit: 'Pa',
            },
          )
        : undefined;
    if (line.suddenPa <= NEAR_RATING * limit) return undefined;
    const law = closingLaw(valve.type);
    const time = closingTime(duty, valve);
    if (!time) return undefined;
    const timeS = 'ask' in time ? time.fastestS : time.timeS;
    if (mostPeakPa(line, law, timeS) <= NEAR_RATING * limit) return undefined;
    const value = closingPeakPa(line, law, timeS);
    if (value <= NEAR_RATING * limit) return undefined;
    if ('ask' in time) return value > limit ? ask(time.ask, ASK_VALVE[time.ask]) : undefined;
    return said(value > limit, time.isGiven, {
      value,
      limit,
      unit: 'Pa',
      // Solved where somebody reads it: a verdict does not hang on it.
      get leastTimeS() {
        return leastClosingS(line, law, limit);
      },
    });
  },
};

function said(isOver: boolean, isGiven: boolean, measured: Measured): Judgement {
  if (!isOver)
    return care('Closed in its own time, water hammer comes near the limit: close it slowly.', measured);
  return isGiven
    ? ruledOut('Closed in the given time, water hammer exceeds the limit.', measured)
    : care('Closed in its own time, water hammer exceeds the limit: close it slower.', measured);
}

import { fallingShare, restOfLineKv } from '../../../physics/loss/index.js';
import { isLiquid } from '../../../ground/media/index.js';
import { hammerRisePa, leastClosingTimeS } from '../../../physics/surge/index.js';
import { isQuarterTurn, valveTypeFacts } from '../../../ground/valves/index.js';
import { rateAssembly } from '../assembly.js';
import { liquidDensityKgM3, movingColumn } from '../bore.js';
import type { Candidate } from '../candidate.js';
import type { Duty } from '../duty.js';
import { estimatedOpenKv } from '../open-kv.js';
import { type Rule, ask, care, ruledOut } from '../rule.js';
import { isSnapHandle } from './position-shown.js';

/** A handle snapped shut stops the whole column at once; the joint that cannot take it bursts. */
export const SLAM_SHUT: Rule = {
  id: 'slam-shut',
  group: 'function',
  when: 'Quarter-turn handle on a liquid line whose flow and run are known.',
  concerns: (duty, type) => isQuarterTurn(type) && isLiquid(duty.medium) && movingColumn(duty) !== undefined,
  applies: (_duty, valve) => isSnapHandle(valve) !== false,
  judge: (duty, valve) => {
    const column = movingColumn(duty);
    const rating = rateAssembly(duty, valve).rating;
    const rated = rating && rating.verdict !== 'not-rated' ? rating.allowablePa : undefined;
    const limit = Math.min(duty.surgeLimitPa ?? Infinity, rated ?? Infinity);
    if (!column || !Number.isFinite(limit)) return undefined;

    const closingS = duty.closureTimeS ?? valve.closeTimeS;
    const peak = duty.pressurePa + hammerRisePa(column, closingS ?? 0);
    if (peak <= limit) return undefined;
    if (isSnapHandle(valve) === undefined)
      return ask('operator', 'Closed fast, this run has water hammer: which operator does it have?');

    const measured = { value: peak, limit, unit: 'Pa' } as const;
    if (duty.closureTimeS !== undefined && rated !== undefined && peak > rated) {
      return ruledOut(
        'Closed in the given time, water hammer exceeds the rating of the weakest part.',
        measured,
      );
    }
    const leastS =
      limit > duty.pressurePa
        ? leastClosingTimeS(column, limit - duty.pressurePa) / fallingShareOf(duty, valve)
        : undefined;
    return care(
      leastS === undefined
        ? 'The static pressure alone is at the limit: any closing exceeds it.'
        : `Closed fast, water hammer exceeds the limit: take at least ${seconds(leastS)} s.`,
      measured,
    );
  },
};

/** The share of the handle's travel over which the flow falls; 1 where it cannot be told. */
function fallingShareOf(duty: Duty, valve: Candidate): number {
  const { characteristic } = valveTypeFacts(valve.type);
  const openKv = estimatedOpenKv(duty, valve);
  if (!characteristic || openKv === undefined || !duty.flowM3s || duty.pressurePa === 0) return 1;
  return fallingShare(
    characteristic,
    openKv,
    restOfLineKv(duty.flowM3s, duty.pressurePa, liquidDensityKgM3(duty)),
  );
}

/** Rounded up, so that the time said is never too short. */
function seconds(value: number): string {
  return String(value < 10 ? Math.ceil(value * 10) / 10 : Math.ceil(value));
}

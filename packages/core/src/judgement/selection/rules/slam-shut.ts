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

/** A handle snapped shut stops the whole column at once; the joint that can not take it bursts. */
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
      return ask('operator', 'Shut quickly, this run hammers: which operator has it?');

    const measured = { value: peak, limit, unit: 'Pa' } as const;
    if (duty.closureTimeS !== undefined && rated !== undefined && peak > rated) {
      return ruledOut(
        'Shut in the time given, the hammer goes over what the weakest part carries.',
        measured,
      );
    }
    const leastS =
      limit > duty.pressurePa
        ? leastClosingTimeS(column, limit - duty.pressurePa) / fallingShareOf(duty, valve)
        : undefined;
    return care(
      leastS === undefined
        ? 'The standing pressure alone is at the limit: any closing goes over it.'
        : `Snapped shut it hammers over the limit: take at least ${seconds(leastS)} s, evenly.`,
      measured,
    );
  },
};

/** The share of the handle's travel over which the flow falls; 1 where it can not be told. */
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

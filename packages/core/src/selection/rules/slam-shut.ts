import { kvDropPa, kvFromK, valveResistance } from '../../loss/index.js';
import { isLiquid } from '../../media/index.js';
import { hammerRisePa, leastClosingTimeS } from '../../surge/index.js';
import { relativeKv, valveTypeFacts } from '../../valves/index.js';
import { rateAssembly } from '../assembly.js';
import { liquidDensityKgM3, movingColumn, pipeBoreM } from '../bore.js';
import type { Candidate } from '../candidate.js';
import type { Duty } from '../duty.js';
import { type Rule, ask, care, ruledOut } from '../rule.js';
import { isSnapHandle } from './position-shown.js';

/** A handle snapped shut stops the whole column at once; the joint that can not take it bursts. */
export const SLAM_SHUT: Rule = {
  id: 'slam-shut',
  group: 'function',
  when: 'Quarter-turn handle on a liquid line whose flow and run are known.',
  applies: (duty, valve) =>
    isLiquid(duty.medium) && isSnapHandle(valve) !== false && movingColumn(duty) !== undefined,
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
        ? leastClosingTimeS(column, limit - duty.pressurePa) / fallingShare(duty, valve)
        : undefined;
    return care(
      leastS === undefined
        ? 'The standing pressure alone is at the limit: any closing goes over it.'
        : `Snapped shut it hammers over the limit: take at least ${seconds(leastS)} s, evenly.`,
      measured,
    );
  },
};

const STEPS = 20;

/**
 * The share of the handle's travel over which the flow really falls: in a line with resistance of its own a valve does little until it is
 * nearly shut. Taken from the steepest fall between twentieths of the travel, with the handle moved evenly; 1 where it can not be told.
 */
function fallingShare(duty: Duty, { type, port, boreM }: Candidate): number {
  const { characteristic, lossMultiple } = valveTypeFacts(type);
  const pipeM = pipeBoreM(duty);
  if (!characteristic || !lossMultiple || pipeM === undefined || !duty.flowM3s || duty.pressurePa === 0)
    return 1;
  const bore = boreM ?? (port === 'full' ? pipeM : undefined);
  const openKv = kvFromK(
    valveResistance({ type, ...(bore !== undefined && { boreRatio: Math.min(1, bore / pipeM) }) }, pipeM),
    pipeM,
  );
  const restKv = Math.sqrt(kvDropPa(duty.flowM3s, 1, liquidDensityKgM3(duty)) / duty.pressurePa);
  const flowAt = (opening: number): number => {
    const kv = openKv * relativeKv(characteristic, opening);
    return kv === 0 ? 0 : 1 / Math.sqrt(1 + (restKv / kv) ** 2);
  };
  let steepest = 1;
  for (let step = 1; step <= STEPS; step += 1) {
    steepest = Math.max(steepest, (flowAt(step / STEPS) - flowAt((step - 1) / STEPS)) * STEPS);
  }
  return 1 / steepest;
}

/** Rounded up, so that the time said is never too short. */
function seconds(value: number): string {
  return String(value < 10 ? Math.ceil(value * 10) / 10 : Math.ceil(value));
}

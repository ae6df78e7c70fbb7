import type { JobWalkView, ModelView } from '@grevik/contracts';
import {
  type ChooseValveQuestion,
  type DrillSeed,
  type DrillTrade,
  type HouseRuleSettings,
  SHOWN_KINDS,
  drill,
  positionDrill,
} from '@grevik/core';
import { type DrillToTake, type ShownDrill, fromSeed, fromShown } from './drill-to-take';
import { type ScoredDrill, nextRun } from './next-run';
import { realDrill } from './real-drills';

/** What a run is made from. */
export interface RunMaterial {
  taken: readonly ScoredDrill[];
  settings: HouseRuleSettings;
  models: readonly ModelView[];
  /** A job whose lines and positions are asked about where they can be. */
  job: JobWalkView | undefined;
  seed: number;
  now: Date;
}

/**
 * The next run of a person: about the job where one was chosen, with valves of the company’s own catalogue, else made up.
 *
 * @param material what it is made from
 * @param trade    only about this
 */
export const makeRun = (material: RunMaterial, trade: DrillTrade | undefined): DrillToTake[] =>
  nextRun(material.taken, { trade, seed: material.seed, now: material.now }).map((of) => {
    const shown = aboutTheJob(material, of) ?? ofTheCatalogue(material, of);
    return shown
      ? { ...fromShown(shown, material.settings), id: `${of.seed}` }
      : fromSeed(of, material.settings);
  });

function aboutTheJob(
  { job, models, settings, now }: RunMaterial,
  { kind, level, seed, trade }: DrillSeed,
): ShownDrill | undefined {
  const real = SHOWN_KINDS.find((one) => one === kind);
  if (!job || !real || trade !== undefined) return undefined;
  return realDrill({ job, models, settings, now }, { kind: real, level, seed });
}

/** A made-up duty, with models of the catalogue to choose from. */
function ofTheCatalogue({ models, settings }: RunMaterial, of: DrillSeed): ShownDrill | undefined {
  const { kind, level, seed } = of;
  if (kind !== 'which-valve' && kind !== 'which-check') return undefined;
  const { duty } = drill(of, settings).question as ChooseValveQuestion;
  const offered = models.filter(({ retired }) => !retired);
  const shown = positionDrill(duty, offered, settings, String(seed));
  return shown && { kind, level, shown };
}

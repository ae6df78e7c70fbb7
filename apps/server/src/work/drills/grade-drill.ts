import {
  type DrillSeed,
  type DrillTrade,
  type HouseRuleSettings,
  drill,
  gradeMade,
  shownDrill,
  shownKind,
} from '@grevik/core';

/** A drill as it came, and the answer to it. */
export interface DrillTask {
  of: Pick<DrillSeed, 'kind' | 'level' | 'trade'> & { seed?: number | undefined };
  /** What was shown of something real, in place of a seed. */
  shown: unknown;
  answer: unknown;
  settings: HouseRuleSettings;
}

export interface GradedDrill {
  right: boolean;
  score: number;
  trade: DrillTrade;
}

/** Grades an answer as the device did: in a thread of its own, since some drills are simulated. */
export function gradeDrillTask({ of, shown, answer, settings }: DrillTask): Promise<GradedDrill> {
  const made =
    shown === undefined
      ? drill({ ...of, seed: of.seed ?? 0 }, settings)
      : shownDrill(shownKind(of.kind), shown, settings);
  const { right, score } = gradeMade(made, answer);
  return Promise.resolve({ right, score, trade: made.trade });
}

import type { en } from '@grevik/words';
import type { DrillResultRequest } from '@grevik/contracts';
import {
  type DrillKind,
  type DrillLevel,
  type DrillSeed,
  type HouseRuleSettings,
  type MadeDrill,
  type ShownKind,
  drill,
  shownDrill,
} from '@grevik/core';

/** Where a drill’s answer can be looked at in the product. */
export interface WayThere {
  to: string;
  words: string;
}

/** A drill that is asked: made, and as its answer is sent. */
export interface DrillToTake {
  /** Tells drills of a run apart. */
  id: string;
  kind: DrillKind;
  level: DrillLevel;
  made: MadeDrill;
  /** What says on the server which drill it was. */
  of: Pick<DrillResultRequest, 'kind' | 'level' | 'seed' | 'trade' | 'houseRules' | 'shown' | 'sentId'>;
  wayThere?: WayThere | undefined;
  /** Said before the question. */
  intro?: keyof typeof en.drills.firstFive | undefined;
}

/** A drill made from a seed, ready to be asked. */
export function fromSeed(seed: DrillSeed, settings: HouseRuleSettings): DrillToTake {
  const { kind, level, trade } = seed;
  return {
    id: `${kind} ${level} ${seed.seed}`,
    kind,
    level,
    made: drill(seed, settings),
    of: { kind, level, seed: seed.seed, houseRules: settings, ...(trade && { trade }) },
  };
}

/** A drill about something real, ready to be asked. */
export function fromShown(
  { kind, level, shown, sentId, wayThere }: ShownDrill,
  settings: HouseRuleSettings,
): DrillToTake {
  return {
    id: sentId ?? JSON.stringify(shown).slice(0, 200),
    kind,
    level,
    made: shownDrill(kind, shown, settings),
    of: { kind, level, houseRules: settings, ...(sentId === undefined ? { shown } : { sentId }) },
    wayThere,
  };
}

export interface ShownDrill {
  kind: ShownKind;
  level: DrillLevel;
  shown: unknown;
  sentId?: string;
  wayThere?: WayThere;
}

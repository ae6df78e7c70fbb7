import type { Medium } from '../../ground/media/index.js';
import { isPlasticPipe } from '../../ground/pipes/index.js';
import type { CatalogueModel } from '../../judgement/line-up/index.js';
import type { PositionDuty } from '../../judgement/selection/index.js';
import { type WalkItem, runBoreM } from '../../judgement/walk/index.js';
import type { ValveSpec } from '../../trade/order-wording/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import type { HeldLine } from './hold-rules.js';

/** A position as it is started up: with what is picked, or was found and left. */
export interface StartedPosition {
  id: string;
  tag: string;
  name: string;
  /** What the remarks say beyond the name. */
  where?: string | undefined;
  duty: PositionDuty;
  type?: ValveType | undefined;
  /** What is picked here. */
  model?: CatalogueModel | undefined;
  /** What was ordered, where something was picked here. */
  spec?: ValveSpec | undefined;
}

/** A line that is started up. */
export interface StartedLine {
  medium: Medium;
  positions: readonly StartedPosition[];
  /** As it was walked. */
  items: readonly WalkItem[];
}

/** Runs of plastic pipe: they stretch, and are never held by air. */
export const hasPlastic = ({ items, positions }: StartedLine): boolean =>
  items.some(({ material }) => material !== undefined && isPlasticPipe(material)) ||
  positions.some(({ duty }) => duty.pipe !== undefined && isPlasticPipe(duty.pipe.material));

/** A line lies in the ground where every place that is known does. */
export function isBuried({ positions }: StartedLine): boolean {
  const places = positions.flatMap(({ duty }) => duty.place ?? []);
  return places.length > 0 && places.every((place) => place === 'buried');
}

/**
 * What decides how a line is held: its highest pressure and what its pipe holds.
 *
 * @param line positions with their duties, and the walk
 * @returns no volume where a run's length or bore is not known
 *
 * @example
 * heldLine({ medium: 'natural-gas', positions: [], items: [] }) // {}
 */
export function heldLine({ positions, items }: StartedLine): HeldLine {
  const pressures = positions.flatMap(({ duty }) => duty.pressurePa ?? []);
  const runs = items.filter(({ kind }) => kind === 'run');
  const volumes = runs.map((run) => {
    const bore = runBoreM(run);
    return bore === undefined || run.lengthM === undefined
      ? undefined
      : (Math.PI / 4) * bore ** 2 * run.lengthM;
  });
  const isMeasured = runs.length > 0 && volumes.every((volume) => volume !== undefined);
  return {
    ...(pressures.length > 0 && { workingPa: Math.max(...pressures) }),
    ...(isMeasured && { volumeM3: volumes.reduce((sum: number, volume) => sum + (volume ?? 0), 0) }),
  };
}

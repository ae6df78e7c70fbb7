import { usualPipe, wallOfM } from '../../ground/pipes/index.js';
import { runBoreM } from '../../judgement/walk/index.js';
import { HELD_PIPE_MATERIALS, type HeldPipe } from '../../physics/pressure-test/index.js';
import type { StartedLine } from './started-line.js';

/**
 * The pipe whose warmth is taken out of a test by water: that of the longest run whose material and bore are known.
 *
 * @param line as it was walked
 * @returns undefined where no such run is known: then no warmth is taken out
 *
 * @example
 * heldPipe({ medium: 'potable-cold', positions: [], items: [] }) // undefined
 */
export function heldPipe({ items }: StartedLine): HeldPipe | undefined {
  const runs = items
    .flatMap((item) => {
      const material = HELD_PIPE_MATERIALS.find((of) => of === item.material);
      const insideDiameterM = runBoreM(item);
      const usual = material && item.dn !== undefined ? usualPipe(material, item.dn) : undefined;
      if (item.kind !== 'run' || !material || insideDiameterM === undefined || !usual) return [];
      return [
        {
          lengthM: item.lengthM ?? 0,
          pipe: { material, insideDiameterM, wallM: wallOfM(usual) },
        },
      ];
    })
    .sort((a, b) => b.lengthM - a.lengthM);
  return runs[0]?.pipe;
}

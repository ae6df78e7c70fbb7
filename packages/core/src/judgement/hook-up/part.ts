import type { End } from '../../ground/valves/index.js';
import type { Drilling } from './flange-bolting.js';
import type { JointId } from './joint-ids.js';

export const PART_IDS = [
  'adapter',
  'listed-thread-adapter',
  'reinforced-female',
  'coupling',
  'reducer',
  'union',
  'dielectric-union',
  'insulating-kit',
  'flange',
  'ring-gasket',
  'full-face-gasket',
  'bolts',
  'through-bolts',
  'cap-screws',
  'gland-set',
  'restraint',
  'push-on-gasket',
  'grooved-coupling',
  'fusion-coupling',
  'tube-fitting',
  'own-tail',
  'supply-tube',
  'hose-washer',
  'nut-and-ferrule',
  'flare-nut',
  'tube-insert',
  'pex-ring',
  'expansion-ring',
  'press-jaw',
  'depth-mark',
  'solder',
  'brazing-rod',
  'flux',
  'thread-sealant',
  'primer-and-cement',
  'welder',
  'stub',
  'box',
  'extension',
  'key',
  'wrap',
  'lock-and-tag',
  'drain-hose',
  'cutter',
  'freeze-kit',
  'line-stop',
  'slip-coupling',
  'pipe-piece',
  'nipple',
  'spool',
  'solid-sleeve',
] as const;
export type PartId = (typeof PART_IDS)[number];

/** One item of a hook-up's kit, by what tells it apart; a count left out is as much as it takes. */
export interface Part {
  id: PartId;
  count?: number;
  dn?: number;
  /** The other size of what reduces. */
  toDn?: number;
  from?: End;
  to?: End;
  joint?: JointId;
  /** The drilling of a flange. */
  drilling?: Drilling;
  /** Of a bolt, as it is called: '5/8' inch or 'M16'. */
  thread?: string;
  lengthM?: number;
  /** Of metric tube, which is bought by its outside, mm. */
  outsideMm?: number;
  /** For drinking water. */
  leadFree?: true;
  /** In the ground: stainless or coated. */
  coated?: true;
}

/** Used up or used: bought by the job and not by the valve, and not drawn in the row. */
export const CONSUMED: ReadonlySet<PartId> = new Set([
  'press-jaw',
  'depth-mark',
  'solder',
  'brazing-rod',
  'flux',
  'thread-sealant',
  'primer-and-cement',
  'welder',
  'lock-and-tag',
  'drain-hose',
  'cutter',
  'freeze-kit',
  'line-stop',
]);

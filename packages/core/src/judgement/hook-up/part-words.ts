import { type UnitSystem, formatNominalSize, inUnits } from '../../ground/units/index.js';
import { type End, END_WORDS } from '../../ground/valves/index.js';
import { JOINTS } from './joints.js';
import type { Part, PartId } from './part.js';

const FRACTIONS: Readonly<Record<number, string>> = { 0.25: '¼', 0.5: '½', 0.75: '¾' };

/** A bolt's length as it is bought: to the quarter inch, or to 5 mm. */
function boltLength(lengthM: number, system: UnitSystem): string {
  if (system === 'metric') return `${Math.ceil(lengthM / 0.005 - 1e-9) * 5} mm`;
  const quarters = Math.round(lengthM / 0.00635) / 4;
  const whole = Math.floor(quarters);
  return `${whole || ''}${FRACTIONS[quarters - whole] ?? ''} in`;
}

const THREAD_SIGNS: Readonly<Record<string, string>> = {
  '1/2': '½-inch',
  '5/8': '⅝-inch',
  '3/4': '¾-inch',
  '7/8': '⅞-inch',
  '1': '1-inch',
  '1 1/8': '1⅛-inch',
  '1 1/4': '1¼-inch',
};

const bolt = ({ thread = '', lengthM = 0 }: Part, system: UnitSystem): string =>
  `${THREAD_SIGNS[thread] ?? thread} × ${boltLength(lengthM, system)}`;
const finish = ({ coated }: Part): string => (coated ? ', stainless or coated' : '');
const lead = ({ leadFree }: Part): string => (leadFree ? ', lead-free' : '');
const end = (id: End | undefined): string => (id ? END_WORDS[id] : '');
const drilling = ({ drilling: of }: Part): string =>
  of === 'flange-125'
    ? 'class 125, flat face'
    : (END_WORDS[of ?? 'flange-150'] ?? '').replace(/ flange$/, '');
const how = ({ joint }: Part): string => (joint ? JOINTS[joint].words : '');

const WORDS: Record<PartId, (part: Part, system: UnitSystem) => string> = {
  adapter: (part) => `adapter, ${end(part.from)} × ${end(part.to)}${lead(part)}`,
  'listed-thread-adapter': (part) =>
    `listed thread adapter, ${end(part.from)} × ${end(part.to)} NPT${lead(part)}`,
  'reinforced-female': () => 'female adapter with a metal ring cast in',
  coupling: () => 'coupling, female thread × female thread',
  reducer: (part, system) =>
    `reducer to ${part.toDn === undefined ? '' : formatNominalSize(part.toDn, system)}, ${how(part)}${lead(part)}`,
  union: (part) => `union, threaded${lead(part)}`,
  'dielectric-union': () => 'dielectric union',
  'insulating-kit': (part) => `flange insulating kit, ${drilling(part)}: gasket, sleeves, washers`,
  flange: (part) => `flange, ${drilling(part)}, ${how(part)}`,
  'ring-gasket': (part) => `ring gasket, ${drilling(part)}`,
  'full-face-gasket': (part) => `full-face gasket, ${drilling(part)}`,
  bolts: (part, system) => `bolts with nuts, ${bolt(part, system)}${finish(part)}`,
  'through-bolts': (part, system) => `through bolts with two nuts, ${bolt(part, system)}${finish(part)}`,
  'cap-screws': (part, system) => `cap screws, ${bolt(part, system)}${finish(part)}`,
  'gland-set': (part) =>
    `gland, gasket and ${part.thread === undefined ? 'T-bolts' : `T-bolts ${THREAD_SIGNS[part.thread] ?? part.thread}`}${finish(part)}`,
  restraint: () => 'restraint gland or joint restraint',
  'push-on-gasket': () => 'push-on gasket with lubricant',
  'grooved-coupling': () => 'grooved coupling with gasket and bolts',
  'fusion-coupling': () => 'electrofusion coupling',
  'tube-fitting': ({ to }) => `fitting of the tube’s maker, ${to ? end(to) : 'male thread'}`,
  'supply-tube': () => 'supply tube or hose to the fixture, its nut and ferrule',
  'own-tail': () => 'the valve’s own tail and nut',
  'hose-washer': () => 'hose washer',
  'nut-and-ferrule': () => 'nut and ferrule',
  'flare-nut': () => 'flare nut',
  'tube-insert': () => 'stiffener in the tube',
  'pex-ring': () => 'crimp ring',
  'expansion-ring': () => 'expansion ring',
  'press-jaw': () => 'press tool with its jaw',
  'depth-mark': () => 'cutter, deburrer and depth mark',
  'brazing-rod': () => 'brazing rod and flux',
  solder: (part) => (part.leadFree ? 'lead-free solder' : 'solder'),
  flux: () => 'water-soluble flux, brush, wet rag',
  'thread-sealant': () => 'sealant listed for the medium',
  'primer-and-cement': () => 'primer and cement for this plastic',
  welder: () => 'qualified welder, hot-work permit',
  stub: (part) => `short piece of pipe to take the ${end(part.to)} end`,
  box: () => 'valve box with cover',
  extension: (part, system) =>
    part.lengthM === undefined
      ? 'extension stem: measure the cover'
      : `extension stem for ${inUnits(part.lengthM, 'length', system).figure} ${inUnits(part.lengthM, 'length', system).symbol} of cover`,
  key: () => 'valve key',
  wrap: () => 'polyethylene wrap',
  'lock-and-tag': () => 'lock and tag',
  'drain-hose': () => 'drain hose, bucket or wet vacuum',
  cutter: () => 'pipe cutter or saw',
  'freeze-kit': () => 'pipe-freezing jackets',
  'line-stop': () => 'line stop through a hot tap, booked with a specialist',
  'slip-coupling': (part) =>
    `${part.joint?.startsWith('pex') ? 'coupling' : 'coupling without a stop'}, ${how(part)}${lead(part)}`,
  'pipe-piece': () => 'short piece of the same pipe',
  nipple: (part) => `nipple, cut to the gap${lead(part)}`,
  spool: () => 'flanged spool or filler for the difference in length',
  'solid-sleeve': (part) => `solid sleeve${finish(part)}`,
};

/**
 * An item of a kit in words, with its size first, as a counter hears it.
 *
 * @param part   of a hook-up's kit
 * @param system the reader's units; a bolt keeps the thread it is made with
 *
 * @example
 * partWords({ id: 'cap-screws', count: 16, dn: 150, thread: '3/4', lengthM: 0.0381 }, 'us') // '6 in cap screws, ¾-inch × 1½ in'
 */
export function partWords(part: Part, system: UnitSystem): string {
  const said = WORDS[part.id](part, system);
  if (part.outsideMm !== undefined) return `${part.outsideMm} mm ${said}`;
  return part.dn === undefined ? said : `${formatNominalSize(part.dn, system)} ${said}`;
}

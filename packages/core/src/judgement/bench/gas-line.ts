import {
  FITTING_BORES,
  FUEL_GAS_FACTS,
  type FuelGas,
  type GasFitting,
  gasRun,
} from '../../physics/gas/index.js';
import { PIPE_FACTS, PIPE_TABLES } from '../../ground/pipes/index.js';
import { type ValveType, valveTypeFacts } from '../../ground/valves/index.js';
import type { FixtureKind, WalkItem } from '../walk/index.js';
import { type PathPiece, walkPaths } from '../walk/index.js';

/** Heat an appliance takes where nobody read its plate, W. Our own generic figures. */
export const ASSUMED_HEAT_W: Partial<Record<FixtureKind, number>> = {
  oven: 35_000,
  boiler: 60_000,
  'water-heater': 30_000,
  dishwasher: 10_000,
  'clothes-washer': 10_000,
  other: 15_000,
};

export interface GasLineCase {
  gas: FuelGas;
  /** At the source, Pa gauge. */
  supplyPa: number;
  /** That may be lost on the longest run, Pa. */
  dropPa: number;
  /** Elbows in each run: a walk does not count them. */
  elbowsPerRun: number;
  /** Heat of each appliance by its item, W. */
  heatW: Readonly<Record<string, number>>;
}

/** A run of the line, sized by the longest run. */
export interface SizedRun {
  item: WalkItem;
  diameterM: number;
  /** What its fittings and valves add, m. */
  fittingsM: number;
  valves: { item: WalkItem; fitting: GasFitting; lengthM: number }[];
  heatW: number;
  flowM3h: number;
  capacityM3h: number;
  dropPa: number;
  verdict: 'within' | 'over';
  /** Smallest size of the same pipe that carries it. */
  neededDn?: number;
}

export interface GasLine {
  runs: SizedRun[];
  /** Runs whose bore is not known: nothing is said of them. */
  unknown: WalkItem[];
  /** From the source to the farthest appliance, fittings and valves counted as lengths, m. */
  longestM: number;
  longest: WalkItem[];
  appliances: { item: WalkItem; heatW: number; dropPa: number; verdict: 'within' | 'over' }[];
  /** The runs that lead to each appliance, from the source. */
  ways: { itemId: string; runIds: string[] }[];
}

/** From here on a supply is elevated. */
const ELEVATED_FROM_PA = 1.5 * 6894.757293168361;
const OF_FAMILY: Partial<Record<string, GasFitting>> = {
  ball: 'ball',
  gate: 'gate',
  plug: 'plug',
  butterfly: 'butterfly',
};

/**
 * Sizes a gas line as it was walked: every run by the length of the longest one, each valve and tee as a length of its own bore.
 *
 * @param of     gas, supply Pa gauge, drop allowed Pa, heat of each appliance W
 * @param items  of the walk
 * @param typeAt what stands at a position; a ball where it is not known
 * @throws InvalidInput where the drop is not above 0 or is more than the supply
 * Source: the longest-length method of NFPA 54 / IFGC with their sizing equations.
 *
 * @example
 * gasLine(of, items, () => 'ball').runs[0]?.verdict // 'within'
 */
export function gasLine(
  of: GasLineCase,
  items: readonly WalkItem[],
  typeAt: (positionId: string | undefined) => ValveType | undefined,
): GasLine {
  const { gas, dropPa, supplyPa } = of;
  const paths = walkPaths(items);
  const appliances = items.filter(({ kind }) => kind === 'fixture');
  const ways = appliances.map((item) => ({ item, way: paths.to(item.id) }));
  const runs = new Map<string, LaidRun>();
  const unknown = new Map<string, WalkItem>();
  for (const { item, way } of ways) {
    let run: LaidRun | undefined;
    let branches = false;
    for (const piece of way) {
      branches ||= piece.isBranch;
      if (piece.item.kind === 'run') {
        if (piece.diameterM === undefined) unknown.set(piece.item.id, piece.item);
        run = runs.get(piece.item.id) ?? laid(piece, of.elbowsPerRun, branches);
        branches = false;
        if (piece.diameterM !== undefined) runs.set(piece.item.id, run);
        run.heatW += heatOf(of, item);
      }
      if (run && piece.item.kind === 'valve')
        run.valves.set(piece.item.id, valveOn(piece, typeAt(piece.item.positionId)));
    }
  }
  const lengthOf = (way: readonly PathPiece[]): number =>
    way.reduce((sum, { item, lengthM }) => sum + lengthM + addedM(runs.get(item.id)), 0);
  const longest = ways.reduce<(typeof ways)[number] | undefined>(
    (best, next) => (best && lengthOf(best.way) >= lengthOf(next.way) ? best : next),
    undefined,
  );
  const longestM = longest ? lengthOf(longest.way) : 0;
  const supply =
    supplyPa < ELEVATED_FROM_PA
      ? ({ supply: 'low' } as const)
      : ({ supply: 'elevated', inletPa: supplyPa } as const);
  const perW = 3600 / FUEL_GAS_FACTS[gas].heatingValueJm3;
  const sized = [...runs.values()].map((run): SizedRun => {
    const { piece, heatW } = run;
    const fittingsM = addedM(run);
    const insideDiameterM = piece.diameterM ?? 0;
    const flowM3h = heatW * perW;
    const carries = (diameterM: number): number =>
      gasRun({ gas, ...supply, insideDiameterM: diameterM, lengthM: Math.max(longestM, 1e-3), dropPa })
        .capacityM3h;
    const ownM = Math.max(piece.lengthM + fittingsM, 1e-3);
    const capacityM3h = carries(insideDiameterM);
    const verdict = flowM3h <= capacityM3h ? 'within' : 'over';
    const { table } = PIPE_FACTS[piece.item.material ?? 'steel'];
    const neededDn =
      verdict === 'over' && table
        ? PIPE_TABLES[table].sizes.find((size) => carries(size.insideM) >= flowM3h)?.dn
        : undefined;
    return {
      item: piece.item,
      diameterM: insideDiameterM,
      fittingsM,
      valves: [...run.valves.values()],
      heatW,
      flowM3h,
      capacityM3h,
      verdict,
      dropPa: gasRun({ gas, ...supply, insideDiameterM, lengthM: ownM, dropPa, flowM3h }).actualDropPa ?? 0,
      ...(neededDn !== undefined && { neededDn }),
    };
  });
  const dropOf = new Map(sized.map((run) => [run.item.id, run.dropPa]));
  return {
    runs: sized,
    unknown: [...unknown.values()],
    ways: ways.map(({ item, way }) => ({
      itemId: item.id,
      runIds: way.flatMap((piece) => (runs.has(piece.item.id) ? [piece.item.id] : [])),
    })),
    longestM,
    longest: longest?.way.map(({ item }) => item) ?? [],
    appliances: ways.map(({ item, way }) => {
      const lost = way.reduce((sum, piece) => sum + (dropOf.get(piece.item.id) ?? 0), 0);
      return { item, heatW: heatOf(of, item), dropPa: lost, verdict: lost <= dropPa ? 'within' : 'over' };
    }),
  };
}

/** A run as it lies, before anything is worked out. */
interface LaidRun {
  piece: PathPiece;
  fittingsM: number;
  valves: Map<string, SizedRun['valves'][number]>;
  heatW: number;
}

const laid = (piece: PathPiece, elbows: number, branches: boolean): LaidRun => ({
  piece,
  fittingsM: bores('elbow-90', elbows, piece) + (branches ? bores('tee-branch', 1, piece) : 0),
  valves: new Map(),
  heatW: 0,
});

/** What a run's fittings and valves add to it, m. */
function addedM(run: LaidRun | undefined): number {
  if (!run) return 0;
  return [...run.valves.values()].reduce((sum, { lengthM }) => sum + lengthM, run.fittingsM);
}

const heatOf = ({ heatW }: GasLineCase, { id, fixture, count = 1 }: WalkItem): number =>
  count * (heatW[id] ?? ASSUMED_HEAT_W[fixture ?? 'other'] ?? ASSUMED_HEAT_W.other ?? 0);

const bores = (fitting: GasFitting, count: number, { diameterM = 0 }: PathPiece): number =>
  FITTING_BORES[fitting] * count * diameterM;

function valveOn(piece: PathPiece, type: ValveType | undefined): SizedRun['valves'][number] {
  const fitting = OF_FAMILY[type ? valveTypeFacts(type).family : 'ball'] ?? 'ball';
  return { item: piece.item, fitting, lengthM: bores(fitting, 1, piece) };
}

import { PIPE_FACTS, PIPE_TABLES, type PipeMaterial, usualPipe, wallOfM } from '../../ground/pipes/index.js';
import { waveSpeedMs } from '../../physics/surge/index.js';
import type { ValveType } from '../../ground/valves/index.js';
import { closingLaw, closingPeakPa, lineOfRun } from '../selection/index.js';
import type { HammerCase } from './hammer-case.js';
import { leastClosing } from './hammer-fixes.js';

/** A pipe to try the same flow in. */
export interface SweptPipe {
  material: PipeMaterial;
  dn: number;
  diameterM: number;
  waveSpeedMs: number;
}

/** Peaks of one type in one pipe, and the shortest closing that keeps under the limit there. */
export interface SweptRow {
  pipe: SweptPipe;
  type: ValveType;
  peaks: { closingS: number; peakPa: number }[];
  leastS?: number;
}

/** One type for each way of shutting. */
export const SWEPT_TYPES = [
  'ball',
  'butterfly-resilient',
  'plug-eccentric',
  'gate-resilient',
  'globe',
] as const satisfies readonly ValveType[];
const SIZES = 3;
const WATER_KG_M3 = 998.2;
/** Closing times, in reflections 2L/a. */
const REFLECTIONS = [0.5, 1, 2, 4, 8, 16, 32, 64];

/**
 * Pipes the flow could run in: the one that is there and the next sizes up of the same series.
 *
 * @example
 * sweptPipes('copper', 20).map(({ dn }) => dn) // [20, 25, 32]
 */
export function sweptPipes(material: PipeMaterial, dn: number): SweptPipe[] {
  const { table, elasticModulusPa } = PIPE_FACTS[material];
  if (!table || elasticModulusPa === undefined) return [];
  return PIPE_TABLES[table].sizes
    .filter((size) => size.dn >= dn)
    .slice(0, SIZES)
    .flatMap((size) => {
      const usual = usualPipe(material, size.dn);
      if (!usual) return [];
      const wallM = wallOfM(usual);
      const speed = waveSpeedMs({ elasticModulusPa, diameterM: usual.insideM, wallM }, WATER_KG_M3);
      return [{ material, dn: size.dn, diameterM: usual.insideM, waveSpeedMs: speed }];
    });
}
/**
 * Closing time by type by pipe: one row after another, so that whoever asks can show how far it is and stop.
 *
 * @param of    the case; its own type, time and pipe are tried among the others
 * @param pipes to try its flow in
 *
 * @example
 * [...hammerSweep(of, sweptPipes('copper', 20))].length // 15, a row a pipe and type
 */
export function* hammerSweep(of: HammerCase, pipes: readonly SweptPipe[]): Generator<SweptRow, void> {
  for (const pipe of pipes) {
    const inPipe = { ...of, diameterM: pipe.diameterM, waveSpeedMs: pipe.waveSpeedMs };
    for (const type of SWEPT_TYPES) {
      const inIt = { ...inPipe, law: closingLaw(type) };
      const line = lineOfRun(inIt);
      const peaks = REFLECTIONS.map((reflections) => {
        const closingS = reflections * line.criticalS;
        return { closingS, peakPa: closingPeakPa(line, inIt.law, closingS) };
      });
      const least = leastClosing(inIt);
      yield { pipe, type, peaks, ...(least && { leastS: least.closingS }) };
    }
  }
}

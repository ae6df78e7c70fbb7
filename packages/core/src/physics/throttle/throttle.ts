import { ATMOSPHERE_PA, WATER_CRITICAL_PRESSURE_PA } from '../../ground/media/index.js';
import { type CharacteristicName, relativeKv } from '../../ground/valves/index.js';

export interface ThrottleInput {
  characteristic: CharacteristicName;
  openKv: number;
  /** Everything else in series, as one Kv. */
  systemKv: number;
  /** Across both. */
  availablePressurePa: number;
  /** Gauge, ahead of the valve at zero flow. */
  upstreamPressurePa: number;
  /** Whether the rest lies ahead of the valve. */
  systemUpstream?: boolean | undefined;
  vapourPressureAbsPa?: number | undefined;
  densityKgM3?: number | undefined;
  /** F_L; by the characteristic unless given. */
  recoveryFactor?: number | undefined;
  openings?: readonly number[] | undefined;
}

export interface ThrottlePoint {
  opening: number;
  relativeKv: number;
  kv: number;
  flowM3s: number;
  /** Of the flow fully open. */
  flowFraction: number;
  valveDropPa: number;
  /** Cavitation index; left out at no flow. */
  sigma?: number;
  state: 'quiet' | 'incipient' | 'choked';
}

export interface Throttle {
  /** Drop of the open valve over all that is available. */
  authority: number;
  points: ThrottlePoint[];
  /** Openings between a tenth and nine tenths of the full flow. */
  usefulBand: { from: number; to: number };
  /** Change of the flow fraction for one per cent of travel, at its steepest. */
  resolution: number;
}

const COLD_VAPOUR_PA = 2339;
const COLD_WATER_KG_M3 = 998.2;
const STEPS = 20;
const RECOVERY: Partial<Record<CharacteristicName, number>> = {
  ball: 0.6,
  butterfly: 0.65,
  gate: 0.7,
  'plug-eccentric': 0.8,
};
const OTHER_RECOVERY = 0.9;
/** Index below which bubbles begin. Source: generic figures of the cavitation guides for each family. */
const INCIPIENT: Readonly<Record<CharacteristicName, number>> = {
  ball: 4,
  butterfly: 3,
  gate: 3,
  'plug-eccentric': 2.5,
  'globe-linear': 1.8,
  compression: 1.8,
  'equal-percentage': 1.8,
  'metering-cone': 1.8,
};
const BAND_FROM = 0.1;
const BAND_TO = 0.9;

/**
 * What a part-open valve does on its line: flow, loss, cavitation and the useful handle range.
 *
 * @param line valve and rest as Kv (m3/h at 1 bar), pressures Pa, density kg/m3
 * @returns authority, a point an opening, the useful band and how coarse the handle is at its worst
 * Source: resistances in series; choked flow by IEC 60534-2-1, F_F = 0.96 - 0.28 sqrt(p_v / p_c). Where it chokes, the drop is what the rest leaves at the choked flow.
 *
 * @example
 * throttle({ characteristic: 'globe-linear', openKv: 10, systemKv: 10, availablePressurePa: 2e5, upstreamPressurePa: 4e5 }).authority // 0.5
 */
export function throttle(line: ThrottleInput): Throttle {
  const { openKv, systemKv, characteristic } = line;
  const openings = line.openings ?? Array.from({ length: STEPS + 1 }, (_, at) => at / STEPS);
  const full = flowAt(line, 1).flowM3s;
  const points = openings.map((opening): ThrottlePoint => {
    const { flowM3s, ...rest } = flowAt(line, opening);
    return {
      opening,
      relativeKv: relativeKv(characteristic, opening),
      kv: openKv * relativeKv(characteristic, opening),
      flowM3s,
      flowFraction: full === 0 ? 0 : flowM3s / full,
      ...rest,
    };
  });
  const inOrder = [...points].sort((a, b) => a.opening - b.opening);
  return {
    authority: openKv ** -2 / (openKv ** -2 + systemKv ** -2),
    points,
    usefulBand: { from: openingOf(inOrder, BAND_FROM), to: openingOf(inOrder, BAND_TO) },
    resolution: inOrder.reduce((most, point, at) => {
      const before = inOrder[at - 1];
      const travel = before ? point.opening - before.opening : 0;
      return before && travel > 0
        ? Math.max(most, ((point.flowFraction - before.flowFraction) / travel) * 0.01)
        : most;
    }, 0),
  };
}

function flowAt(
  line: ThrottleInput,
  opening: number,
): Pick<ThrottlePoint, 'flowM3s' | 'valveDropPa' | 'state' | 'sigma'> {
  const { characteristic, openKv, systemKv, availablePressurePa, upstreamPressurePa } = line;
  const vapourPa = line.vapourPressureAbsPa ?? COLD_VAPOUR_PA;
  const recovery = line.recoveryFactor ?? RECOVERY[characteristic] ?? OTHER_RECOVERY;
  const kv = openKv * relativeKv(characteristic, opening);
  const upstreamPa = upstreamPressurePa + ATMOSPHERE_PA;
  if (kv === 0) return { flowM3s: 0, valveDropPa: availablePressurePa, state: 'quiet' };
  // A flow squared that loses one Pa in a Kv of one.
  const perPa = 1000 / (line.densityKgM3 ?? COLD_WATER_KG_M3) / 1e5;
  const valve = kv ** -2;
  const rest = systemKv ** -2;
  const ahead = line.systemUpstream ? rest : 0;
  const free = (availablePressurePa * perPa) / (valve + rest);
  const critical = 0.96 - 0.28 * Math.sqrt(vapourPa / WATER_CRITICAL_PRESSURE_PA);
  // The flow at which the drop is F_L^2 (p1 - F_F p_v), p1 falling with what lies ahead.
  const most = (recovery ** 2 * (upstreamPa - critical * vapourPa) * perPa) / (valve + recovery ** 2 * ahead);
  const isChoked = free >= most;
  const squared = Math.max(0, Math.min(free, most));
  const valveDropPa = availablePressurePa - (squared * rest) / perPa;
  const inletPa = upstreamPa - (squared * ahead) / perPa;
  const flowM3s = Math.sqrt(squared) / 3600;
  if (valveDropPa <= 0) return { flowM3s, valveDropPa, state: 'quiet' };
  const sigma = (inletPa - vapourPa) / valveDropPa;
  const state = isChoked ? 'choked' : sigma < INCIPIENT[characteristic] ? 'incipient' : 'quiet';
  return { flowM3s, valveDropPa, sigma, state };
}

/** The opening at which a share of the full flow passes, between the openings given. */
function openingOf(points: readonly ThrottlePoint[], share: number): number {
  const at = points.findIndex(({ flowFraction }) => flowFraction >= share);
  const above = points[at];
  const below = points[at - 1];
  if (!above) return points.at(-1)?.opening ?? 1;
  if (!below) return above.opening;
  const part = (share - below.flowFraction) / (above.flowFraction - below.flowFraction);
  return below.opening + part * (above.opening - below.opening);
}

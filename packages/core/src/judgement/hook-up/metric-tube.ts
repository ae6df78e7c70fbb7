import type { PipeMaterial } from '../../ground/pipes/index.js';
import { METRIC_TUBE_DN } from '../../ground/units/index.js';
import type { End } from '../../ground/valves/index.js';
import type { ConnectionReason } from './connection-rules.js';
import type { Part } from './part.js';

const TUBES: readonly PipeMaterial[] = ['copper', 'stainless', 'pex', 'cpvc'];
const OUTSIDE_MM: ReadonlyMap<number, number> = new Map(
  Object.entries(METRIC_TUBE_DN).map(([outside, dn]) => [dn, Number(outside)]),
);

/** Whether a pipe is sold as tube, by its outside where it is metric. */
export const isTube = (material: PipeMaterial): boolean => TUBES.includes(material);

/** Parts that go on metric tube, each by the outside of the tube. */
export const byTheOutside = (parts: readonly Part[]): Part[] =>
  parts.map((part) => {
    const outsideMm = part.dn === undefined ? undefined : OUTSIDE_MM.get(part.dn);
    return outsideMm === undefined || part.drilling !== undefined ? part : { ...part, outsideMm };
  });

const FITTED_ON_TUBE: readonly End[] = ['press', 'sweat', 'od-compression', 'push-fit', 'brazed'];

/** What metric tube asks of a valve’s own ends. */
export const metricTubeReasons = (ends: readonly End[]): ConnectionReason[] =>
  ends.some((end) => FITTED_ON_TUBE.includes(end))
    ? [
        {
          rule: 'metric-tube',
          verdict: 'advice',
          text: 'Metric tube: order the valve with ends made for its outside in mm; an inch end does not seal on it.',
        },
      ]
    : [];

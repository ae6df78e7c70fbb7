import type { ValveType } from '../../../ground/valves/index.js';

/** Types whose drawing is that of another type, so that nobody can tell them apart by it. */
export const NOT_DRAWN_APART: readonly ValveType[] = ['radiator-disc', 'radiator-metering'];

/** Types that are taken for one another when cut open. Source: what apprentices mix up at the bench. */
export const LOOK_ALIKES: readonly (readonly ValveType[])[] = [
  ['gate-solid', 'gate-resilient', 'knife-gate', 'globe'],
  ['compression-stop', 'gate-solid', 'globe', 'quarter-turn-stop'],
  ['ball', 'plug-taper', 'plug-lubricated', 'quarter-turn-stop', 'plug-eccentric'],
  ['check-swing', 'check-swing-spring', 'check-swing-weighted', 'check-lift-horizontal', 'check-tilting'],
  ['globe', 'globe-y', 'angle', 'needle', 'compression-stop', 'diaphragm'],
  ['check-spring-inline', 'check-lift-vertical', 'check-ball', 'check-dual-plate'],
  ['butterfly-resilient', 'butterfly-metal', 'butterfly-gas-cock', 'check-tilting', 'check-dual-plate'],
  ['ball-3-way', 'plug-3-way', 'ball', 'plug-eccentric'],
  ['pressure-reducing', 'relief', 'solenoid', 'diaphragm'],
  ['angle', 'compression-stop-angle', 'relief', 'needle'],
];

import { isPlastic } from '../../ground/valves/index.js';
import { CLASSES } from './classes.js';
import type { SpecEnd, ValveSpec } from './valve-spec.js';

/** Fields that cannot stand together, and why. */
export interface Conflict {
  fields: (keyof ValveSpec)[];
  why: string;
}

const FORGED: readonly string[] = ['A105', 'F304', 'F316'];
const CAST: readonly string[] = ['A216 WCB', 'CF8', 'CF8M', 'CF3', 'CF3M'];
const FORGED_TO_DN = 50;
const FORGED_CLASSES: readonly number[] = [800, 1500, 2500, 4500];
const CAST_CLASSES: readonly number[] = [125, 150, 250, 300, 600, 900, 1500, 2500];
const TRIMS_TO = 18;
const SCREWED: readonly SpecEnd['style'][] = ['fip', 'mip', 'socket-weld'];
const NEVER_GAS: readonly SpecEnd['style'][] = [
  'sweat',
  'pex-barb',
  'pex-expansion',
  'push-fit',
  'solvent-socket',
  'male-hose',
];

const classOf = ({ rating }: ValveSpec): number | undefined =>
  rating?.kind === 'class' ? rating.value : undefined;
const flangeClass = ({ style }: SpecEnd): number | undefined => {
  const of = /^flange-(\d+)$/.exec(style)?.[1];
  return of === undefined ? undefined : Number(of);
};

interface ConflictRule extends Conflict {
  holds(spec: ValveSpec): boolean;
}

/** What no maker makes and no counter can sell. Source: ASME B16.34, API 600 and 602, and the joints’ own standards. */
const CONFLICTS: readonly ConflictRule[] = [
  {
    fields: ['rating'],
    why: 'There is no such pressure class.',
    holds: (spec) => classOf(spec) !== undefined && !CLASSES.includes(classOf(spec) ?? 0),
  },
  {
    fields: ['rating', 'ends'],
    why: 'The flanges are of another class than the body: they do not bolt to the pipe’s.',
    holds: (spec) =>
      classOf(spec) !== undefined &&
      (spec.ends ?? []).some((end) => {
        const of = flangeClass(end);
        return of !== undefined && of !== classOf(spec);
      }),
  },
  {
    fields: ['trim'],
    why: 'API 600 has no such trim number.',
    holds: ({ trim }) => trim !== undefined && (trim < 1 || trim > TRIMS_TO),
  },
  {
    fields: ['body', 'dn'],
    why: 'Forged bodies are made up to 2 in: above it they are cast.',
    holds: ({ body, dn }) => FORGED.includes(body ?? '') && (dn ?? 0) > FORGED_TO_DN,
  },
  {
    fields: ['rating', 'dn'],
    why: 'Class 800 is a class of forged valves, made up to 2 in.',
    holds: (spec) => classOf(spec) === 800 && (spec.dn ?? 0) > FORGED_TO_DN,
  },
  {
    fields: ['body', 'rating'],
    why: 'Cast steel has no class 800: it is forged.',
    holds: (spec) => CAST.includes(spec.body ?? '') && classOf(spec) === 800,
  },
  {
    fields: ['body', 'rating'],
    why: 'Forged steel valves are class 800, 1500 or 2500.',
    holds: (spec) =>
      spec.body === 'A105' &&
      classOf(spec) !== undefined &&
      CAST_CLASSES.includes(classOf(spec) ?? 0) &&
      !FORGED_CLASSES.includes(classOf(spec) ?? 0) &&
      !(spec.ends ?? []).some((end) => flangeClass(end) !== undefined),
  },
  {
    fields: ['body', 'ends'],
    why: 'Cast steel valves above 2 in are flanged or butt-welded.',
    holds: ({ body, dn, ends = [] }) =>
      CAST.includes(body ?? '') &&
      (dn ?? 0) > FORGED_TO_DN &&
      ends.some(({ style }) => SCREWED.includes(style)),
  },
  {
    fields: ['facing', 'ends'],
    why: 'A facing belongs to flanges, and no end has one.',
    holds: ({ facing, ends }) =>
      facing !== undefined && ends !== undefined && !ends.some(({ style }) => style.startsWith('flange')),
  },
  {
    fields: ['type', 'action'],
    why: 'A quarter-turn stop is not multi-turn, and a compression stop is not quarter turn.',
    holds: ({ type, action }) =>
      (type === 'quarter-turn-stop' && action === 'multi-turn') ||
      ((type === 'compression-stop' || type === 'compression-stop-angle') && action === 'quarter-turn'),
  },
  {
    fields: ['type', 'kind'],
    why: 'The kind names another check than the type.',
    holds: ({ type, kind }) =>
      kind !== undefined &&
      type !== undefined &&
      type.startsWith('check-') &&
      kind !== type.slice('check-'.length),
  },
  {
    fields: ['body', 'ends'],
    why: 'Solvent cement joins plastic to plastic: a metal body has no solvent socket.',
    holds: (spec) =>
      spec.body !== undefined &&
      !isPlastic(spec.body) &&
      (spec.ends ?? []).some(({ style }) => style === 'solvent-socket'),
  },
  {
    fields: ['body', 'ends'],
    why: 'Plastic is not soldered, brazed, pressed or welded.',
    holds: (spec) =>
      isPlastic(spec.body) &&
      (spec.ends ?? []).some(({ style }) =>
        ['sweat', 'brazed', 'press', 'socket-weld', 'butt-weld'].includes(style),
      ),
  },
  {
    fields: ['approvals', 'ends'],
    why: 'This joint is not for fuel gas.',
    holds: ({ approvals = [], ends = [] }) =>
      approvals.includes('gas') && ends.some(({ style }) => NEVER_GAS.includes(style)),
  },
  {
    fields: ['setPressurePa', 'rangePa'],
    why: 'The set pressure is outside the range of its spring.',
    holds: ({ setPressurePa, rangePa }) =>
      setPressurePa !== undefined &&
      rangePa !== undefined &&
      (setPressurePa < rangePa[0] || setPressurePa > rangePa[1]),
  },
];

/**
 * What of a valve cannot be together, whatever else is known of it.
 *
 * @param spec field by field
 * @returns the fields of each conflict and why; none for a valve that can be made
 *
 * @example
 * specConflicts({ rating: { kind: 'class', value: 137 } })[0].fields // ['rating']
 */
export const specConflicts = (spec: ValveSpec): Conflict[] =>
  CONFLICTS.filter(({ holds }) => holds(spec)).map(({ fields, why }) => ({ fields, why }));

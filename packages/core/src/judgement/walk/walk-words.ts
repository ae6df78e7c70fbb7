import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { ValveType } from '../../ground/valves/index.js';

/** Valves as people write them, the longer name before the shorter one in it. Undefined: a valve whose kind was not said. */
export const VALVE_SAID: readonly (readonly [RegExp, ValveType | undefined])[] = (
  [
    ['(?:three|3)[- ]way ball', 'ball-3-way'],
    ['curb stop|stop[ -]?cock', undefined],
    ['t ?& ?p(?: relief)?|relief', 'relief'],
    ['ball check', 'check-ball'],
    ['(?:spring|inline|in-line) check', 'check-spring-inline'],
    ['(?:dual|double)[- ]plate check|dual[- ]plate', 'check-dual-plate'],
    ['lift check', 'check-lift-horizontal'],
    ['tilting(?: disc)? check|tilting disc', 'check-tilting'],
    [
      'spring(?:[- ]assisted)? (?:flapper|swing(?: check)?)|(?:flapper|swing check) with spring',
      'check-swing-spring',
    ],
    ['(?:weighted|lever[- ]and[- ]weight) (?:swing )?check', 'check-swing-weighted'],
    ['(?:swing )?check|chk|flapper', 'check-swing'],
    ['(?:resilient|rubber)[- ](?:wedge|seated?)(?: gate)?|rwgv', 'gate-resilient'],
    ['knife gate', 'knife-gate'],
    ['gate', 'gate-solid'],
    ['(?:quarter[- ]turn|qt) (?:angle )?stop', 'quarter-turn-stop'],
    ['compression angle stop', 'compression-stop-angle'],
    ['angle stop', undefined],
    ['(?:compression |straight )?stop(?! cock)', 'compression-stop'],
    ['butterfly gas cock|gas butterfly', 'butterfly-gas-cock'],
    ['butterfly|bfv', 'butterfly-resilient'],
    ['ground[- ]key(?: (?:gas )?cock)?|taper plug|plug cock', 'plug-taper'],
    ['gas (?:cock|shut-?off)', undefined],
    ['eccentric plug', 'plug-eccentric'],
    ['lubricated plug', 'plug-lubricated'],
    ['plug', undefined],
    ['ball', 'ball'],
    ['needle', 'needle'],
    ['diaphragm', 'diaphragm'],
    ['y globe|inclined globe', 'globe-y'],
    ['globe', 'globe'],
    ['angle valve', 'angle'],
    ['metering (?:radiator )?valve', 'radiator-metering'],
    ['radiator valve', 'radiator-disc'],
    ['prv|pressure[- ]reduc\\w+', 'pressure-reducing'],
    ['solenoid', 'solenoid'],
    ['valve|shut-?off', undefined],
  ] as const
).map(([words, type]) => [new RegExp(`\\b(?:${words})s?(?: valves?)?\\b`, 'i'), type] as const);

export const PIPE_SAID: readonly (readonly [RegExp, PipeMaterial])[] = (
  [
    ['copper|cu', 'copper'],
    ['galvani[sz]ed|galv', 'galvanised'],
    ['stainless|ss', 'stainless'],
    ['black(?: iron| steel)?|steel', 'steel'],
    ['ductile(?: iron)?|di', 'ductile-iron'],
    ['pex', 'pex'],
    ['cpvc', 'cpvc'],
    ['pvc', 'pvc'],
    ['hdpe|poly(?:ethylene)?', 'hdpe'],
    ['csst', 'csst'],
  ] as const
).map(([words, material]) => [new RegExp(`\\b(?:${words})\\b`, 'i'), material] as const);

export const SOURCE_SAID =
  /^(?:source|from|(?:street|city|water|gas|town) main|main\b|well|tank|meter|supply)\b/i;
export const TEE_SAID = /^(?:tee|branch|split|to)\b\s*(?:to\b\s*)?/i;
export const PIPE_WORD = /\b(?:pipe|run|riser|line|tube)\b/i;

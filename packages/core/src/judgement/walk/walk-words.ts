import type { PipeMaterial } from '../../ground/pipes/index.js';
import type { ValveType } from '../../ground/valves/index.js';

/** Valves as people write them in English and Spanish, the longer name before the shorter one in it. Undefined: a valve whose kind was not said. */
export const VALVE_SAID: readonly (readonly [RegExp, ValveType | undefined])[] = (
  [
    ['(?:three|3)[- ]way ball|(?:bola|esfera) (?:de )?(?:tres|3) v[ií]as', 'ball-3-way'],
    ['curb stop|stop[ -]?cock|llave (?:de banqueta|de paso|general)', undefined],
    ['t ?& ?p(?: relief)?|relief|alivio', 'relief'],
    ['ball check|(?:check|retenci[oó]n) de (?:bola|esfera)', 'check-ball'],
    [
      '(?:spring|inline|in-line) check|(?:check|retenci[oó]n) (?:de resorte|en l[ií]nea)',
      'check-spring-inline',
    ],
    [
      '(?:dual|double)[- ]plate check|dual[- ]plate|(?:check|retenci[oó]n) (?:de )?doble (?:placa|disco)',
      'check-dual-plate',
    ],
    ['lift check|(?:check|retenci[oó]n) de (?:elevaci[oó]n|levante|pist[oó]n)', 'check-lift-horizontal'],
    ['tilting(?: disc)? check|tilting disc|(?:check |disco )?basculante', 'check-tilting'],
    [
      'spring(?:[- ]assisted)? (?:flapper|swing(?: check)?)|(?:flapper|swing check) with spring|(?:check (?:de )?)?(?:columpio|clapeta) con resorte',
      'check-swing-spring',
    ],
    [
      '(?:weighted|lever[- ]and[- ]weight) (?:swing )?check|(?:check (?:de )?)?columpio con (?:peso|contrapeso)',
      'check-swing-weighted',
    ],
    [
      '(?:swing )?check|chk|flapper|(?:check (?:de )?)?columpio|retenci[oó]n|clapeta|antirretorno',
      'check-swing',
    ],
    [
      '(?:resilient|rubber)[- ](?:wedge|seated?)(?: gate)?|rwgv|compuerta (?:de )?(?:cu[ñn]a |asiento )?(?:resiliente|de hule|el[aá]stica)',
      'gate-resilient',
    ],
    ['knife gate|(?:compuerta de )?(?:cuchilla|guillotina)', 'knife-gate'],
    ['gate|compuerta', 'gate-solid'],
    [
      '(?:quarter[- ]turn|qt) (?:angle )?stop|(?:llave )?(?:angular )?(?:de )?cuarto de vuelta',
      'quarter-turn-stop',
    ],
    ['compression angle stop|llave angular de compresi[oó]n', 'compression-stop-angle'],
    ['v[aá]lvula angular', 'angle'],
    ['angle stop|(?:llave )?angular', undefined],
    ['(?:compression |straight )?stop(?! cock)|llave (?:recta|de compresi[oó]n)', 'compression-stop'],
    ['butterfly gas cock|gas butterfly|mariposa (?:de|para) gas', 'butterfly-gas-cock'],
    ['butterfly|bfv|mariposa', 'butterfly-resilient'],
    ['ground[- ]key(?: (?:gas )?cock)?|taper plug|plug cock|macho (?:c[oó]nico|engrasado)', 'plug-taper'],
    ['gas (?:cock|shut-?off)|llave (?:de|del) gas', undefined],
    ['eccentric plug|macho exc[eé]ntrico', 'plug-eccentric'],
    ['lubricated plug|macho lubricado', 'plug-lubricated'],
    ['plug|macho', undefined],
    ['ball|bola|esfera', 'ball'],
    ['needle|aguja', 'needle'],
    ['diaphragm|diafragma', 'diaphragm'],
    ['y globe|inclined globe|globo (?:en y|inclinad[oa])', 'globe-y'],
    ['globe|globo', 'globe'],
    ['angle valve', 'angle'],
    ['metering (?:radiator )?valve|dosificadora', 'radiator-metering'],
    ['radiator valve|(?:v[aá]lvula|llave) de radiador', 'radiator-disc'],
    ['prv|pressure[- ]reduc\\w+|reductora?(?: de presi[oó]n)?', 'pressure-reducing'],
    ['solenoid|solenoide', 'solenoid'],
    ['valve|shut-?off|v[aá]lvula|llave', undefined],
  ] as const
).map(
  ([words, type]) =>
    [
      new RegExp(`\\b(?:(?:v[aá]lvulas?|llaves?) (?:de )?)?(?:${words})s?(?: valves?)?\\b`, 'i'),
      type,
    ] as const,
);

export const PIPE_SAID: readonly (readonly [RegExp, PipeMaterial])[] = (
  [
    ['copper|cu|cobre', 'copper'],
    ['galvani[sz]ed|galv|(?:acero )?galvanizad[oa]', 'galvanised'],
    ['stainless|ss|(?:acero )?inoxidable|inox', 'stainless'],
    ['ductile(?: iron)?|di|(?:hierro )?d[uú]ctil', 'ductile-iron'],
    ['black(?: iron| steel)?|steel|acero|(?:fierro|hierro)(?: negro)?', 'steel'],
    ['pex', 'pex'],
    ['cpvc', 'cpvc'],
    ['pvc', 'pvc'],
    ['hdpe|poly(?:ethylene)?|polietileno', 'hdpe'],
    ['csst', 'csst'],
  ] as const
).map(([words, material]) => [new RegExp(`\\b(?:${words})\\b`, 'i'), material] as const);

export const SOURCE_SAID =
  /^(?:source|from|(?:street|city|water|gas|town) main|main\b|well|tank|meter|supply|origen|desde|(?:l[ií]nea|red|toma) (?:de la calle|municipal|principal|general|de gas)|toma|pozo|cisterna|tinaco|medidor|suministro)\b/i;
export const TEE_SAID =
  /^(?:tee|branch|split|to|te|ramal|derivaci[oó]n)\b\s*(?:(?:to|al?|hacia|para)\b\s*)?/i;
export const PIPE_WORD =
  /\b(?:pipe|run|riser|line|tube|tubo|tramo|montante)\b|\b(?:tuber[ií]a|l[ií]nea)(?![\p{L}])/iu;

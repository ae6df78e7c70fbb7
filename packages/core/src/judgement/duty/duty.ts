import {
  type Field,
  type ValueOf,
  choice,
  flag,
  number,
  optional,
  record,
} from '../../ground/input/index.js';
import { MEDIA } from '../../ground/media/index.js';
import { PIPE_MATERIALS } from '../../ground/pipes/index.js';
import { VALVE_FUNCTIONS } from '../../ground/valves/index.js';

export const ORIENTATIONS = ['horizontal', 'vertical-up', 'vertical-down'] as const;
export const FLOW_PATTERNS = ['steady', 'intermittent', 'pulsating'] as const;
export const SOLIDS = ['none', 'scale-sediment', 'grit', 'stringy'] as const;
export const THREADS = ['npt', 'bsp'] as const;
export const PLACES = ['indoors', 'outdoors', 'pit', 'buried', 'concealed'] as const;

const pipeInput = record({
  material: choice(PIPE_MATERIALS),
  insideDiameterM: optional(number({ unit: 'm', above: 0 })),
  lengthUpstreamM: optional(
    number({ unit: 'm', min: 0, meaning: 'pipe length upstream to the first large volume' }),
  ),
  waveSpeedMs: optional(number({ unit: 'm/s', above: 0 })),
});

/** What a position asks of its valve, apart from the medium, which its line gives. */
export const dutyFields = {
  function: choice(VALVE_FUNCTIONS),
  dn: number({ unit: 'DN', integer: true, above: 0, max: 3000 }),
  pressurePa: optional(number({ unit: 'Pa gauge', min: 0, meaning: 'highest working pressure' })),
  temperatureC: optional(number({ unit: 'degrees C', min: -273.15, max: 2000 })),
  outletPressurePa: optional(number({ unit: 'Pa gauge', min: 0, meaning: 'reduce-pressure: beyond it' })),
  smallestPassageM: optional(number({ unit: 'm', above: 0, meaning: 'largest solid the pump passes' })),
  threads: optional(choice(THREADS, 'thread system of the job')),
  heatInputW: optional(number({ unit: 'W', min: 0, meaning: 'relieve: of what it protects' })),
  otherRoom: optional(flag('gas: the appliance is in another room')),
  flowM3s: optional(number({ unit: 'm3/s', min: 0 })),
  supplyPressureLow: optional(flag('low supply pressure')),
  differentialPa: optional(number({ unit: 'Pa', min: 0 })),
  pipe: optional(pipeInput),
  orientation: optional(choice(ORIENTATIONS, 'direction of flow')),
  flowPattern: optional(choice(FLOW_PATTERNS)),
  startsPerHour: optional(number({ min: 0 })),
  solids: optional(choice(SOLIDS)),
  screened: optional(flag()),
  hardWater: optional(flag()),
  chloramine: optional(flag()),
  aggressiveToBrass: optional(flag('water attacks brass (dezincification)')),
  operatedPerYear: optional(number({ min: 0 })),
  place: optional(choice(PLACES)),
  headroomM: optional(number({ unit: 'm', min: 0 })),
  publicAccess: optional(flag()),
  livestock: optional(flag()),
  lockout: optional(flag()),
  mustSeePosition: optional(flag()),
  passThrough: optional(flag('a snake, camera or pig must pass')),
  endOfLine: optional(flag('end of line: must hold with the downstream pipe removed')),
  serviceable: optional(flag('taken apart for cleaning or repair')),
  fineControl: optional(flag()),
  reverseFlowPossible: optional(flag()),
  existing: optional(flag('existing valve')),
  occupied: optional(flag()),
  distanceToApplianceM: optional(number({ unit: 'm', min: 0, meaning: 'gas' })),
  crossConnection: optional(flag('cross-connection hazard downstream')),
  surgeLimitPa: optional(
    number({ unit: 'Pa gauge', above: 0, meaning: 'highest pressure a surge may reach' }),
  ),
  lineLimitPa: optional(
    number({ unit: 'Pa gauge', above: 0, meaning: 'what the weakest other part on the line carries' }),
  ),
  closureTimeS: optional(number({ unit: 's', min: 0 })),
};

export const dutyInput = record({ medium: choice(MEDIA), ...dutyFields });

/** Where a fact of a duty is from; `walk` and `line` are worked out, never stored. */
export const FACT_ORIGINS = ['measured', 'said', 'assumed', 'walk', 'line'] as const;
export type FactOrigin = (typeof FACT_ORIGINS)[number];

const originOf = Object.fromEntries(
  [...Object.keys(dutyFields), 'pipe.lengthUpstreamM'].map((fact) => [fact, optional(choice(FACT_ORIGINS))]),
);

/** A position's own part of the duty: everything but the medium, and where its facts are from. */
export const positionDutyInput = record({
  ...dutyFields,
  origins: optional(record(originOf) as Field<Partial<Record<string, FactOrigin>>>),
});

/** Facts that hold for a whole line; its positions take over what they do not say themselves. */
const lineFactFields = {
  pressurePa: dutyFields.pressurePa,
  temperatureC: dutyFields.temperatureC,
  hardWater: dutyFields.hardWater,
  chloramine: dutyFields.chloramine,
  aggressiveToBrass: dutyFields.aggressiveToBrass,
  solids: dutyFields.solids,
  screened: dutyFields.screened,
  supplyPressureLow: dutyFields.supplyPressureLow,
  surgeLimitPa: dutyFields.surgeLimitPa,
  threads: dutyFields.threads,
};

/** How condensate gets out of a radiator and steam is kept in it. */
export const STEAM_RETURNS = ['one-pipe', 'trap', 'orifice', 'neither'] as const;

/** Facts of a line that its positions do not carry in their duty. */
const lineOnlyFields = {
  metricTube: optional(flag('tube is bought by its outside in mm')),
  steamReturn: optional(choice(STEAM_RETURNS, 'steam: one pipe, or two with a trap, an orifice or neither')),
};
export const lineFactsInput = record({ ...lineFactFields, ...lineOnlyFields });
export type LineFacts = ValueOf<typeof lineFactsInput>;
/** The facts that positions take over. */
export const LINE_FACTS = Object.keys(lineFactFields) as (keyof typeof lineFactFields)[];
export const LINE_ONLY_FACTS = Object.keys(lineOnlyFields) as (keyof typeof lineOnlyFields)[];

export type Duty = ValueOf<typeof dutyInput>;
export type PositionDuty = ValueOf<typeof positionDutyInput>;

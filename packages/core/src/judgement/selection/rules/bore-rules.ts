import { kvDropPa, pipeVelocityMs } from '../../../physics/loss/index.js';
import { MEDIUM_FACTS, isRawWaste } from '../../../ground/media/index.js';
import {
  type Port,
  type ValveType,
  familyOf,
  isCheck,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import {
  type Candidate,
  type Duty,
  type Rule,
  ask,
  askDuty,
  care,
  liquidDensityKgM3,
  ruledOut,
  supports,
  valveBoreM,
} from '../../duty/index.js';
import { boreRatio, estimatedOpenKv } from '../open-kv.js';

const LARGE_DN = 300;
const KNIFE_TO_PA = 4e5;
const KNIFE_NEVER_PA = 10e5;
const LEAST_PORT_FOR_SOLIDS = 0.8;
const LOSS_SHARE_OUT = 0.2;
const BORE_CARE_MS = 3;
const BORE_OUT_MS = 5;
const LEAST_AUTHORITY = 0.2;

const isNarrow = (port: Port | undefined): boolean =>
  port === 'reduced' || port === 'standard' || port === 'venturi';
const isBuildingWater = ({ medium }: Duty): boolean =>
  ['potable-cold', 'potable-hot', 'heating-water', 'irrigation'].includes(medium);

/** What stands in the bore whatever its size. */
const IN_THE_BORE: readonly ValveType[] = [
  'needle',
  'globe',
  'globe-y',
  'angle',
  'compression-stop',
  'compression-stop-angle',
  'quarter-turn-stop',
  'radiator-disc',
  'radiator-metering',
  'solenoid',
  'ball-3-way',
  'plug-3-way',
  'check-lift-horizontal',
  'check-lift-vertical',
  'check-tilting',
];
const SWINGS: readonly ValveType[] = ['check-swing', 'check-swing-spring', 'check-swing-weighted'];

/** Whether the kind of solids could change what is said of a valve. */
function solidsDecide({ dn }: Duty, { type, port, boreM }: Candidate, isGeneric: boolean): boolean {
  if (isCheck(type)) return SWINGS.includes(type);
  if (familyOf(type) === 'butterfly') return dn >= LARGE_DN;
  return type === 'ball' && port !== 'full' && (!isGeneric || port !== undefined || boreM !== undefined);
}

/** Pressure lost fully open at the duty's flow, by the handbook's estimate, Pa; undefined where flow or bore is not known. */
function openLossPa(duty: Duty, valve: Candidate): number | undefined {
  const kv = estimatedOpenKv(duty, valve);
  return duty.flowM3s === undefined || kv === undefined
    ? undefined
    : kvDropPa(duty.flowM3s, kv, liquidDensityKgM3(duty));
}

/** Does the bore let through what must go through: the flow, the solids, the snake. */
export const BORE_RULES: readonly Rule[] = [
  {
    id: 'pass-through',
    group: 'bore-and-solids',
    when: 'A snake, camera or pig must pass.',
    concerns: ({ passThrough }) => passThrough === true,
    judge: (_duty, { type, port }) => {
      const { passes } = valveTypeFacts(type);
      if (isNarrow(port) || passes === undefined)
        return ruledOut('No snake or camera passes: the bore is obstructed, narrows or turns.');
      if (passes === 'flapper-lifted') return care('A snake passes only with the flapper lifted by hand.');
      if (passes === 'full-port' && port === undefined)
        return ask('port', 'A snake must pass: does it have a full port?');
      return undefined;
    },
  },
  {
    id: 'waste-butterfly',
    group: 'bore-and-solids',
    when: 'Butterfly on raw sewage or slurry.',
    concerns: ({ medium }, type) => isRawWaste(medium) && familyOf(type) === 'butterfly',
    judge: ({ dn, solids }) =>
      dn < LARGE_DN || solids === 'stringy'
        ? ruledOut('The disc stays in the flow: rags catch on it and it no longer closes.')
        : care('At this size most solids pass the disc, but rags still catch on it: plan to clear it.'),
  },
  {
    id: 'waste-gate',
    group: 'bore-and-solids',
    when: 'Gate on raw sewage or slurry.',
    concerns: ({ medium }, type) => isRawWaste(medium) && familyOf(type) === 'gate',
    judge: ({ pressurePa }, { type }) => {
      if (type === 'gate-solid')
        return ruledOut('Solids fill the seat pocket and the wedge no longer seats.');
      if (type === 'gate-resilient')
        return care(
          'It has no seat pocket to fill, but grit cuts the rubber: exercise it and flush the seat.',
        );
      if (pressurePa === undefined)
        return askDuty('pressurePa', 'What is the highest pressure here? A knife gate is for low pressure.');
      const measured = {
        value: pressurePa,
        limit: pressurePa > KNIFE_NEVER_PA ? KNIFE_NEVER_PA : KNIFE_TO_PA,
        unit: 'Pa',
      } as const;
      if (pressurePa > KNIFE_NEVER_PA)
        return ruledOut(
          'Above this pressure the plate of a knife gate bends and the packing fails.',
          measured,
        );
      return pressurePa > KNIFE_TO_PA
        ? care('Its packing weeps at this pressure: plan to retighten and renew it.', measured)
        : undefined;
    },
  },
  {
    id: 'waste-plug',
    group: 'bore-and-solids',
    when: 'Eccentric plug or full-port ball on raw sewage or slurry.',
    concerns: ({ medium }, type) => isRawWaste(medium) && (type === 'plug-eccentric' || type === 'ball'),
    applies: (_duty, { type, port }) => type === 'plug-eccentric' || port === 'full',
    judge: (_duty, { type }) =>
      type === 'plug-eccentric'
        ? supports('The plug swings clear of the flow and wipes its seat.')
        : care(
            'The cavity around the ball collects solids: exercise the valve and flush it before they set.',
          ),
  },
  {
    id: 'waste-obstructs',
    group: 'bore-and-solids',
    when: 'Raw sewage or slurry: what stands in the bore, or a passage smaller than the solids.',
    source: 'Sewage pump practice: the smallest passage of pump, check and valve decides.',
    concerns: ({ medium }) => isRawWaste(medium),
    judge: (duty, valve, _settings, isGeneric) => {
      if (IN_THE_BORE.includes(valve.type))
        return ruledOut('It stands in the flow: rags and solids catch on it and block it.');
      const boreM = valveBoreM(duty, valve);
      const { smallestPassageM } = duty;
      if (smallestPassageM !== undefined && boreM !== undefined && boreM < smallestPassageM)
        return ruledOut('The solids the pump passes are larger than its bore.', {
          value: boreM,
          limit: smallestPassageM,
          unit: 'm',
        });
      return duty.solids === undefined && solidsDecide(duty, valve, isGeneric)
        ? askDuty('solids', 'What is in the sewage: grit, rags and strings? It decides on this type.')
        : undefined;
    },
  },
  {
    id: 'reduced-port-waste',
    group: 'bore-and-solids',
    when: 'Solids and a port under four fifths of the pipe.',
    concerns: ({ solids }, type) => solids !== undefined && solids !== 'none' && !isCheck(type),
    judge: (duty, valve) => {
      const ratio = boreRatio(duty, valve);
      if (ratio === undefined && valve.port === undefined && valve.type === 'ball')
        return ask('port', 'Which port does it have? Solids settle where the bore narrows.');
      const narrow = ratio === undefined ? isNarrow(valve.port) : ratio < LEAST_PORT_FOR_SOLIDS;
      if (!narrow) return undefined;
      const measured =
        ratio === undefined
          ? undefined
          : ({ value: ratio, limit: LEAST_PORT_FOR_SOLIDS, unit: 'ratio' } as const);
      const isWaste = MEDIUM_FACTS[duty.medium].family === 'waste';
      return isWaste && (duty.solids === 'stringy' || duty.solids === 'grit')
        ? ruledOut('Rags, strings and grit catch where the bore narrows.', measured)
        : care('Solids settle where the bore narrows: use a full port where possible.', measured);
    },
  },
  {
    id: 'low-pressure-bore',
    group: 'bore-and-solids',
    when: 'Low supply pressure, and a valve with a high loss.',
    concerns: ({ supplyPressureLow }) => supplyPressureLow === true,
    applies: (_duty, { type, port }) => isNarrow(port) || ['globe', 'stop'].includes(familyOf(type)),
    judge: (duty, valve) => {
      const lossPa = openLossPa(duty, valve);
      if (duty.pressurePa === undefined)
        return askDuty('pressurePa', 'How low is the pressure? A valve may take a fifth of it at most.');
      const limit = LOSS_SHARE_OUT * duty.pressurePa;
      if (lossPa === undefined)
        return care(
          'It loses pressure where the supply is low: calculate the loss at the flow before you choose it.',
        );
      const measured = { value: lossPa, limit, unit: 'Pa' } as const;
      return lossPa > limit
        ? ruledOut('Fully open, it loses more than a fifth of the available pressure.', measured)
        : care('It loses pressure where the supply is low.', measured);
    },
  },
  {
    id: 'bore-velocity',
    group: 'bore-and-solids',
    when: 'Velocity in the bore, building water.',
    concerns: (duty, type) => isBuildingWater(duty) && duty.flowM3s !== undefined && !isCheck(type),
    judge: (duty, valve) => {
      const boreM = valveBoreM(duty, valve);
      if (boreM === undefined || duty.flowM3s === undefined) return undefined;
      const value = pipeVelocityMs(duty.flowM3s, boreM);
      if (value > BORE_OUT_MS && valveTypeFacts(valve.type).softSeated)
        return ruledOut('At this velocity the flow tears the seats.', {
          value,
          limit: BORE_OUT_MS,
          unit: 'm/s',
        });
      return value > BORE_CARE_MS
        ? care('High velocity in the bore: noise and wear. A larger bore is quieter.', {
            value,
            limit: BORE_CARE_MS,
            unit: 'm/s',
          })
        : undefined;
    },
  },
  {
    id: 'oversized-valve',
    group: 'bore-and-solids',
    when: 'Throttling with too low a valve authority.',
    concerns: (duty) =>
      duty.function === 'throttle' &&
      (duty.differentialPa ?? 0) > 0 &&
      MEDIUM_FACTS[duty.medium].family === 'water',
    judge: (duty, valve) => {
      const lossPa = openLossPa(duty, valve);
      if (lossPa === undefined || !duty.differentialPa) return undefined;
      const value = lossPa / duty.differentialPa;
      return value < LEAST_AUTHORITY
        ? care(
            'Too large to control: only the last part of its travel changes the flow. Use a smaller size.',
            {
              value,
              limit: LEAST_AUTHORITY,
              unit: 'ratio',
            },
          )
        : undefined;
    },
  },
];

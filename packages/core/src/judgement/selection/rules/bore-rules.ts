import { kvDropPa, pipeVelocityMs } from '../../../physics/loss/index.js';
import { MEDIUM_FACTS, isRawWaste } from '../../../ground/media/index.js';
import { type Port, familyOf, isCheck, valveTypeFacts } from '../../../ground/valves/index.js';
import { liquidDensityKgM3, valveBoreM } from '../bore.js';
import type { Candidate } from '../candidate.js';
import type { Duty } from '../duty.js';
import { boreRatio, estimatedOpenKv } from '../open-kv.js';
import { type Rule, ask, care, ruledOut, supports } from '../rule.js';

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
    judge: ({ dn }) =>
      dn < LARGE_DN
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
    id: 'reduced-port-waste',
    group: 'bore-and-solids',
    when: 'Solids and a port under four fifths of the pipe.',
    concerns: ({ solids }, type) => solids !== undefined && solids !== 'none' && !isCheck(type),
    judge: (duty, valve) => {
      const ratio = boreRatio(duty, valve);
      const narrow = ratio === undefined ? isNarrow(valve.port) : ratio < LEAST_PORT_FOR_SOLIDS;
      if (!narrow) return undefined;
      const measured =
        ratio === undefined
          ? undefined
          : ({ value: ratio, limit: LEAST_PORT_FOR_SOLIDS, unit: 'ratio' } as const);
      return duty.solids === 'stringy'
        ? ruledOut('Rags and strings catch where the bore narrows.', measured)
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

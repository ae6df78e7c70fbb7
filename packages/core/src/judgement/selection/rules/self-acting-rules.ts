import type { Medium } from '../../../ground/media/index.js';
import { type Rule, ask, askDuty, care, ruledOut, surgeLimitPa } from '../../duty/index.js';

/** Latent heat of steam at atmospheric pressure, J/kg. */
const LATENT_J_KG = 2_257_000;
const SECONDS_AN_HOUR = 3600;
const LEAST_OVER_OUTLET_PA = 1e5;
const MOST_RATIO = 4;
const HEATED: readonly Medium[] = ['potable-hot', 'heating-water', 'steam-low', 'steam-vapour'];

/** Reliefs and reducers: what they are set to, and what they can do. */
export const SELF_ACTING_RULES: readonly Rule[] = [
  {
    id: 'relief-set',
    group: 'function',
    when: 'Relief valve, by its set pressure.',
    source: 'ASME BPVC Sections IV and VIII: set at or under the weakest part it protects.',
    concerns: ({ function: asked }, type) => asked === 'relieve' && type === 'relief',
    judge: (duty, valve, _settings, isGeneric) => {
      const value = valve.setPressurePa;
      if (value === undefined)
        return isGeneric ? undefined : care('At what pressure does it open? Order it by its set pressure.');
      const limit = surgeLimitPa(duty, valve);
      if (limit !== undefined && value > limit)
        return ruledOut('It opens above what the weakest part it protects can carry.', {
          value,
          limit,
          unit: 'Pa',
        });
      return duty.pressurePa !== undefined && value <= duty.pressurePa
        ? ruledOut('It opens at the working pressure and never closes.', {
            value: duty.pressurePa,
            limit: value,
            unit: 'Pa',
          })
        : undefined;
    },
  },
  {
    id: 'relief-capacity',
    group: 'function',
    when: 'Relief valve on heated water or steam, by its capacity.',
    source: 'ASME BPVC Section IV: it relieves all the heat put in; latent heat 2257 kJ/kg.',
    concerns: ({ function: asked, medium, heatInputW }, type) =>
      asked === 'relieve' && type === 'relief' && (HEATED.includes(medium) || heatInputW !== undefined),
    judge: ({ heatInputW }, { capacityKgH }, _settings, isGeneric) => {
      const questions = [
        ...(heatInputW === undefined
          ? [askDuty('heatInputW', 'How much heat goes in? Read the plate of the heater or boiler.')]
          : []),
        ...(capacityKgH === undefined && !isGeneric
          ? [care('What can it relieve? Order it by its capacity.')]
          : []),
      ];
      if (heatInputW === undefined || capacityKgH === undefined) return questions;
      const value = (capacityKgH * LATENT_J_KG) / SECONDS_AN_HOUR;
      return value < heatInputW
        ? ruledOut('It relieves less heat than goes in.', { value, limit: heatInputW, unit: 'W' })
        : undefined;
    },
  },
  {
    id: 'relief-temperature',
    group: 'function',
    when: 'Relief valve on hot drinking water.',
    source: 'Plumbing codes and ANSI Z21.22: a water heater is protected by pressure and temperature.',
    concerns: ({ function: asked, medium }, type) =>
      asked === 'relieve' && type === 'relief' && medium === 'potable-hot',
    judge: (_duty, { temperatureElement }) => {
      if (temperatureElement === undefined)
        return ask('temperatureElement', 'Does it open by temperature too? A water heater needs both.');
      return temperatureElement
        ? undefined
        : care('It opens by pressure alone: a water heater needs one that opens by temperature too.');
    },
  },
  {
    id: 'reducer-range',
    group: 'function',
    when: 'Pressure reducer, by supply and outlet pressure.',
    source: 'Reducer makers’ sheets: least difference, and cavitation above four to one.',
    concerns: ({ function: asked }, type) => asked === 'reduce-pressure' && type === 'pressure-reducing',
    judge: ({ pressurePa, outletPressurePa }) => {
      if (outletPressurePa === undefined)
        return askDuty('outletPressurePa', 'Which pressure is wanted beyond it?');
      if (pressurePa === undefined) return undefined;
      const measured = { value: pressurePa, limit: outletPressurePa, unit: 'Pa' } as const;
      if (pressurePa <= outletPressurePa)
        return ruledOut(
          'The supply is at or under the pressure wanted beyond it: it has nothing to reduce.',
          measured,
        );
      if (pressurePa <= outletPressurePa + LEAST_OVER_OUTLET_PA)
        return care(
          'The supply is hardly above the pressure wanted beyond it: under flow it falls below.',
          measured,
        );
      return pressurePa > MOST_RATIO * outletPressurePa
        ? care('More than four to one in one step is noisy and wears the seat: use two in series.', {
            ...measured,
            limit: MOST_RATIO * outletPressurePa,
          })
        : undefined;
    },
  },
];

import { choice, flag, list, number, optional, record, text } from '../../ground/input/index.js';
import {
  ACCESSORIES,
  APPROVALS,
  BODY_MATERIALS,
  ENDS,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  STEMS,
  VALVE_TYPES,
} from '../../ground/valves/index.js';
import { BONNETS, FACINGS, RATING_KINDS, SPEC_FAMILIES, STEELS } from './valve-spec.js';

const size = number({ unit: 'DN', integer: true, above: 0, max: 3000 });

/** A valve as it is ordered, read from outside. */
export const specInput = record({
  family: optional(choice(SPEC_FAMILIES)),
  type: optional(choice(VALVE_TYPES)),
  dn: optional(size),
  ends: optional(
    list(
      record({
        side: choice(['supply', 'fixture', 'fixture2', 'in', 'out']),
        style: choice(ENDS),
        dn: optional(size),
        odIn: optional(number({ unit: 'in', above: 0, max: 60, meaning: 'outside diameter of a tube' })),
      }),
      { most: 3 },
    ),
  ),
  form: optional(choice(['straight', 'angle', 'dual-angle', 'box'])),
  action: optional(choice(['quarter-turn', 'multi-turn'])),
  port: optional(choice(PORTS)),
  body: optional(choice([...BODY_MATERIALS, ...STEELS])),
  leadFree: optional(flag()),
  pieces: optional(number({ integer: true, min: 1, max: 9 })),
  seat: optional(choice(SEAT_MATERIALS)),
  disc: optional(choice(SEAT_MATERIALS)),
  stem: optional(choice(STEMS)),
  operator: optional(choice(OPERATORS)),
  rating: optional(record({ kind: choice(RATING_KINDS), value: number({ above: 0, max: 1e5 }) })),
  facing: optional(choice(FACINGS)),
  trim: optional(number({ integer: true, min: 1, max: 99, meaning: 'number of API 600' })),
  bonnet: optional(choice(BONNETS)),
  standard: optional(text(60)),
  coating: optional(choice(['epoxy', 'none'])),
  opening: optional(choice(['left', 'right'], 'the way it opens')),
  extensionM: optional(number({ unit: 'm', above: 0, max: 30 })),
  box: optional(flag()),
  spring: optional(flag()),
  kind: optional(text(40, 'of a check, its type without check-')),
  orientation: optional(text(40)),
  setPressurePa: optional(number({ unit: 'Pa gauge', above: 0 })),
  rangePa: optional(list(number({ unit: 'Pa gauge', min: 0 }), { least: 2, most: 2 })),
  strainer: optional(flag()),
  sealWeld: optional(flag('halves of a two-piece body seal welded')),
  capacityKgH: optional(number({ unit: 'kg/h', above: 0, meaning: 'of a relief, of steam' })),
  capacityW: optional(number({ unit: 'W', above: 0, meaning: 'of a relief' })),
  normally: optional(choice(['open', 'closed'], 'a solenoid without power')),
  voltageV: optional(number({ unit: 'V', above: 0, max: 1000 })),
  leastDifferentialPa: optional(number({ unit: 'Pa', min: 0 })),
  maxTemperatureC: optional(number({ unit: 'degrees C', min: -273.15, max: 2000 })),
  accessories: optional(list(choice(ACCESSORIES), { most: ACCESSORIES.length })),
  approvals: optional(list(choice(APPROVALS), { most: APPROVALS.length })),
});

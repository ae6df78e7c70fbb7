import {
  type Field,
  InvalidInput,
  type RecordOf,
  choice,
  flag,
  list,
  number,
  optional,
  record,
} from '../../ground/input/index.js';
import { RATING_IDS, ratingPointsInput } from '../../physics/rating/index.js';
import {
  APPROVALS,
  BODY_MATERIALS,
  ENDS,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  STEMS,
  VALVE_TYPES,
} from '../../ground/valves/index.js';

export const candidateFields = {
  type: choice(VALVE_TYPES),
  port: optional(choice(PORTS)),
  boreM: optional(number({ unit: 'm', above: 0 })),
  bodyMaterial: optional(choice(BODY_MATERIALS)),
  seatMaterial: optional(choice(SEAT_MATERIALS)),
  discMaterial: optional(choice(SEAT_MATERIALS)),
  stem: optional(choice(STEMS)),
  operator: optional(choice(OPERATORS)),
  pieces: optional(number({ integer: true, min: 1, max: 3 })),
  ends: optional(list(choice(ENDS), { least: 2, most: 2 })),
  ratingId: optional(choice(RATING_IDS, 'a plastic body derates it')),
  points: optional(ratingPointsInput),
  approvals: optional(list(choice(APPROVALS), { most: APPROVALS.length })),
  plasticStem: optional(flag()),
  listedIndicating: optional(flag('listed as indicating, supervised')),
  closeTimeS: optional(number({ unit: 's', min: 0 })),
  turns: optional(number({ above: 0, meaning: 'of the handwheel, nut or gear, open to closed' })),
  sealWeld: optional(flag('two-piece body: halves seal welded')),
  setPressurePa: optional(number({ unit: 'Pa gauge', above: 0, meaning: 'relief: opens at' })),
  capacityKgH: optional(number({ unit: 'kg/h', above: 0, meaning: 'relief: of steam' })),
  temperatureElement: optional(flag('relief: opens by temperature too')),
  fullLiftMs: optional(
    number({ unit: 'm/s', above: 0, meaning: 'check: velocity that holds it fully open' }),
  ),
  crackingPa: optional(number({ unit: 'Pa', min: 0, meaning: 'check: pressure that opens it' })),
  listedJoint: optional(flag('joint and seal listed for this medium, pressure and temperature')),
  unitPrice: optional(number({ min: 0 })),
  lifeYears: optional(list(number({ unit: 'years', above: 0 }), { least: 2, most: 2 })),
};

const plain = record(candidateFields);

export type Candidate = RecordOf<typeof candidateFields>;

/** One valve that could be chosen. What is left out is unknown, and asked for where it decides. */
export const candidateInput: Field<Candidate> = {
  ...plain,
  read(value, path) {
    const candidate = plain.read(value, path);
    if (candidate.ratingId !== undefined && candidate.points !== undefined) {
      throw new InvalidInput(`${path}.points`, `${path} gives ratingId and points: give only one of them.`);
    }
    const [low = 0, high = 0] = candidate.lifeYears ?? [];
    if (low > high)
      throw new InvalidInput(
        `${path}.lifeYears`,
        `${path}.lifeYears is [${low}, ${high}]: give the shorter life first.`,
      );
    return candidate;
  },
};

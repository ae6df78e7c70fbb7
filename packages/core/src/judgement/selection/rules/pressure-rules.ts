import { MEDIUM_FACTS, isSteam } from '../../../ground/media/index.js';
import { pipeVelocityMs } from '../../../physics/loss/index.js';
import {
  type SeatMaterial,
  SEAT_LIMIT_C,
  SEAT_MATERIALS,
  SEAT_WORDS,
  familyOf,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import { rateAssembly } from '../assembly.js';
import { valveBoreM } from '../bore.js';
import type { Candidate } from '../candidate.js';
import { type Rule, ask, care, ruledOut } from '../rule.js';
import { withArticle } from '../../../ground/wording/index.js';

const NEAR_RATING = 0.8;
const NEAR_SEAT_LIMIT_C = 10;
const WASH_MARGIN = 1.1;
const WASH_BORE_MS = 12;
const COOLEST_SOFT_LIMIT_C = SEAT_LIMIT_C.nylon;
const COOLEST_RUBBER_LIMIT_C = SEAT_LIMIT_C.nbr;
const HOTTEST_RUBBER_LIMIT_C = SEAT_LIMIT_C.fkm;

/** The field that names what a type closes on. */
export function closingField({ type }: Candidate): 'seatMaterial' | 'discMaterial' {
  return ['ball', 'butterfly', 'diaphragm', 'self-acting'].includes(familyOf(type))
    ? 'seatMaterial'
    : 'discMaterial';
}

/** Seat and disc, as far as they are known. */
export function closingMaterials({ seatMaterial, discMaterial }: Candidate): readonly SeatMaterial[] {
  if (seatMaterial && discMaterial) return [seatMaterial, discMaterial];
  const only = seatMaterial ?? discMaterial;
  return only ? ALONE[only] : NONE;
}

/** Asked of every valve of a catalogue by several rules: no list is made anew. */
const NONE: readonly SeatMaterial[] = [];
const ALONE = Object.fromEntries(
  SEAT_MATERIALS.map((material) => [material, [material]]),
) as unknown as Readonly<Record<SeatMaterial, readonly SeatMaterial[]>>;

/** Where a seat or disc gives up; unnamed rubber is taken as the best of them, and asked for. */
export const limitC = (material: SeatMaterial): number =>
  material === 'rubber' ? HOTTEST_RUBBER_LIMIT_C : SEAT_LIMIT_C[material];

const ASK_RATING = {
  ratingId: 'What is its rating at this temperature and size? Read its tag or data sheet.',
  bodyMaterial: 'Which plastic is the body? Its rating falls with temperature, by material.',
} as const;

/** Can it take the pressure and the heat. */
export const PRESSURE_RULES: readonly Rule[] = [
  {
    id: 'rating',
    group: 'medium-and-material',
    when: 'Pressure against the rating of the weakest part, body or joints, at the temperature.',
    judge: (duty, valve) => {
      const { rating, missing } = rateAssembly(duty, valve);
      if (rating?.verdict === 'not-rated')
        return ruledOut(`The ${rating.governing} is not rated at this temperature.`);
      if (rating?.verdict === 'over') {
        return ruledOut(`The pressure exceeds the rating of the ${rating.governing}.`, {
          value: duty.pressurePa,
          limit: rating.allowablePa,
          unit: 'Pa',
        });
      }
      if (missing) return ask(missing, ASK_RATING[missing]);
      if (rating?.utilisation === undefined || rating.utilisation <= NEAR_RATING) return undefined;
      return care(`The ${rating.governing} is near its rating: allow for surges.`, {
        value: duty.pressurePa,
        limit: rating.allowablePa,
        unit: 'Pa',
      });
    },
  },
  {
    id: 'seat-temperature',
    group: 'medium-and-material',
    when: "Temperature against the seat's or disc's limit.",
    concerns: ({ temperatureC }) => temperatureC >= COOLEST_SOFT_LIMIT_C - NEAR_SEAT_LIMIT_C,
    judge: ({ temperatureC }, valve) => {
      const known = closingMaterials(valve);
      const [first, second] = known;
      const weakest = first && second && limitC(second) < limitC(first) ? second : first;
      const limit = weakest ? limitC(weakest) : Infinity;
      if (weakest && temperatureC > limit) {
        return ruledOut(
          `Above its limit ${withArticle(SEAT_WORDS[weakest])} seat swells and the valve cannot be operated.`,
          {
            value: temperatureC,
            limit,
            unit: 'C',
          },
        );
      }
      if (known.includes('rubber') && temperatureC >= COOLEST_RUBBER_LIMIT_C - NEAR_SEAT_LIMIT_C) {
        return ask(closingField(valve), 'Which rubber is it? At this temperature the rubber decides.');
      }
      if (
        !weakest &&
        valveTypeFacts(valve.type).softSeated &&
        temperatureC >= COOLEST_SOFT_LIMIT_C - NEAR_SEAT_LIMIT_C
      ) {
        return ask(closingField(valve), 'What is the seat made of? At this temperature the seat decides.');
      }
      if (!weakest || temperatureC < limit - NEAR_SEAT_LIMIT_C) return undefined;
      return care(
        `Close to the temperature limit of ${withArticle(SEAT_WORDS[weakest])} seat: expect a stiff handle and a short life.`,
        {
          value: temperatureC,
          limit,
          unit: 'C',
        },
      );
    },
  },
  {
    id: 'wash-pressure',
    group: 'medium-and-material',
    when: 'High-pressure wash: a rating 10 % over the machine, and a bore for the flow.',
    concerns: ({ medium }) => medium === 'wash-water-high-pressure',
    judge: (duty, valve) => {
      const { rating, missing } = rateAssembly(duty, valve);
      const measured = rating && ({ value: duty.pressurePa, limit: rating.allowablePa, unit: 'Pa' } as const);
      if (rating && rating.allowablePa < duty.pressurePa)
        return ruledOut(`The ${rating.governing} is rated below the pressure of the machine.`, measured);
      if (missing) return ask(missing, ASK_RATING[missing]);
      if (rating && rating.allowablePa < WASH_MARGIN * duty.pressurePa) {
        return care(
          `The ${rating.governing} should be rated 10 % above the pressure of the machine.`,
          measured,
        );
      }
      if (duty.flowM3s === undefined) return undefined;
      const boreM = valveBoreM(duty, valve);
      if (boreM === undefined)
        return ask('boreM', 'What is its bore? The flow needs the bore, whatever the thread size.');
      const velocity = pipeVelocityMs(duty.flowM3s, boreM);
      return velocity > WASH_BORE_MS
        ? care('The bore is small for this flow: it heats the water and takes pressure from the gun.', {
            value: velocity,
            limit: WASH_BORE_MS,
            unit: 'm/s',
          })
        : undefined;
    },
  },
  {
    id: 'steam-rubber',
    group: 'medium-and-material',
    when: 'Rubber on steam.',
    concerns: ({ medium }) => isSteam(medium),
    judge: ({ medium }, valve) => {
      const known = closingMaterials(valve);
      const gone = known.find((material) => material === 'nbr' || material === 'neoprene');
      if (gone) return ruledOut(`${SEAT_WORDS[gone]} is not suitable for steam: it hardens and fails.`);
      const unknown = known.length === 0 && valveTypeFacts(valve.type).softSeated;
      if (known.includes('rubber') || unknown)
        return ask(closingField(valve), 'What is the seat made of? Few rubbers are suitable for steam.');
      if (!known.includes('epdm')) return undefined;
      return care(
        `EPDM hardens and cracks on ${MEDIUM_FACTS[medium].words} in about ten years: plan its renewal.`,
      );
    },
  },
];

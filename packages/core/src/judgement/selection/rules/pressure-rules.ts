import { MEDIUM_FACTS, isSteam } from '../../../ground/media/index.js';
import { pipeVelocityMs } from '../../../physics/loss/index.js';
import {
  type SeatMaterial,
  SEAT_LIMIT_C,
  SEAT_MATERIALS,
  SEAT_WORDS,
  familyOf,
  isPlastic,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import {
  type Assembly,
  type Candidate,
  type Duty,
  type Judgement,
  type Rule,
  advice,
  ask,
  askDuty,
  care,
  NEAR_RATING,
  measuredAgainst,
  mostOfPlasticPa,
  rateAssembly,
  ruledOut,
  valveBoreM,
} from '../../duty/index.js';
import { withArticle } from '../../../ground/wording/index.js';

const PLASTIC_LIMIT_C = { pvc: 60, cpvc: 93 } as const;
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

const ASK_DUTY = {
  pressurePa: 'What is the highest pressure here? The rating cannot be checked without it.',
  temperatureC: 'How hot does it get here? The rating depends on it.',
} as const;

/** What is asked before a rating can be judged. */
const asked = ({ missing, unknown }: Assembly): Judgement[] => [
  ...(missing ? [ask(missing, ASK_RATING[missing])] : []),
  ...unknown.map((fact) => askDuty(fact, ASK_DUTY[fact])),
];

/** Whether the bore passes what the machine pumps. */
function washBore(duty: Duty, valve: Candidate): Judgement[] {
  if (duty.flowM3s === undefined)
    return [askDuty('flowM3s', 'What flow does the machine make? Read its plate: the bore follows from it.')];
  const boreM = valveBoreM(duty, valve);
  if (boreM === undefined)
    return [ask('boreM', 'What is its bore? The flow needs the bore, whatever the thread size.')];
  const value = pipeVelocityMs(duty.flowM3s, boreM);
  return value > WASH_BORE_MS
    ? [
        care('The bore is small for this flow: it heats the water and takes pressure from the gun.', {
          value,
          limit: WASH_BORE_MS,
          unit: 'm/s',
        }),
      ]
    : [];
}

/** Can it take the pressure and the heat. */
export const PRESSURE_RULES: readonly Rule[] = [
  {
    id: 'rating',
    group: 'medium-and-material',
    when: 'Pressure against the rating of the weakest part, body or joints, at the temperature.',
    judge: (duty, valve) => {
      const { pressurePa } = duty;
      const assembly = rateAssembly(duty, valve);
      const { rating } = assembly;
      if (rating?.verdict === 'not-rated')
        return ruledOut(`The ${rating.governing} is not rated at this temperature.`);
      const measured = measuredAgainst(duty, rating);
      if (rating?.verdict === 'over')
        return ruledOut(`The pressure exceeds the rating of the ${rating.governing}.`, measured);
      const mostPa = assembly.missing && mostOfPlasticPa(duty, valve);
      if (mostPa !== undefined && pressurePa !== undefined && pressurePa > mostPa)
        return ruledOut('No valve of this plastic carries the pressure at this temperature.', {
          value: pressurePa,
          limit: mostPa,
          unit: 'Pa',
        });
      const questions = asked(assembly);
      if (questions.length > 0) return questions;
      if (rating?.utilisation === undefined || rating.utilisation <= NEAR_RATING) return undefined;
      return care(
        rating.utilisation === 1
          ? `The pressure is at the rating of the ${rating.governing}: nothing is left for surges.`
          : `The ${rating.governing} is near its rating: allow for surges.`,
        measured,
      );
    },
  },
  {
    id: 'plastic-heat',
    group: 'medium-and-material',
    when: 'PVC above 60 °C, CPVC above 93 °C.',
    source: 'ASTM D1785 and F441 rate no pipe or valve above them.',
    applies: (_duty, { bodyMaterial }) => isPlastic(bodyMaterial),
    judge: ({ temperatureC, medium }, { bodyMaterial }) => {
      if (!isPlastic(bodyMaterial)) return undefined;
      const limit = PLASTIC_LIMIT_C[bodyMaterial];
      if (temperatureC === undefined)
        return MEDIUM_FACTS[medium].rangeC[1] > limit
          ? askDuty('temperatureC', 'How hot does it get here? Plastic softens.')
          : undefined;
      return temperatureC > limit
        ? ruledOut('This plastic softens at this temperature, whatever its rating.', {
            value: temperatureC,
            limit,
            unit: 'C',
          })
        : undefined;
    },
  },
  {
    id: 'seat-temperature',
    group: 'medium-and-material',
    when: "Temperature against the seat's or disc's limit.",
    concerns: ({ temperatureC, medium }) =>
      (temperatureC ?? MEDIUM_FACTS[medium].rangeC[1]) >= COOLEST_SOFT_LIMIT_C - NEAR_SEAT_LIMIT_C,
    judge: ({ temperatureC, medium }, valve) => {
      const known = closingMaterials(valve);
      if (temperatureC === undefined) {
        const hottest = MEDIUM_FACTS[medium].rangeC[1];
        return known.some((material) => hottest > limitC(material) - NEAR_SEAT_LIMIT_C)
          ? askDuty('temperatureC', 'How hot does it get here? The seat has a limit.')
          : undefined;
      }
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
        `${temperatureC === limit ? 'At' : 'Close to'} the temperature limit of ${withArticle(SEAT_WORDS[weakest])} seat: expect a stiff handle and a short life.`,
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
      if (isPlastic(valve.bodyMaterial)) return ruledOut('Plastic is not for high-pressure wash lines.');
      const { pressurePa } = duty;
      const assembly = rateAssembly(duty, valve);
      const { rating } = assembly;
      const measured = measuredAgainst(duty, rating);
      if (rating && measured && rating.allowablePa < measured.value)
        return ruledOut(`The ${rating.governing} is rated below the pressure of the machine.`, measured);
      const said = asked(assembly);
      if (pressurePa === undefined && said.length === 0)
        said.push(askDuty('pressurePa', 'What pressure does the machine make? Read its plate.'));
      if (said.length === 0 && rating && measured && rating.allowablePa < WASH_MARGIN * measured.value)
        said.push(
          care(`The ${rating.governing} should be rated 10 % above the pressure of the machine.`, measured),
        );
      return [...said, ...washBore(duty, valve)];
    },
  },
  {
    id: 'wash-trapped',
    group: 'medium-and-material',
    when: 'A shut-off on a high-pressure wash line.',
    concerns: ({ medium, function: asked }) =>
      medium === 'wash-water-high-pressure' && (asked === 'isolate' || asked === 'emergency-shutoff'),
    judge: () =>
      advice(
        'Once it is closed the hose stays at full pressure: stop the machine and pull the trigger before a gun or hose is changed.',
      ),
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

import { type Medium, MEDIUM_FACTS, isPotable, isRawWaste } from '../../../ground/media/index.js';
import {
  type ValveType,
  FUNCTION_WORDS,
  VALVE_TYPE_FACTS,
  familyOf,
  isCheck,
  isHandled,
  isManyTurn,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import { capitalized, withArticle } from '../../../ground/wording/index.js';
import {
  type Duty,
  type Rule,
  advice,
  ask,
  askDuty,
  care,
  ruledOut,
  supports,
  withOptions,
} from '../../duty/index.js';
import { closingMaterials } from './pressure-rules.js';
import { showsPosition, takesLock } from './position-shown.js';
import { shutsOff } from './shuts-off.js';

const isClean = ({ solids, medium }: Duty): boolean => (solids ?? 'none') === 'none' && !isRawWaste(medium);
const COMPRESSION = ['compression-stop', 'compression-stop-angle'];
const BALLS = ['ball', 'quarter-turn-stop'];
/** The flow turns over a seat in a wall across the run. */
const SEATED_ACROSS: readonly ValveType[] = ['globe', 'globe-y', 'angle', 'needle', 'compression-stop'];
const RUBBERS: readonly string[] = ['rubber', 'nbr', 'epdm', 'fkm', 'neoprene'];
const FINE_THREAD_TO_DN = 15;
const isThreeWay = (type: ValveType): boolean => type === 'ball-3-way' || type === 'plug-3-way';

/** Water lines on which a check could be taken for a backflow preventer. */
const TOUCHES_DRINKING_WATER: readonly Medium[] = [
  'potable-cold',
  'potable-hot',
  'heating-water',
  'irrigation',
  'fire-water',
  'wash-water-high-pressure',
];

const aValve = (type: ValveType): string => capitalized(withArticle(`${VALVE_TYPE_FACTS[type].words} valve`));

/** Can this kind of valve do what is asked at all, and how well. */
export const FUNCTION_RULES: readonly Rule[] = [
  {
    id: 'wrong-function',
    group: 'function',
    when: 'The type is not made for this function.',
    concerns: ({ function: asked }, type) =>
      asked !== 'non-return' &&
      !isCheck(type) &&
      !valveTypeFacts(type).serves.includes(asked) &&
      !(isThreeWay(type) && shutsOff({ function: asked })),
    judge: (duty, valve) =>
      ruledOut(`${aValve(valve.type)} is not made to ${FUNCTION_WORDS[duty.function]}.`),
  },
  {
    id: 'gate-no-throttle',
    group: 'function',
    when: 'Any gate, to throttle.',
    concerns: (duty, type) => duty.function === 'throttle' && familyOf(type) === 'gate',
    judge: () =>
      ruledOut(
        'Part open, a gate hangs loose in its guides: it chatters and cuts its own seat. Keep it fully open or closed.',
      ),
  },
  {
    id: 'plug-taper-no-throttle',
    group: 'function',
    when: 'Taper plug, to throttle.',
    concerns: (duty, type) => duty.function === 'throttle' && type === 'plug-taper',
    judge: () =>
      ruledOut(
        'Part open, the flow washes the grease off a taper plug and it leaks or seizes. Keep it fully open or closed.',
      ),
  },
  {
    id: 'ball-throttle',
    group: 'function',
    when: 'Ball or quarter-turn stop, to throttle.',
    concerns: (duty, type) => duty.function === 'throttle' && BALLS.includes(type),
    judge: (duty, _valve, settings) => {
      if (duty.fineControl)
        return ruledOut(
          'A ball valve controls coarsely: most of its flow comes in the last third of the turn. Not for fine control.',
        );
      const option = settings['ball-throttling'];
      return {
        verdict: option === 'never' ? 'out' : 'care',
        text: withOptions(
          'Part open, the flow wears the seats of a ball valve and control is coarse: rough balancing at most.',
          'ball-throttling',
          option,
        ),
        houseRule: 'ball-throttling',
      };
    },
  },
  {
    id: 'globe-throttle',
    group: 'function',
    when: 'Globe family, diaphragm, metering radiator valve, eccentric plug on waste or butterfly on clean water, to throttle.',
    concerns: (duty, type) =>
      duty.function === 'throttle' &&
      (['globe', 'diaphragm'].includes(familyOf(type)) ||
        type === 'radiator-metering' ||
        (type === 'plug-eccentric' && MEDIUM_FACTS[duty.medium].family === 'waste') ||
        (familyOf(type) === 'butterfly' && type !== 'butterfly-gas-cock' && isClean(duty))),
    judge: (duty, valve) => {
      if (familyOf(valve.type) !== 'butterfly' || !duty.fineControl) {
        return supports(`${aValve(valve.type)} holds a part-open setting without tearing its seat.`);
      }
      if (valve.operator === undefined)
        return ask(
          'operator',
          'Fine control with a butterfly needs a gear operator: which operator does it have?',
        );
      if (valve.operator === 'gear')
        return supports(
          'With a gear operator a butterfly can be set finely between a quarter and three quarters of its turn.',
        );
      return care('Fine control with a butterfly needs a gear operator: order it with one.');
    },
  },
  {
    id: 'compression-throttle',
    group: 'function',
    when: 'Compression stop or disc radiator valve, to throttle.',
    concerns: (duty, type) =>
      duty.function === 'throttle' && (COMPRESSION.includes(type) || type === 'radiator-disc'),
    judge: (duty, valve) => {
      const known = closingMaterials(valve);
      if (valve.type === 'compression-stop-angle' && duty.dn <= FINE_THREAD_TO_DN) {
        if (known.some((material) => RUBBERS.includes(material))) return undefined;
        if (known.length === 0)
          return ask(
            'discMaterial',
            'What is its washer made of? A rubber one on a fine thread sets a flow well.',
          );
        return care('Its hard seat wire-draws part open: use one with a rubber washer.');
      }
      return duty.fineControl
        ? ruledOut(
            'A washer over a wide opening passes most of the flow in the first turn. Not for fine control.',
          )
        : care('A washer can throttle, but it flutters and wears: set it well off the seat.');
    },
  },
  {
    id: 'globe-inline-isolation',
    group: 'function',
    when: 'Globe of any form, needle or compression stop, to shut off within a run.',
    concerns: (duty, type) => shutsOff(duty) && !duty.endOfLine && SEATED_ACROSS.includes(type),
    judge: (duty) => {
      if (duty.passThrough) return ruledOut('The flow path turns over the seat: no snake or camera passes.');
      if (duty.reverseFlowPossible)
        return ruledOut(
          'It seals in one direction only, under the disc: flow from the other side lifts or slams it.',
        );
      return care(
        'In a run it always loses pressure and works in one direction only: follow the arrow, or use a straight-through type.',
      );
    },
  },
  {
    id: 'butterfly-shutoff',
    group: 'function',
    when: 'Butterfly, to shut off.',
    concerns: (duty, type) =>
      shutsOff(duty) && familyOf(type) === 'butterfly' && type !== 'butterfly-gas-cock',
    judge: (_duty, valve, settings) => {
      if (valve.type === 'butterfly-metal')
        return ruledOut('A metal-seated butterfly leaks by when closed: do not rely on it as a shut-off.');
      const option = settings['butterfly-shutoff'];
      return {
        verdict: option === 'never' ? 'out' : 'supports',
        text: withOptions('A rubber-seated butterfly closes drip tight.', 'butterfly-shutoff', option),
        houseRule: 'butterfly-shutoff',
      };
    },
  },
  {
    id: 'gate-building-isolation',
    group: 'function',
    when: 'Metal-wedge gate to DN50 in a building, to isolate.',
    concerns: (duty, type) =>
      type === 'gate-solid' &&
      duty.function === 'isolate' &&
      duty.dn <= 50 &&
      !['buried', 'pit', 'outdoors'].includes(duty.place ?? 'indoors'),
    judge: (duty, _valve, settings) => {
      const option = settings['gate-life'];
      if (option === 'exercised' && (duty.operatedPerYear ?? 0) >= 1) return undefined;
      return {
        verdict: option === 'on-sight' ? 'out' : 'care',
        text: withOptions(
          'A gate not operated seizes; forced, its stem cracks or wedge drops. Prefer quarter turn.',
          'gate-life',
          option,
        ),
        houseRule: 'gate-life',
      };
    },
  },
  {
    id: 'emergency-quarter-turn',
    group: 'function',
    when: 'Many-turn type, to shut off in an emergency.',
    concerns: (duty, type) => duty.function === 'emergency-shutoff' && isManyTurn(type),
    judge: (duty) =>
      duty.dn <= 50
        ? ruledOut('In an emergency it must close in one move: a quarter turn, not many turns of a wheel.')
        : care(
            'At this size there may be only multi-turn valves: keep access clear and write the number of turns on the tag.',
          ),
  },
  {
    id: 'see-position',
    group: 'function',
    when: 'The position must be seen or locked.',
    concerns: (duty, type) => (duty.mustSeePosition === true || duty.lockout === true) && isHandled(type),
    judge: (duty, valve) => {
      const lock = takesLock(valve);
      if (duty.lockout && lock === false)
        return ruledOut('Its handle takes no lock: order a locking handle or a type that has one.');
      if (duty.lockout && lock === undefined)
        return ask('operator', 'Lock-out is required: which handle does it have?');
      const shows = showsPosition(valve);
      if (shows === undefined) return ask('stem', 'Its position must be visible: does the stem rise?');
      return shows
        ? undefined
        : care('You cannot see whether it is closed: count the turns and tag the position.');
    },
  },
  {
    id: 'non-return-only-checks',
    group: 'function',
    when: 'Reverse flow to be stopped, or a check asked to do anything else.',
    concerns: (duty, type) => (duty.function === 'non-return') !== isCheck(type),
    judge: (duty) =>
      duty.function === 'non-return'
        ? ruledOut('Only a check valve closes by itself when the flow reverses.')
        : ruledOut(
            `A check valve only stops reverse flow: you cannot ${FUNCTION_WORDS[duty.function]} with it.`,
          ),
  },
  {
    id: 'check-not-backflow-preventer',
    group: 'function',
    when: 'Reverse flow on a water line that touches drinking water.',
    concerns: (duty, type) =>
      duty.function === 'non-return' &&
      isCheck(type) &&
      TOUCHES_DRINKING_WATER.includes(duty.medium) &&
      duty.crossConnection !== false,
    judge: ({ crossConnection, medium }) =>
      crossConnection
        ? ruledOut(
            'A check valve is not a backflow preventer. Install the assembly the code lists for this hazard, tested by a certified tester.',
          )
        : askDuty(
            'crossConnection',
            isPotable(medium)
              ? 'Is there a hazard to drinking water beyond it? A check valve is not a backflow preventer.'
              : 'Is it fed from drinking water? Then it usually is a cross connection, and a check valve is not a backflow preventer.',
          ),
  },
  {
    id: 'relief-free-way',
    group: 'function',
    when: 'Relief valve.',
    source: 'ASME BPVC Section VIII, overpressure protection; plumbing codes on relief discharge.',
    concerns: ({ function: asked }, type) => asked === 'relieve' && type === 'relief',
    judge: () =>
      advice(
        'No valve may be between it and what it protects. Its outlet runs full size, downhill, to a visible place.',
      ),
  },
  {
    id: 'reducer-shuts-way-back',
    group: 'function',
    when: 'Pressure reducer on drinking water.',
    source: 'Plumbing codes on thermal expansion behind a pressure reducer.',
    concerns: ({ function: asked, medium }, type) =>
      asked === 'reduce-pressure' && type === 'pressure-reducing' && isPotable(medium),
    judge: () =>
      advice(
        'It blocks the way back to the street: where water is heated downstream, an expansion tank is needed. A strainer upstream protects its seat.',
      ),
  },
];

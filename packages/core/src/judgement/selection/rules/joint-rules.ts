import { isFuelGas, isLiquid, isSteam } from '../../../ground/media/index.js';
import {
  BODY_WORDS,
  BSP_ENDS,
  type End,
  NPT_ENDS,
  isCopperAlloy,
  isPlastic,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import {
  type Candidate,
  type Rule,
  askDuty,
  care,
  judgeGasJoint,
  judgeJointRating,
  ruledOut,
  supports,
  withOptions,
} from '../../duty/index.js';
import { bestConnection } from '../../hook-up/index.js';
import { closingMaterials } from './pressure-rules.js';

const TORCHLESS: readonly End[] = ['press', ...NPT_ENDS];

const has = ({ ends }: Candidate, wanted: End): boolean => ends?.includes(wanted) ?? false;
const hasAny = ({ ends }: Candidate, wanted: readonly End[]): boolean =>
  ends?.some((end) => wanted.includes(end)) ?? false;
const isSoftSeated = (valve: Candidate): boolean => {
  const known = closingMaterials(valve);
  return known.length > 0
    ? known.some((material) => material !== 'metal' && material !== 'graphite')
    : valveTypeFacts(valve.type).softSeated === true;
};

/** How it joins, as far as that decides which valve. */
export const JOINT_RULES: readonly Rule[] = [
  {
    id: 'gas-joint',
    group: 'medium-and-material',
    when: 'Fuel gas, by its joints.',
    source: 'Joint chapters of the fuel-gas codes (NFPA 54, IFGC).',
    concerns: ({ medium }) => isFuelGas(medium),
    applies: (_duty, { ends }) => ends !== undefined,
    judge: judgeGasJoint,
  },
  {
    id: 'joint-rating',
    group: 'medium-and-material',
    when: 'A joint that no table rates, or that steam or a high-pressure wash line rules out.',
    source: 'The joint’s own standard; without one its maker’s sheet.',
    applies: (_duty, { ends }) => ends !== undefined,
    judge: judgeJointRating,
  },
  {
    id: 'sweat-heat',
    group: 'place-and-hands',
    when: 'Soldered ends beside a soft seat, or a joint without a torch in an occupied area.',
    applies: ({ occupied }, valve) =>
      (has(valve, 'sweat') && isSoftSeated(valve)) || (occupied === true && hasAny(valve, TORCHLESS)),
    judge: ({ occupied, place }, valve) => {
      if (!has(valve, 'sweat'))
        return supports('No torch is needed: no fire risk, and a wet line does not matter.');
      return occupied || place === 'concealed'
        ? care(
            'A torch in an occupied or concealed place can start a fire and ruins soft seats: press or threaded ends are better.',
          )
        : care('The torch ruins soft seats: open the valve, wrap it wet, heat the pipe.');
    },
  },
  {
    id: 'push-fit',
    group: 'place-and-hands',
    when: 'Push-fit ends.',
    applies: (_duty, valve) => has(valve, 'push-fit'),
    judge: ({ medium, place }, _valve, settings) => {
      if (isFuelGas(medium) || isSteam(medium) || medium === 'fire-water')
        return ruledOut('Push-fit is not for gas, fire lines or steam.');
      const option = settings['push-fit'];
      if (option === 'never')
        return {
          verdict: 'out',
          text: withOptions('Push-fit is not used.', 'push-fit', option),
          houseRule: 'push-fit',
        };
      if (option === 'anywhere' || (place !== 'concealed' && place !== 'buried')) return undefined;
      return {
        verdict: 'care',
        text: withOptions('Concealed, nobody sees it fail.', 'push-fit', option),
        houseRule: 'push-fit',
      };
    },
  },
  {
    id: 'galvanic',
    group: 'place-and-hands',
    when: 'Copper alloy on steel pipe in a wet line.',
    concerns: ({ medium, pipe }) =>
      isLiquid(medium) && (pipe?.material === 'steel' || pipe?.material === 'galvanised'),
    applies: (_duty, { bodyMaterial }) => isCopperAlloy(bodyMaterial),
    judge: (_duty, { bodyMaterial = 'brass' }) =>
      care(
        `The steel corrodes where it meets ${BODY_WORDS[bodyMaterial]}: use a dielectric fitting between them.`,
      ),
  },
  {
    id: 'thread-family',
    group: 'place-and-hands',
    when: 'BSP threads among NPT, or the other way round.',
    applies: (_duty, valve) => hasAny(valve, BSP_ENDS) || hasAny(valve, NPT_ENDS),
    judge: ({ threads }, valve) => {
      if (hasAny(valve, NPT_ENDS) && hasAny(valve, BSP_ENDS))
        return ruledOut('NPT on one end and BSP on the other: one of them leaks without a listed adapter.');
      if (threads === undefined)
        return hasAny(valve, BSP_ENDS)
          ? askDuty('threads', 'Which threads does this job have? BSP starts in NPT and then leaks.')
          : undefined;
      return hasAny(valve, threads === 'bsp' ? NPT_ENDS : BSP_ENDS)
        ? ruledOut('NPT and BSP start in each other and then leak: use only a listed adapter.')
        : undefined;
    },
  },
  {
    id: 'plastic-female-thread',
    group: 'place-and-hands',
    when: 'Plain plastic female threads on metal pipe.',
    concerns: ({ pipe }) => ['steel', 'galvanised', 'stainless', 'copper'].includes(pipe?.material ?? ''),
    applies: (_duty, valve) => isPlastic(valve.bodyMaterial) && has(valve, 'fip'),
    judge: () =>
      care(
        'A metal male thread splits a plain plastic female thread: use reinforced female ends, or a plastic male thread.',
      ),
  },
  {
    id: 'ends-pipe',
    slow: { twoWays: [] },
    group: 'place-and-hands',
    when: 'Ends that do not go straight onto the pipe, by the plainest connection there is.',
    source: 'The connections of the hook-up.',
    concerns: ({ pipe }) => pipe !== undefined,
    applies: (_duty, { ends }) => ends !== undefined,
    judge: (duty, valve, settings) => bestConnection(duty, valve, settings),
  },
];

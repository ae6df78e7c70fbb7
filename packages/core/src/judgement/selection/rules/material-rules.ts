import { MEDIUM_FACTS, isFuelGas, isGas, isSteam } from '../../../ground/media/index.js';
import {
  type BodyMaterial,
  type SeatMaterial,
  type ValveType,
  BODY_WORDS,
  familyOf,
  isManyTurn,
  isPlastic,
} from '../../../ground/valves/index.js';
import { type Rule, ask, askDuty, care, ruledOut, supports } from '../../duty/index.js';
import { isSnapHandle } from './position-shown.js';
import { closingMaterials } from './pressure-rules.js';

const BRASSES: readonly BodyMaterial[] = ['brass', 'plated-brass', 'dzr-brass', 'bronze'];
const IRONS: readonly BodyMaterial[] = ['grey-iron', 'ductile-iron', 'carbon-steel'];
const WASHER_RUBBERS: readonly SeatMaterial[] = ['rubber', 'nbr', 'epdm', 'neoprene'];
const NOT_IN_OXYGEN: readonly SeatMaterial[] = ['nbr', 'epdm', 'neoprene'];
const IRON_BURNS_PA = 5e5;
const OXYGEN =
  'Cleaned for oxygen, by the licensed. Where gases mix, a check valve on both legs and a flash arrestor.';
const LASTING: readonly SeatMaterial[] = ['nylon', 'ptfe', 'reinforced-ptfe'];

/** A type that closes by a washer or disc screwed down on a seat. */
const hasWasher = (type: ValveType): boolean =>
  ['globe', 'stop'].includes(familyOf(type)) || type === 'radiator-disc';

/** What the medium does to the metal, the rubber and the plastic. */
export const MATERIAL_RULES: readonly Rule[] = [
  {
    id: 'gas-elastomer',
    group: 'medium-and-material',
    when: 'EPDM in fuel gas.',
    concerns: ({ medium }) => isFuelGas(medium),
    applies: (_duty, valve) => closingMaterials(valve).includes('epdm'),
    judge: () => ruledOut('Fuel gas swells EPDM until it no longer seals.'),
  },
  {
    id: 'plastic-gas-air',
    group: 'medium-and-material',
    when: 'PVC or CPVC with a gas, compressed air or steam.',
    concerns: ({ medium }) => isGas(medium) || isSteam(medium),
    applies: (_duty, { bodyMaterial }) => isPlastic(bodyMaterial),
    judge: ({ medium }) =>
      ruledOut(
        isSteam(medium) ? 'Plastic is not for steam.' : 'Plastic under gas stores energy and shatters.',
      ),
  },
  {
    id: 'vapour-metering',
    group: 'medium-and-material',
    when: 'Vapour steam, to throttle, other than with a metering or needle valve.',
    concerns: ({ medium, function: asked }, type) =>
      medium === 'steam-vapour' && asked === 'throttle' && type !== 'radiator-metering' && type !== 'needle',
    judge: ({ fineControl }) =>
      fineControl
        ? ruledOut(
            'At this pressure a wide opening passes too much when slightly open: only a metering cone sets the flow finely.',
          )
        : care('At this pressure a wide opening passes too much when slightly open, and wears there.'),
  },
  {
    id: 'steam-ball-throttle',
    group: 'medium-and-material',
    when: 'Ball on steam, to throttle.',
    concerns: ({ medium, function: asked }, type) =>
      MEDIUM_FACTS[medium].family === 'steam' && asked === 'throttle' && familyOf(type) === 'ball',
    judge: () => ruledOut('Throttled steam cuts the seats of a ball valve.'),
  },
  {
    id: 'dezincification',
    group: 'medium-and-material',
    when: 'Water that attacks brass (dezincification).',
    concerns: ({ aggressiveToBrass, medium }) =>
      aggressiveToBrass === true && MEDIUM_FACTS[medium].family === 'water',
    judge: (_duty, { bodyMaterial }) => {
      if (!bodyMaterial)
        return ask('bodyMaterial', 'What is the body made of? This water attacks yellow brass.');
      if (bodyMaterial === 'brass')
        return ruledOut('This water takes the zinc out of yellow brass and leaves it porous and weak.');
      if (bodyMaterial === 'plated-brass')
        return care(
          'Under the plating it is brass, and this water attacks brass: DZR brass or bronze lasts.',
        );
      return ['dzr-brass', 'bronze', 'stainless'].includes(bodyMaterial)
        ? supports(`This water does not attack ${BODY_WORDS[bodyMaterial]}.`)
        : undefined;
    },
  },
  {
    id: 'hard-water-multi-turn',
    group: 'medium-and-material',
    when: 'Hard water, a multi-turn type operated less than twice a year.',
    concerns: ({ hardWater, operatedPerYear }, type) =>
      hardWater === true && operatedPerYear !== undefined && operatedPerYear < 2 && isManyTurn(type),
    judge: (duty) =>
      duty.function === 'emergency-shutoff'
        ? ruledOut('Scale seizes a multi-turn valve that is not operated: it will not close when needed.')
        : care(
            'Scale seizes a multi-turn valve that is not operated: operate it twice a year, or use quarter turn.',
          ),
  },
  {
    id: 'washer-life',
    group: 'medium-and-material',
    when: 'Chloramine or old rubber.',
    concerns: ({ chloramine, existing }, type) =>
      chloramine === true
        ? hasWasher(type) || familyOf(type) === 'ball'
        : existing === true && hasWasher(type),
    judge: ({ chloramine }, valve) => {
      const known = closingMaterials(valve);
      if (known.some((material) => WASHER_RUBBERS.includes(material))) {
        return hasWasher(valve.type)
          ? care('A rubber washer lasts years here, not decades: stock spares and plan to renew it.')
          : undefined;
      }
      if (!chloramine) return undefined;
      if (known.some((material) => LASTING.includes(material)))
        return supports('Nylon and PTFE outlast rubber in treated water.');
      if (known.length > 0) return undefined;
      if (familyOf(valve.type) === 'stop')
        return care('A rubber washer lasts years here, not decades: stock spares and plan to renew it.');
      return hasWasher(valve.type)
        ? ask('discMaterial', 'What is the washer made of? This water ages rubber.')
        : undefined;
    },
  },
  {
    id: 'plastic-stem',
    group: 'medium-and-material',
    when: 'Plastic stem on a many-turn stop.',
    concerns: (_duty, type) => isManyTurn(type),
    applies: (_duty, { plasticStem }) => plasticStem === true,
    judge: (duty) =>
      duty.function === 'emergency-shutoff'
        ? ruledOut('A plastic stem may break when somebody is in a hurry.')
        : care('A plastic stem may break: turn it gently, without a wrench.'),
  },
  {
    id: 'corrosive-metal',
    group: 'medium-and-material',
    when: 'Corrosive liquid.',
    concerns: ({ medium }) => medium === 'corrosive-liquid',
    judge: (_duty, { bodyMaterial }) => {
      if (!bodyMaterial) return ask('bodyMaterial', 'What is the body made of? The liquid decides.');
      if (BRASSES.includes(bodyMaterial) || IRONS.includes(bodyMaterial))
        return ruledOut(`The liquid attacks ${BODY_WORDS[bodyMaterial]}.`);
      return supports(
        `${BODY_WORDS[bodyMaterial]} is suitable if the maker’s resistance table lists this liquid and concentration.`,
      );
    },
  },
  {
    id: 'oxidiser',
    group: 'medium-and-material',
    when: 'Oxidiser gas.',
    concerns: ({ medium }) => medium === 'oxidiser-gas',
    judge: ({ pressurePa }, valve) => {
      const { bodyMaterial } = valve;
      const known = closingMaterials(valve);
      if (known.some((material) => NOT_IN_OXYGEN.includes(material)))
        return ruledOut('Its rubber can ignite in an oxidizer.');
      if (bodyMaterial && IRONS.includes(bodyMaterial)) {
        if (pressurePa !== undefined && pressurePa >= IRON_BURNS_PA)
          return ruledOut('At this pressure particles striking steel or iron can ignite it.', {
            value: pressurePa,
            limit: IRON_BURNS_PA,
            unit: 'Pa',
          });
        if (pressurePa === undefined)
          return askDuty('pressurePa', 'What is the pressure? Steel and iron can ignite in an oxidizer.');
      }
      return care(
        isSnapHandle(valve) === true
          ? `${OXYGEN} Open it slowly: a quick lever heats the gas ahead of it.`
          : OXYGEN,
      );
    },
  },
  {
    id: 'plastic-outdoors',
    group: 'medium-and-material',
    when: 'PVC or CPVC outdoors.',
    source: 'Plastic pipe handbooks: ultraviolet light and frost.',
    concerns: ({ place }) => place === 'outdoors',
    applies: (_duty, { bodyMaterial }) => isPlastic(bodyMaterial),
    judge: () =>
      care(
        'Sunlight makes plastic brittle and frost cracks it: shade or paint it, and drain it before frost.',
      ),
  },
];

import { MEDIUM_FACTS, isFuelGas } from '../../../ground/media/index.js';
import { stemRoomM, type Operator, familyOf, isHandled, isPlastic } from '../../../ground/valves/index.js';
import { type Rule, ask, care, ruledOut, supports, withOptions } from '../../duty/index.js';
import { takesLock } from './position-shown.js';

const ABOVE_GROUND: readonly Operator[] = [
  'lever',
  'locking-lever',
  'tee',
  'round-handle',
  'handwheel',
  'notch-lever',
  'chain-wheel',
];
const KEYED: readonly Operator[] = ['operating-nut', 'loose-key'];
const REACH_M = 1.8;
const FROST_C = 4;
const UNEXERCISED_PER_YEAR = 1 / 3;

/** Can it be reached, turned, kept from others and taken apart where it sits. */
export const PLACE_RULES: readonly Rule[] = [
  {
    id: 'buried',
    group: 'place-and-hands',
    when: 'Buried.',
    concerns: ({ place }, type) => place === 'buried' && isHandled(type),
    judge: (_duty, { operator, stem }) => {
      if (stem === 'os-y' || stem === 'rising')
        return ruledOut('A rising stem cannot be buried: the soil holds it.');
      if (operator === undefined)
        return ask(
          'operator',
          'How is it operated from above? A buried valve needs an operating nut and a box.',
        );
      if (ABOVE_GROUND.includes(operator))
        return ruledOut(
          'Its handle cannot be reached underground: it needs an operating nut, an extension and a box.',
        );
      return KEYED.includes(operator)
        ? supports('Operated with a key through a box. Order stainless or coated bolts with it.')
        : care('Buried: check its seals, its bolts and how it is operated.');
    },
  },
  {
    id: 'headroom',
    group: 'place-and-hands',
    when: 'Rising stem.',
    applies: (_duty, { stem }) => stem === 'rising' || stem === 'os-y',
    judge: ({ headroomM, dn }) => {
      const limit = stemRoomM(dn);
      if (headroomM === undefined)
        return care('Its stem rises: measure the clear height above it before you order.');
      return headroomM < limit
        ? ruledOut('There is not enough height for its stem to rise.', { value: headroomM, limit, unit: 'm' })
        : undefined;
    },
  },
  {
    id: 'tamper',
    group: 'place-and-hands',
    when: 'The public or livestock can reach it.',
    concerns: ({ publicAccess, livestock }, type) =>
      (publicAccess === true || livestock === true) && isHandled(type),
    judge: ({ livestock, place }, valve) => {
      if (valve.operator === undefined)
        return ask('operator', 'The public can reach it: which handle does it have?');
      if (KEYED.includes(valve.operator) || takesLock(valve)) return undefined;
      if (livestock && place === 'outdoors' && valve.operator === 'lever')
        return ruledOut('Livestock can push a bare lever open or closed.');
      return care('Anybody can operate it: lock it, or use a loose key.');
    },
  },
  {
    id: 'end-of-line',
    group: 'place-and-hands',
    when: 'It must hold with the downstream pipe removed.',
    concerns: ({ endOfLine }) => endOfLine === true,
    judge: (_duty, { ends = [], pieces, bodyMaterial }) => {
      if (ends.includes('wafer'))
        return ruledOut(
          'A wafer valve is held by both flanges: if one is removed, it comes loose under pressure.',
        );
      if (ends.includes('lug'))
        return care(
          'A lug valve holds at the end of a line only if its data sheet rates it for that, often at a lower pressure.',
        );
      const isTrueUnion = pieces === 3 && isPlastic(bodyMaterial);
      return isTrueUnion
        ? care(
            'A true-union ball valve holds with one side removed only if its seal carrier is blocked: order it that way.',
          )
        : undefined;
    },
  },
  {
    id: 'serviceable',
    group: 'place-and-hands',
    when: 'It is taken apart for cleaning or repair.',
    concerns: ({ serviceable }, type) => serviceable === true && type === 'ball',
    judge: (_duty, { pieces }) => {
      if (pieces === undefined)
        return ask('pieces', 'It will be taken apart: how many pieces does its body have?');
      if (pieces === 1) return ruledOut('A one-piece body cannot be opened.');
      return pieces === 2
        ? care('To open it, the pipe must be taken apart.')
        : supports('The center section swings out and the pipe stays in place.');
    },
  },
  {
    id: 'separable-body',
    group: 'place-and-hands',
    when: 'Two-piece body threaded into pipe that will be unscrewed.',
    concerns: ({ serviceable }) => serviceable === true,
    applies: (_duty, { pieces, sealWeld, ends = [] }) =>
      pieces === 2 && !sealWeld && (ends.includes('fip') || ends.includes('mip')),
    judge: () =>
      care('A wrench on the wrong end unscrews the body instead of the pipe: hold the end on the pipe side.'),
  },
  {
    id: 'gas-reach',
    group: 'place-and-hands',
    when: 'Gas shut-off away from its appliance.',
    concerns: ({ medium, distanceToApplianceM, otherRoom }) =>
      isFuelGas(medium) && ((distanceToApplianceM ?? 0) > REACH_M || otherRoom === true),
    judge: ({ distanceToApplianceM = 0 }) =>
      care(
        'Most codes require it within reach of the appliance, in the same room. The local code decides.',
        distanceToApplianceM > REACH_M
          ? { value: distanceToApplianceM, limit: REACH_M, unit: 'm' }
          : undefined,
      ),
  },
  {
    id: 'taper-plug-new',
    group: 'place-and-hands',
    when: 'Taper plug, new work.',
    concerns: ({ existing }, type) => !existing && type === 'plug-taper',
    judge: () => ruledOut('A ground-key cock leaks when its grease is gone: not for new work.'),
  },
  {
    id: 'taper-plug-existing',
    group: 'place-and-hands',
    when: 'Existing taper plug.',
    concerns: ({ existing }, type) => existing === true && type === 'plug-taper',
    judge: () =>
      care(
        'Check that it turns, test it for leaks and recommend its replacement. If it does not turn it must not stay in service.',
      ),
  },
  {
    id: 'old-gate-hands-off',
    group: 'place-and-hands',
    when: 'Existing metal-wedge gate that nobody has operated.',
    concerns: ({ existing, operatedPerYear }, type) =>
      type === 'gate-solid' && existing === true && (operatedPerYear ?? 0) < UNEXERCISED_PER_YEAR,
    judge: (_duty, _valve, settings) => {
      const option = settings['old-gates'];
      return {
        verdict: 'care',
        text: withOptions(
          'Do not force it. Use the next valve upstream, the main valve in the street if necessary.',
          'old-gates',
          option,
        ),
        houseRule: 'old-gates',
      };
    },
  },
  {
    id: 'frost-cavity',
    group: 'place-and-hands',
    when: 'Ball valve outdoors on water near freezing.',
    source: 'Water expands by about a tenth as it freezes, and water enclosed in a closed ball has no room.',
    concerns: ({ place, medium, temperatureC }, type) =>
      place === 'outdoors' &&
      MEDIUM_FACTS[medium].family === 'water' &&
      temperatureC !== undefined &&
      temperatureC <= FROST_C &&
      familyOf(type) === 'ball',
    judge: ({ temperatureC = FROST_C }) =>
      care('Water enclosed in the ball freezes and splits the body: drain it half open before frost.', {
        value: temperatureC,
        limit: FROST_C,
        unit: 'C',
      }),
  },
];

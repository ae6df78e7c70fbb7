import {
  APPROVALS,
  BODY_MATERIALS,
  ENDS,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  STEMS,
  VALVE_TYPES,
  type ValveType,
  isCheck,
} from '../../ground/valves/index.js';
import { BONNETS, FACINGS, type OpenField, STEELS, type SpecFamily, type ValveSpec } from './valve-spec.js';

interface Required extends OpenField {
  families: readonly SpecFamily[];
  /** Types that have no such thing. */
  notOf?: readonly ValveType[];
  /** Only then; always where left out. */
  when?(spec: ValveSpec): boolean;
}

const ALL: readonly SpecFamily[] = ['stop', 'bronze', 'steel', 'waterworks', 'check', 'prv', 'plastic'];
const SIZES = ['1/2 in', '3/4 in', '1 in', '2 in', 'DN15', 'DN20'];
const BUTTERFLIES: readonly ValveType[] = ['butterfly-resilient', 'butterfly-metal', 'butterfly-gas-cock'];
const QUARTER_TURNS: readonly ValveType[] = [
  'ball',
  'ball-3-way',
  ...BUTTERFLIES,
  'plug-taper',
  'plug-lubricated',
  'plug-eccentric',
  'plug-3-way',
];
/** What opens and closes by itself. */
const SELF_ACTING: readonly ValveType[] = ['relief', 'solenoid', 'pressure-reducing'];
const ONLY_A_RELIEF = ({ type }: ValveSpec): boolean => type === 'relief';
const ONLY_A_SOLENOID = ({ type }: ValveSpec): boolean => type === 'solenoid';
const isFlanged = ({ ends = [] }: ValveSpec): boolean => ends.some(({ style }) => style.startsWith('flange'));

/** What a counter must be told, by family, and what is guessed where it is not. Source: the trade's order of saying a valve. */
export const REQUIRED_FIELDS: readonly Required[] = [
  {
    field: 'type',
    families: ALL,
    why: 'Gate, globe, ball and check look alike in a list and have different functions.',
    choices: VALVE_TYPES,
  },
  {
    field: 'dn',
    families: ALL,
    why: 'Nothing else can be chosen without the size.',
    choices: SIZES,
    // A tube on the supply side is sized by its outside.
    when: ({ ends: [supply] = [] }) => supply?.odIn === undefined,
  },
  {
    field: 'ends',
    families: ALL,
    why: 'Each side has its own connection: the wrong one does not fit.',
    choices: ENDS,
  },
  {
    field: 'form',
    families: ['stop'],
    why: 'Straight or angle decides whether it lines up with the tube.',
    choices: ['straight', 'angle', 'dual-angle', 'box'],
  },
  {
    field: 'action',
    families: ['stop'],
    why: 'Quarter turn lasts longer, multi-turn costs less.',
    choices: ['quarter-turn', 'multi-turn'],
  },
  {
    field: 'body',
    families: ['bronze', 'steel', 'plastic'],
    why: 'The water and the pressure decide the material.',
    choices: [...BODY_MATERIALS, ...STEELS],
  },
  {
    field: 'port',
    families: ['bronze', 'steel', 'plastic'],
    notOf: [...BUTTERFLIES, ...SELF_ACTING, 'needle'],
    why: 'Two valves of the same size can differ by half in bore.',
    choices: PORTS,
  },
  {
    field: 'seat',
    families: ['bronze', 'plastic'],
    notOf: ['relief', 'plug-taper', 'plug-lubricated'],
    why: 'The seat fails first, from temperature or water.',
    choices: SEAT_MATERIALS,
  },
  {
    field: 'rating',
    families: ['bronze', 'steel', 'waterworks', 'plastic'],
    why: 'Its rating must be above the highest pressure of the line.',
    choices: ['600 CWP', '200 WOG', 'class 125', 'class 150', 'class 300', 'class 800', '250 psi'],
  },
  {
    field: 'operator',
    families: ['bronze', 'waterworks', 'plastic'],
    notOf: SELF_ACTING,
    why: 'A lever, a handwheel and an operating nut need different space and tools.',
    choices: OPERATORS,
  },
  {
    field: 'approvals',
    families: ['bronze', 'plastic'],
    why: 'Drinking water, gas, fire lines and steam each need their own listing.',
    choices: APPROVALS,
  },
  {
    field: 'seat',
    families: ['steel'],
    why: 'The seat fails first, from temperature or water.',
    choices: SEAT_MATERIALS,
    when: ({ type }) => type === 'ball' || type === 'ball-3-way',
  },
  {
    field: 'operator',
    families: ['steel'],
    why: 'A lever, a gear and an actuator need different space.',
    choices: OPERATORS,
    when: ({ type }) => type !== undefined && QUARTER_TURNS.includes(type),
  },
  {
    field: 'setPressurePa',
    families: ['bronze'],
    why: 'It must open at or under the weakest part it protects.',
    choices: ['30 psi', '75 psi', '150 psi'],
    when: ONLY_A_RELIEF,
  },
  {
    field: 'capacityW',
    families: ['bronze'],
    why: 'It must relieve all the heat that goes in.',
    choices: ['100000 Btu/h', '200000 Btu/h'],
    when: (spec) => ONLY_A_RELIEF(spec) && spec.capacityKgH === undefined,
  },
  {
    field: 'normally',
    families: ['bronze'],
    why: 'Without power it stands open or closed: the process decides which.',
    choices: ['open', 'closed'],
    when: ONLY_A_SOLENOID,
  },
  {
    field: 'voltageV',
    families: ['bronze'],
    why: 'The coil is made for one voltage.',
    choices: ['24 V', '120 V', '230 V'],
    when: ONLY_A_SOLENOID,
  },
  {
    field: 'facing',
    families: ['steel'],
    why: 'A raised face on a flat cast-iron flange cracks it.',
    choices: FACINGS,
    when: isFlanged,
  },
  {
    field: 'trim',
    families: ['steel'],
    notOf: QUARTER_TURNS,
    why: 'The number gives seat, disc and stem; it is on the tag, not on the casting.',
    choices: ['1', '5', '8', '10', '12'],
  },
  {
    field: 'bonnet',
    families: ['steel'],
    notOf: QUARTER_TURNS,
    why: 'It decides whether the valve can be opened in place, and which gasket it takes.',
    choices: BONNETS,
  },
  {
    field: 'stem',
    families: ['steel'],
    notOf: QUARTER_TURNS,
    why: 'A rising stem shows its position and needs the height.',
    choices: STEMS,
  },
  {
    field: 'standard',
    families: ['waterworks'],
    why: 'Metal-seated and resilient-wedge gates look alike and are built to different standards.',
    choices: ['AWWA C509', 'AWWA C515', 'AWWA C504', 'AWWA C517', 'AWWA C507', 'AWWA C508'],
  },
  {
    field: 'coating',
    families: ['waterworks'],
    why: 'Bare iron corrodes in the ground.',
    choices: ['epoxy', 'none'],
  },
  {
    field: 'opening',
    families: ['waterworks'],
    why: 'Open left is usual but never assumed: a crew turns it the way it is used to.',
    choices: ['left', 'right'],
  },
  {
    field: 'kind',
    families: ['check'],
    why: 'Swing, lift, ball and spring checks close differently and need different places.',
    choices: VALVE_TYPES.filter(isCheck).map((type) => type.replace('check-', '')),
  },
  {
    field: 'orientation',
    families: ['check'],
    why: 'Many types work in one position only.',
    choices: ['horizontal', 'vertical-up', 'any'],
  },
  {
    field: 'setPressurePa',
    families: ['prv'],
    why: 'They are delivered set near 50 psi unless you state a pressure.',
    choices: ['50 psi', '60 psi', '4 bar'],
  },
  {
    field: 'rangePa',
    families: ['prv'],
    why: 'The spring decides the range it can be set to.',
    choices: ['25 to 75 psi', '1.5 to 6 bar'],
  },
];

/**
 * What an order still needs.
 *
 * @param spec what is known
 * @param family its own where known
 *
 * @example
 * openFields({ family: 'check', type: 'check-swing', dn: 25, ends: [...] }).map(({ field }) => field) // ['kind', 'orientation']
 */
export function openFields(spec: ValveSpec, family: SpecFamily | undefined = spec.family): OpenField[] {
  return REQUIRED_FIELDS.filter(
    ({ field, families, notOf, when }) =>
      isOpen(spec, field, family) &&
      families.includes(family ?? 'bronze') &&
      !(spec.type && notOf?.includes(spec.type)) &&
      (when?.(spec) ?? true),
  ).map(({ field, why, choices }) => ({ field, why, choices }));
}

/** Not said; or ends said by halves: fewer than two, or a stop's fixture side without its size. */
function isOpen(spec: ValveSpec, field: keyof ValveSpec, family: SpecFamily | undefined): boolean {
  if (field !== 'ends' || !spec.ends) return spec[field] === undefined;
  if (spec.ends.length < 2) return true;
  return (
    family === 'stop' && spec.ends.slice(1).some(({ dn, odIn }) => dn === undefined && odIn === undefined)
  );
}

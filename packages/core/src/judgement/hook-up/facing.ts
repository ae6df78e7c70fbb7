import { isRawWaste } from '../../ground/media/index.js';
import type { Candidate, Duty } from '../duty/index.js';
import { type ValveType, familyOf, isCheck, isQuarterTurn, stemRoomM } from '../../ground/valves/index.js';
import { isRubberFaced } from './flanged-connections.js';

export const FACING_ABOUT = ['arrow', 'hinge-pin', 'shaft', 'stem', 'handle', 'headroom', 'ends'] as const;
export type FacingAbout = (typeof FACING_ABOUT)[number];

/** One thing that has to face the right way, or have its room. */
export interface Facing {
  about: FacingAbout;
  text: string;
  /** Room it takes, m. */
  roomM?: number;
}

interface FacingRule {
  about: FacingAbout;
  says(duty: Duty, valve: Candidate): string | undefined;
  /** Room it takes, m, where it takes any. */
  roomM?(duty: Duty, valve: Candidate): number | undefined;
}

const ARROWED: readonly ValveType[] = [
  'globe',
  'globe-y',
  'angle',
  'compression-stop',
  'compression-stop-angle',
  'needle',
  'radiator-disc',
  'radiator-metering',
  'pressure-reducing',
];

/** Lever of a quarter-turn handle from the middle of the stem, about. Source: usual lengths of levers by size. */
const leverM = (dn: number): number => Math.min(0.6, 0.07 + 0.0022 * dn);

const RULES: readonly FacingRule[] = [
  {
    about: 'arrow',
    says: ({ function: does }, { type }) =>
      isCheck(type)
        ? 'Arrow with the flow, away from the pump or the main.'
        : type === 'butterfly-metal' || type === 'knife-gate' || does === 'reduce-pressure'
          ? 'Arrow as cast: it shuts off in one direction only.'
          : ARROWED.includes(type)
            ? 'Arrow with the flow, which enters under the disc.'
            : undefined,
  },
  {
    about: 'hinge-pin',
    says: ({ orientation = 'horizontal' }, { type }) =>
      type.startsWith('check-swing')
        ? orientation === 'horizontal'
          ? 'Hinge pin up and level, cover on top.'
          : 'Hinge pin level, cover where it can be opened; flow upward.'
        : undefined,
  },
  {
    about: 'shaft',
    says: ({ medium, solids = 'none' }, { type }) =>
      type === 'plug-eccentric'
        ? isRawWaste(medium) || solids !== 'none'
          ? 'Shaft level, plug swinging up to the top when open, seat end upstream as marked.'
          : 'Shaft level; seat end as marked.'
        : type === 'butterfly-resilient' || type === 'butterfly-metal'
          ? 'Shaft level where the water carries grit. Check that the disc can swing into both pipes.'
          : type === 'check-dual-plate'
            ? 'Hinge pin upright in a level line.'
            : undefined,
    roomM: ({ dn }, { type }) => (type.startsWith('butterfly') ? dn / 2000 : undefined),
  },
  {
    about: 'stem',
    says: ({ medium, orientation = 'horizontal' }, { type }) =>
      familyOf(type) === 'gate'
        ? orientation === 'horizontal'
          ? 'Stem straight up; never below level, where the bonnet fills with grit.'
          : 'Stem level.'
        : type === 'radiator-disc' || type === 'radiator-metering'
          ? 'Stem upright, so that condensate drains.'
          : type === 'pressure-reducing'
            ? 'Spring housing up or level, set screw in reach.'
            : medium === 'natural-gas' && type === 'plug-taper'
              ? 'Nut side where a wrench reaches it.'
              : undefined,
  },
  {
    about: 'handle',
    says: (_duty, { type, operator }) =>
      isQuarterTurn(type) &&
      (operator === undefined || operator === 'lever' || operator === 'locking-lever' || operator === 'tee')
        ? 'Handle in line with the pipe when open, across when closed. Leave room for the quarter turn.'
        : operator === 'operating-nut'
          ? 'Nut upright under the box, with room for the key to turn.'
          : operator === 'handwheel' || operator === 'round-handle'
            ? 'Room for a hand around the wheel.'
            : undefined,
    roomM: ({ dn }, { operator }) => (operator === 'operating-nut' ? undefined : leverM(dn)),
  },
  {
    about: 'headroom',
    says: (_duty, { stem }) =>
      stem === 'rising' || stem === 'os-y' ? 'The stem rises: keep this height clear above it.' : undefined,
    roomM: ({ dn }) => stemRoomM(dn),
  },
  {
    about: 'ends',
    says: (_duty, valve) => {
      const ends = valve.ends ?? [];
      if (ends.some((end) => isRubberFaced(valve, end)))
        return 'No gasket: the seat seals on the flange faces. Spread the flanges, insert the valve with the disc nearly closed, then open the disc before you tighten the bolts crosswise.';
      if (ends.includes('push-fit')) return 'Cut square, deburr, push to the mark.';
      return undefined;
    },
  },
];

/**
 * What must face where when a valve goes in, with the room it takes.
 *
 * @param duty  orientation, medium, solids and size
 * @param valve type, operator, stem and ends
 * @returns one line a thing that matters, in the order it is looked at
 * Source: usual installation practice; the maker's sheet goes before it. Rooms are rounded guesses for a first look.
 *
 * @example
 * facingOf({ ...duty, orientation: 'horizontal' }, { type: 'check-swing' }).map(({ about }) => about) // ['arrow', 'hinge-pin']
 */
export function facingOf(duty: Duty, valve: Candidate): Facing[] {
  return RULES.flatMap(({ about, says, roomM }) => {
    const text = says(duty, valve);
    if (text === undefined) return [];
    const room = roomM?.(duty, valve);
    return [{ about, text, ...(room !== undefined && { roomM: room }) }];
  });
}

import type { ValveType } from '../../../ground/valves/index.js';

interface Heard {
  moves: string;
  seals: string;
}

const SCREWED = 'A flat piece is screwed down across the flow, in several turns.';
const ON_A_RING = 'It presses on a seat in a wall between inlet and outlet.';
const SWUNG = 'A round cover hangs from a pin at the top and swings up with the flow.';
const ON_ITS_RIM = 'It falls on a seat across the bore.';

/** What moves and what seals in each drawing, for who does not see it: never by the name of the type. */
export const HEARD: Readonly<Record<ValveType, Heard>> = {
  ball: {
    moves: 'A sphere with a hole through it turns a quarter.',
    seals: 'Two soft seats touch it, before and behind.',
  },
  'ball-3-way': {
    moves: 'A sphere with a bent hole turns between three pipes.',
    seals: 'Soft seats touch it at the pipes.',
  },
  'gate-solid': {
    moves: 'A bare wedge is lowered across the bore in many turns, into a slot.',
    seals: 'Two narrow faces of brass or iron meet it.',
  },
  'gate-resilient': {
    moves: 'A wrapped wedge is lowered across the bore in many turns; the floor of the bore is smooth.',
    seals: 'Its own wrapping is pressed against the body.',
  },
  'knife-gate': {
    moves: 'A thin plate is pushed across the bore in many turns and comes out at the top when it opens.',
    seals: 'Its edge meets a seat on one side; packing closes around it at the top.',
  },
  globe: { moves: SCREWED, seals: ON_A_RING },
  'globe-y': {
    moves: 'A flat piece is screwed down at a slant, in several turns.',
    seals: 'It presses on a slanted seat, nearly in line with the flow.',
  },
  angle: {
    moves: SCREWED,
    seals: 'It presses on a seat where the flow makes a right turn.',
  },
  'compression-stop': {
    moves: 'A small piece with a rubber washer is screwed down in several turns.',
    seals: 'The washer is squeezed on a brass seat in a wall between inlet and outlet.',
  },
  'compression-stop-angle': {
    moves: 'A small piece with a rubber washer is screwed down in several turns.',
    seals: 'The washer is squeezed on a brass seat where the flow makes a right turn.',
  },
  'quarter-turn-stop': {
    moves: 'A very small sphere with a hole turns a quarter, in a small body with a narrow outlet.',
    seals: 'Two soft seats touch it.',
  },
  needle: {
    moves: 'A slim cone on a fine thread is drawn out of a small hole in many turns.',
    seals: 'The cone meets the edge of the hole.',
  },
  'radiator-disc': {
    moves: 'A soft piece is screwed down over a wide opening at a right turn.',
    seals: 'It is pressed on the edge of the opening.',
  },
  'radiator-metering': {
    moves: 'A cone with a stop inside is drawn out of its hole.',
    seals: 'The cone meets the edge of the hole.',
  },
  'butterfly-resilient': {
    moves: 'A round plate on a shaft across the bore turns a quarter and stays in the stream.',
    seals: 'Its rim meets a soft lining all around.',
  },
  'butterfly-metal': {
    moves: 'A round plate on a shaft across the bore turns a quarter and stays in the stream.',
    seals: 'Its rim comes close to the bare body all around.',
  },
  'butterfly-gas-cock': {
    moves: 'A small round plate in a heavy body turns a quarter and stays in the stream.',
    seals: 'Its rim meets the bore; the body has few places that could leak.',
  },
  'plug-taper': {
    moves: 'A tapered key with a slot turns a quarter; a nut underneath draws it down.',
    seals: 'The greased key fits its tapered hole.',
  },
  'plug-lubricated': {
    moves: 'A tapered key with a slot turns a quarter; a fitting on top takes sealant.',
    seals: 'Injected sealant fills the gap around the key.',
  },
  'plug-eccentric': {
    moves: 'A half round piece off the middle swings a quarter, clear of its seat.',
    seals: 'Its covered face is pressed on a seat on one side.',
  },
  'plug-3-way': {
    moves: 'A large key turns between three pipes.',
    seals: 'The key closes one branch or the other.',
  },
  diaphragm: {
    moves: 'A flexible sheet is pressed down in several turns.',
    seals: 'The sheet meets a ridge in the floor of the body; it also keeps the stem dry.',
  },
  solenoid: {
    moves: 'A coil draws up a small piece against a spring; no hand moves it.',
    seals: 'The spring presses the piece on its seat without power.',
  },
  'pressure-reducing': {
    moves: 'A spring and a flexible sheet move a small piece as the pressure behind it falls.',
    seals: 'It closes as the pressure behind it rises.',
  },
  relief: {
    moves: 'A spring holds a piece down until the pressure under it lifts it; the outlet is open to the air.',
    seals: 'The spring presses the piece on its seat.',
  },
  'check-swing': { moves: SWUNG, seals: `${ON_ITS_RIM} Nothing but its own weight closes it.` },
  'check-swing-spring': { moves: SWUNG, seals: 'A coil at the pin closes it on a seat across the bore.' },
  'check-swing-weighted': {
    moves: `${SWUNG} Outside, an arm carries a load.`,
    seals: 'The load outside closes it on a seat across the bore.',
  },
  'check-spring-inline': {
    moves: 'A small piece on the axis is pushed back by the flow against a coil.',
    seals: 'The coil presses it on a seat across the bore.',
  },
  'check-lift-horizontal': {
    moves: 'A guided piece is raised by the flow, without a stem.',
    seals: 'It falls back on a seat in a wall between inlet and outlet.',
  },
  'check-lift-vertical': {
    moves: 'A guided piece is raised straight up by a flow that goes up.',
    seals: 'It falls back on a seat across the bore.',
  },
  'check-ball': {
    moves: 'A loose sphere is rolled aside into a pocket by the flow.',
    seals: 'It rolls back on a round seat.',
  },
  'check-dual-plate': {
    moves: 'Two half plates fold on a pin across the middle, pushed by the flow.',
    seals: 'Coils close both halves on a seat.',
  },
  'check-tilting': {
    moves: 'A round plate tips on a pin near its middle.',
    seals: 'Its rim meets a slanted seat.',
  },
};

import { MEDIA, MEDIUM_FACTS, type Medium } from '../../ground/media/index.js';
import { PIPE_FACTS, PIPE_MATERIALS, type PipeMaterial } from '../../ground/pipes/index.js';
import { FLOW_PATTERNS, ORIENTATIONS, PLACES, SOLIDS, THREADS } from '../../judgement/selection/index.js';
import { FUNCTION_WORDS, VALVE_FUNCTIONS, type ValveFunction } from '../../ground/valves/index.js';

/** The ids a word of the trade may stand for. */
export interface Vocabulary<T extends string> {
  /** What the words name: "medium". */
  of: string;
  ids: ReadonlyMap<string, T>;
  /** What a person is told to write. */
  choices: readonly string[];
}

function vocabulary<T extends string>(
  of: string,
  ids: readonly T[],
  words: (id: T) => string,
  alsoSaid: Readonly<Record<string, T>> = {},
): Vocabulary<T> {
  const map = new Map<string, T>();
  for (const id of ids) {
    map.set(key(id), id);
    map.set(key(words(id)), id);
  }
  for (const [said, id] of Object.entries(alsoSaid)) map.set(key(said), id);
  return { of, ids: map, choices: ids.map((id) => id.replaceAll('-', ' ')) };
}

/** A word as the vocabulary spells it: lower case, anything between words a single blank. */
function key(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}

/** The id a word stands for; undefined where it is not known. */
export function idOf<T extends string>(words: Vocabulary<T>, said: string): T | undefined {
  return words.ids.get(key(said));
}

const plain = (id: string): string => id;

export const MEDIUM_WORDS = vocabulary<Medium>('medium', MEDIA, (id) => MEDIUM_FACTS[id].words, {
  'cold water': 'potable-cold',
  'domestic cold': 'potable-cold',
  'potable cold water': 'potable-cold',
  'hot water': 'potable-hot',
  'domestic hot': 'potable-hot',
  'potable hot water': 'potable-hot',
  heating: 'heating-water',
  fire: 'fire-water',
  sprinkler: 'fire-water',
  sewage: 'raw-sewage',
  wastewater: 'raw-sewage',
  effluent: 'screened-effluent',
  propane: 'lp-gas',
  lpg: 'lp-gas',
  'low pressure steam': 'steam-low',
  'vapor steam': 'steam-vapour',
  'steam vapor': 'steam-vapour',
  air: 'compressed-air',
  'wash water': 'wash-water-high-pressure',
  'wash down': 'wash-water-high-pressure',
  'high pressure wash water': 'wash-water-high-pressure',
  oxygen: 'oxidiser-gas',
  'oxidizer gas': 'oxidiser-gas',
});

export const FUNCTION_WORDS_SAID = vocabulary<ValveFunction>(
  'function',
  VALVE_FUNCTIONS,
  (id) => FUNCTION_WORDS[id],
  {
    shutoff: 'isolate',
    isolation: 'isolate',
    isolating: 'isolate',
    'emergency shut off': 'emergency-shutoff',
    emergency: 'emergency-shutoff',
    check: 'non-return',
    'check valve': 'non-return',
    balance: 'throttle',
    balancing: 'throttle',
    control: 'throttle',
    'pressure reducing': 'reduce-pressure',
    relief: 'relieve',
  },
);

export const PIPE_WORDS = vocabulary<PipeMaterial>(
  'pipe material',
  PIPE_MATERIALS,
  (id) => PIPE_FACTS[id].words,
  {
    cu: 'copper',
    'copper l': 'copper',
    'carbon steel': 'steel',
    'black steel': 'steel',
    'black iron': 'steel',
    galvanized: 'galvanised',
    'galvanized steel': 'galvanised',
    galv: 'galvanised',
    ss: 'stainless',
    pe: 'hdpe',
    polyethylene: 'hdpe',
    ductile: 'ductile-iron',
    di: 'ductile-iron',
  },
);

export const ORIENTATION_WORDS = vocabulary('orientation', ORIENTATIONS, plain, {
  level: 'horizontal',
  h: 'horizontal',
  up: 'vertical-up',
  upward: 'vertical-up',
  down: 'vertical-down',
  downward: 'vertical-down',
});

export const PLACE_WORDS = vocabulary('place', PLACES, plain, {
  inside: 'indoors',
  indoor: 'indoors',
  outside: 'outdoors',
  outdoor: 'outdoors',
  vault: 'pit',
  underground: 'buried',
  'in the wall': 'concealed',
  wall: 'concealed',
  'behind a wall': 'concealed',
});

export const FLOW_PATTERN_WORDS = vocabulary('flow pattern', FLOW_PATTERNS, plain);
export const SOLIDS_WORDS = vocabulary('kind of solids', SOLIDS, plain);
export const THREAD_WORDS = vocabulary('thread system', THREADS, plain);

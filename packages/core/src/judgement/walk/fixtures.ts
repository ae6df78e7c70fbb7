/** What a line feeds, with the words people write for it. Counted by the takeoff under the same ids. */
export const FIXTURES = {
  basin: { words: 'basin', said: ['basin', 'lav', 'lavatory', 'washbasin', 'hand basin'] },
  'kitchen-sink': { words: 'kitchen sink', said: ['kitchen sink', 'sink'] },
  'utility-sink': { words: 'utility sink', said: ['utility sink', 'mop sink', 'slop sink', 'laundry sink'] },
  bidet: { words: 'bidet', said: ['bidet'] },
  shower: { words: 'shower', said: ['shower'] },
  bath: { words: 'bath', said: ['bath', 'tub', 'bathtub'] },
  toilet: { words: 'toilet', said: ['toilet', 'wc', 'water closet'] },
  urinal: { words: 'urinal', said: ['urinal'] },
  'ice-maker': { words: 'ice maker', said: ['ice maker', 'icemaker'] },
  dishwasher: { words: 'dishwasher', said: ['dishwasher'] },
  'clothes-washer': { words: 'clothes washer', said: ['clothes washer', 'washing machine', 'washer'] },
  'water-heater': { words: 'water heater', said: ['water heater', 'heater'] },
  'hose-bibb': {
    words: 'hose bibb',
    said: ['hose bibb', 'hose bib', 'hose', 'hose reel', 'yard tap', 'tap'],
  },
  'boiler-feed': { words: 'boiler feed', said: ['boiler feed'] },
  boiler: { words: 'boiler', said: ['boiler'] },
  furnace: { words: 'furnace', said: ['furnace'] },
  dryer: { words: 'dryer', said: ['dryer', 'clothes dryer'] },
  'spray-gun': { words: 'spray gun', said: ['spray gun', 'wash gun', 'gun'] },
  flushometer: { words: 'flushometer', said: ['flushometer', 'flush valve'] },
  'backflow-assembly': {
    words: 'backflow assembly',
    said: ['backflow assembly', 'backflow preventer', 'backflow', 'rpz', 'double check assembly'],
  },
  'expansion-tank': { words: 'expansion tank', said: ['expansion tank', 'expansion vessel'] },
  radiator: { words: 'radiator', said: ['radiator', 'rad'] },
  oven: { words: 'oven', said: ['oven', 'range', 'cooker', 'stove'] },
  fountain: { words: 'fountain', said: ['fountain', 'drinking fountain'] },
  sprinklers: { words: 'sprinklers', said: ['sprinkler', 'sprinklers', 'sprinkler head', 'heads'] },
  hydrant: { words: 'hydrant', said: ['hydrant'] },
  pump: { words: 'pump', said: ['pump', 'booster'] },
  building: { words: 'building', said: ['building', 'house', 'service'] },
  other: { words: 'fixture', said: ['fixture', 'appliance', 'machine'] },
} as const satisfies Record<string, { words: string; said: readonly string[] }>;

export type FixtureKind = keyof typeof FIXTURES;
export const FIXTURE_KINDS = Object.keys(FIXTURES) as FixtureKind[];

const BY_WORD = new Map<string, FixtureKind>(
  FIXTURE_KINDS.flatMap((kind) => FIXTURES[kind].said.map((said) => [said, kind] as const)),
);

/** The fixture a word names, in one or many; undefined where it names none. */
export function fixtureSaid(word: string): FixtureKind | undefined {
  const plain = word.toLowerCase().trim();
  return BY_WORD.get(plain) ?? BY_WORD.get(plain.replace(/e?s$/, '')) ?? BY_WORD.get(plain.replace(/s$/, ''));
}

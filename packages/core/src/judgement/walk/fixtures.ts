/** What a line feeds, with the words people write for it in English and Spanish. Counted by the takeoff under the same ids. */
export const FIXTURES = {
  basin: {
    words: 'basin',
    said: ['basin', 'lav', 'lavatory', 'washbasin', 'hand basin', 'lavabo', 'lavamanos'],
  },
  'kitchen-sink': {
    words: 'kitchen sink',
    said: ['kitchen sink', 'sink', 'fregadero', 'fregadero de cocina', 'tarja'],
  },
  'utility-sink': {
    words: 'utility sink',
    said: ['utility sink', 'mop sink', 'slop sink', 'laundry sink', 'lavadero', 'vertedero'],
  },
  bidet: { words: 'bidet', said: ['bidet', 'bidé'] },
  shower: { words: 'shower', said: ['shower', 'regadera', 'ducha'] },
  bath: { words: 'bath', said: ['bath', 'tub', 'bathtub', 'tina', 'bañera'] },
  toilet: {
    words: 'toilet',
    said: ['toilet', 'wc', 'water closet', 'inodoro', 'excusado', 'taza', 'sanitario'],
  },
  urinal: { words: 'urinal', said: ['urinal', 'mingitorio', 'urinario'] },
  'ice-maker': { words: 'ice maker', said: ['ice maker', 'icemaker', 'máquina de hielo'] },
  dishwasher: { words: 'dishwasher', said: ['dishwasher', 'lavavajillas', 'lavaplatos'] },
  'clothes-washer': {
    words: 'clothes washer',
    said: ['clothes washer', 'washing machine', 'washer', 'lavadora'],
  },
  'water-heater': {
    words: 'water heater',
    said: ['water heater', 'heater', 'calentador', 'calentador de agua'],
  },
  'hose-bibb': {
    words: 'hose bibb',
    said: [
      'hose bibb',
      'hose bib',
      'hose',
      'hose reel',
      'yard tap',
      'tap',
      'llave de manguera',
      'llave de jardín',
      'llave de patio',
      'llave de nariz',
      'manguera',
    ],
  },
  'boiler-feed': { words: 'boiler feed', said: ['boiler feed', 'llenado de caldera'] },
  boiler: { words: 'boiler', said: ['boiler', 'caldera'] },
  furnace: { words: 'furnace', said: ['furnace', 'calefactor'] },
  dryer: { words: 'dryer', said: ['dryer', 'clothes dryer', 'secadora'] },
  'spray-gun': {
    words: 'spray gun',
    said: ['spray gun', 'wash gun', 'gun', 'pistola', 'pistola de lavado', 'pistola de rocío'],
  },
  flushometer: { words: 'flushometer', said: ['flushometer', 'flush valve', 'fluxómetro'] },
  'backflow-assembly': {
    words: 'backflow assembly',
    said: [
      'backflow assembly',
      'backflow preventer',
      'backflow',
      'rpz',
      'double check assembly',
      'conjunto contra reflujo',
      'dispositivo contra reflujo',
    ],
  },
  'expansion-tank': {
    words: 'expansion tank',
    said: ['expansion tank', 'expansion vessel', 'tanque de expansión'],
  },
  radiator: { words: 'radiator', said: ['radiator', 'rad', 'radiador'] },
  oven: { words: 'oven', said: ['oven', 'range', 'cooker', 'stove', 'horno', 'estufa'] },
  fountain: { words: 'fountain', said: ['fountain', 'drinking fountain', 'fuente', 'bebedero'] },
  sprinklers: {
    words: 'sprinklers',
    said: ['sprinkler', 'sprinklers', 'sprinkler head', 'heads', 'rociador', 'rociadores'],
  },
  hydrant: { words: 'hydrant', said: ['hydrant', 'hidrante'] },
  pump: { words: 'pump', said: ['pump', 'booster', 'bomba'] },
  building: { words: 'building', said: ['building', 'house', 'service', 'edificio', 'casa'] },
  other: { words: 'fixture', said: ['fixture', 'appliance', 'machine', 'mueble', 'aparato', 'máquina'] },
} as const satisfies Record<string, { words: string; said: readonly string[] }>;

export type FixtureKind = keyof typeof FIXTURES;
export const FIXTURE_KINDS = Object.keys(FIXTURES) as FixtureKind[];

const BY_WORD = new Map<string, FixtureKind>(
  FIXTURE_KINDS.flatMap((kind) => FIXTURES[kind].said.map((said) => [withoutAccents(said), kind] as const)),
);

/** The fixture a word names, in one or many; undefined where it names none. */
export function fixtureSaid(word: string): FixtureKind | undefined {
  const plain = withoutAccents(word.toLowerCase().trim());
  return BY_WORD.get(plain) ?? BY_WORD.get(plain.replace(/e?s$/, '')) ?? BY_WORD.get(plain.replace(/s$/, ''));
}

/** People write “bidé” and “bide”. */
function withoutAccents(word: string): string {
  return word.normalize('NFD').replace(/\p{M}/gu, '');
}

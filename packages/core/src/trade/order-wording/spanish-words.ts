/** Words of an order line in Spanish, as English has them: the longest first. Source: the counter's words on North American sites. */
const SPANISH_WORDS: readonly (readonly [string, string])[] = [
  ['v[aá]lvulas? reductoras? de presi[oó]n', 'pressure reducing valve'],
  ['v[aá]lvulas? de alivio', 'relief valve'],
  [
    '(?:v[aá]lvulas? )?(?:check|de retenci[oó]n) de columpio con resorte',
    'spring-assisted swing check valve',
  ],
  ['(?:v[aá]lvulas? )?(?:check|de retenci[oó]n) de (?:bola|esfera)', 'ball check valve'],
  ['(?:v[aá]lvulas? )?(?:check|de retenci[oó]n) de resorte(?: en l[ií]nea)?', 'inline spring check valve'],
  ['(?:v[aá]lvulas? )?(?:check|de retenci[oó]n) de doble placa', 'dual-plate check valve'],
  ['(?:v[aá]lvulas? )?(?:check|de retenci[oó]n) (?:de columpio|columpio)', 'swing check valve'],
  ['v[aá]lvulas? (?:check|de retenci[oó]n)', 'check valve'],
  ['(?:v[aá]lvulas?|llaves?) de (?:bola|esfera) de tres v[ií]as', 'three-way ball valve'],
  ['(?:v[aá]lvulas?|llaves?) de (?:bola|esfera)', 'ball valve'],
  ['v[aá]lvulas? de compuerta de cu[ñn]a resiliente', 'resilient-wedge gate valve'],
  ['v[aá]lvulas? de (?:compuerta de )?cuchilla', 'knife gate valve'],
  ['(?:v[aá]lvulas?|llaves?) de compuerta', 'gate valve'],
  ['v[aá]lvulas? de globo', 'globe valve'],
  ['v[aá]lvulas? angular(?:es)?', 'angle valve'],
  ['v[aá]lvulas? de mariposa', 'butterfly valve'],
  ['v[aá]lvulas? de aguja', 'needle valve'],
  ['v[aá]lvulas? de diafragma', 'diaphragm valve'],
  ['v[aá]lvulas? solenoides?', 'solenoid valve'],
  ['v[aá]lvulas? de macho exc[eé]ntrico', 'eccentric plug valve'],
  ['v[aá]lvulas? de macho lubricado', 'lubricated plug valve'],
  ['v[aá]lvulas? de macho', 'taper plug valve'],
  ['v[aá]lvulas? de radiador', 'radiator valve'],
  ['llaves? angular(?:es)? de cuarto de vuelta', 'quarter-turn angle stop'],
  ['llaves? de cuarto de vuelta', 'quarter-turn stop'],
  ['llaves? angular(?:es)?', 'angle stop'],
  ['llaves? rectas?', 'straight stop'],
  ['llaves? de banqueta', 'curb stop'],
  ['llaves? de (?:manguera|jard[ií]n|nariz)', 'hose bibb'],
  ['llaves? de gas', 'gas cock'],
  ['cuarto de vuelta', 'quarter turn'],
  ['multivuelta', 'multi-turn'],
  ['paso completo', 'full port'],
  ['paso reducido', 'reduced port'],
  ['paso est[aá]ndar', 'standard port'],
  ['sin plomo', 'lead-free'],
  ['acero inoxidable', 'stainless steel'],
  ['acero al carbono', 'carbon steel'],
  ['acero forjado', 'forged steel'],
  ['hierro d[uú]ctil', 'ductile iron'],
  ['(?:hierro|fierro) (?:gris|vaciado|fundido)', 'grey iron'],
  ['lat[oó]n', 'brass'],
  ['bronce', 'bronze'],
  ['asientos? de ptfe reforzado', 'reinforced PTFE seats'],
  ['asientos? de ptfe', 'PTFE seats'],
  ['soldables?|soldar', 'sweat'],
  ['a presi[oó]n|prensar', 'press'],
  ['de inserci[oó]n', 'push-fit'],
  ['roscad[oa]s?|rosca hembra', 'fip'],
  ['rosca macho', 'mip'],
  ['bridad[oa]s?', 'flanged'],
  ['compresi[oó]n', 'compression'],
  ['clase', 'class'],
  ['palanca con (?:seguro|candado)', 'locking lever'],
  ['palanca', 'lever'],
  ['volante', 'handwheel'],
  ['operador de engranes|con engranes', 'gear operator'],
  ['v[aá]stago ascendente', 'rising stem'],
  ['para gas', 'gas'],
  ['pulgadas?|pulg\\.?', 'in'],
  ['piezas|pzas?\\.?', 'pcs'],
];

const PATTERNS = SPANISH_WORDS.map(
  ([words, english]) =>
    [new RegExp(`(?<![\\p{L}\\p{N}])(?:${words})(?![\\p{L}\\p{N}])`, 'giu'), english] as const,
);

/**
 * An order line with its Spanish words in English; what is no word of an order stays.
 *
 * @example
 * withoutSpanish('6 válvula de bola 3/4 soldable paso completo') // '6 ball valve 3/4 sweat full port'
 */
export const withoutSpanish = (text: string): string =>
  PATTERNS.reduce((said, [words, english]) => said.replace(words, english), text);

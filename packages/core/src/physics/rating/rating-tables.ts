export interface RatingPoint {
  temperatureC: number;
  pressurePa: number;
}

/** What a body, joint or pipe carries against temperature, for its band of sizes. */
export interface RatingTable {
  part: 'body' | 'joint' | 'pipe';
  /** As a person would name it, with the standard it comes from. */
  source: string;
  fromDn: number;
  toDn: number;
  points: readonly RatingPoint[];
}

const at = (temperatureC: number, pressurePa: number): RatingPoint => ({ temperatureC, pressurePa });

/** Built-in ratings by id. Pressures are gauge; each row cites its standard. */
export const RATING_TABLES = {
  'body-steel-150': {
    part: 'body',
    source: 'Carbon steel body class 150 (ASME B16.34 group 1.1)',
    fromDn: 15,
    toDn: 600,
    points: [at(38, 1965006), at(93, 1792637), at(149, 1585794), at(204, 1378951), at(260, 1172109)],
  },
  'body-steel-300': {
    part: 'body',
    source: 'Carbon steel body class 300 (ASME B16.34 group 1.1)',
    fromDn: 15,
    toDn: 600,
    points: [at(38, 5102120), at(93, 4653961), at(149, 4516066), at(204, 4378171), at(260, 4171328)],
  },
  'body-steel-800': {
    part: 'body',
    source: 'Forged carbon steel body class 800 (API 602)',
    fromDn: 8,
    toDn: 50,
    points: [at(38, 13617146), at(93, 12410563), at(149, 12065825), at(204, 11652140)],
  },
  'body-bronze-125': {
    part: 'body',
    source: 'Bronze gate/globe/check class 125 threaded (MSS SP-80)',
    fromDn: 8,
    toDn: 80,
    points: [at(66, 1378951), at(93, 1275530), at(121, 1137635), at(149, 999740), at(178, 861845)],
  },
  'body-bronze-150': {
    part: 'body',
    source: 'Bronze class 150 threaded (MSS SP-80)',
    fromDn: 8,
    toDn: 80,
    points: [at(66, 2068427), at(93, 1861584), at(121, 1620268), at(149, 1378951), at(186, 1034214)],
  },
  'body-iron-125': {
    part: 'body',
    source: 'Grey iron class 125 flanged DN50-300 (MSS SP-70/71)',
    fromDn: 50,
    toDn: 300,
    points: [at(66, 1378951), at(107, 1206583), at(149, 965266), at(178, 861845)],
  },
  'body-ductile-250psi': {
    part: 'body',
    source: 'Ductile iron resilient-wedge gate 250 psi water (AWWA C509/C515)',
    fromDn: 50,
    toDn: 300,
    points: [at(0, 1723689), at(52, 1723689)],
  },
  'body-butterfly-150b': {
    part: 'body',
    source: 'Butterfly class 150B water (AWWA C504)',
    fromDn: 80,
    toDn: 600,
    points: [at(0, 1034214), at(52, 1034214)],
  },
  'body-brass-600cwp': {
    part: 'body',
    source: 'Brass ball 600 psi cold working (MSS SP-110) with PTFE seats',
    fromDn: 8,
    toDn: 50,
    points: [at(38, 4136854), at(93, 2757903), at(149, 1206583), at(178, 1034214)],
  },
  'body-steel-ball-1000cwp': {
    part: 'body',
    source: 'Stainless ball 1000 psi cold working with reinforced PTFE seats',
    fromDn: 8,
    toDn: 50,
    points: [at(38, 6894757), at(93, 5515806), at(149, 3447379), at(204, 1378951)],
  },
  'body-stop-125': {
    part: 'body',
    source: 'Supply stop 125 psi (ASME A112.18.1)',
    fromDn: 10,
    toDn: 15,
    points: [at(0, 861845), at(60, 861845)],
  },
  'body-plastic-235': {
    part: 'body',
    source: 'Plastic true-union ball 235 psi at 23 C - derate by material',
    fromDn: 15,
    toDn: 100,
    points: [at(23, 1620268)],
  },
  'body-plastic-150': {
    part: 'body',
    source: 'Plastic true-union ball 150 psi at 23 C - derate by material',
    fromDn: 150,
    toDn: 200,
    points: [at(23, 1034214)],
  },
  'joint-solder-sn50pb50-15': {
    part: 'joint',
    source: 'Soldered joint 50-50 tin-lead (not for potable water)',
    fromDn: 8,
    toDn: 25,
    points: [at(38, 1378951), at(66, 1034214), at(93, 689476), at(121, 586054)],
  },
  'joint-solder-sn50pb50-32': {
    part: 'joint',
    source: 'Soldered joint 50-50 tin-lead (not for potable water)',
    fromDn: 32,
    toDn: 50,
    points: [at(38, 1206583), at(66, 861845), at(93, 620528), at(121, 517107)],
  },
  'joint-solder-sn95sb5-15': {
    part: 'joint',
    source: 'Soldered joint 95-5 tin-antimony',
    fromDn: 8,
    toDn: 25,
    points: [at(38, 7515285), at(66, 4309223), at(93, 3481852), at(121, 1861584)],
  },
  'joint-solder-sn95sb5-32': {
    part: 'joint',
    source: 'Soldered joint 95-5 tin-antimony',
    fromDn: 32,
    toDn: 50,
    points: [at(38, 5860544), at(66, 3343957), at(93, 2723429), at(121, 1447899)],
  },
  'joint-solder-sn95sb5-65': {
    part: 'joint',
    source: 'Soldered joint 95-5 tin-antimony',
    fromDn: 65,
    toDn: 100,
    points: [at(38, 4860804), at(66, 2792377), at(93, 2240796), at(121, 1172109)],
  },
  'joint-press-copper': {
    part: 'joint',
    source: 'Copper press joint with EPDM seal',
    fromDn: 15,
    toDn: 100,
    points: [at(0, 1378951), at(121, 1378951)],
  },
  'joint-pushfit': {
    part: 'joint',
    source: 'Push-fit joint',
    fromDn: 15,
    toDn: 50,
    points: [at(0, 1378951), at(93, 1378951)],
  },
  'joint-pex-barb': {
    part: 'joint',
    source: 'PEX barb and ring (ASTM F877)',
    fromDn: 10,
    toDn: 25,
    points: [at(23, 1103161), at(82, 689476), at(93, 551581)],
  },
  'joint-flange-150': {
    part: 'joint',
    source: 'Steel flange class 150 (ASME B16.5 group 1.1)',
    fromDn: 15,
    toDn: 600,
    points: [at(38, 1965006), at(93, 1792637), at(149, 1585794), at(204, 1378951)],
  },
  'joint-mechanical-350': {
    part: 'joint',
    source: 'Mechanical joint on ductile iron (AWWA C111) 350 psi',
    fromDn: 80,
    toDn: 600,
    points: [at(0, 2413166), at(52, 2413166)],
  },
  'joint-grooved-300': {
    part: 'joint',
    source: 'Grooved coupling 300 psi EPDM',
    fromDn: 25,
    toDn: 200,
    points: [at(0, 2068427), at(110, 2068427)],
  },
  'joint-threaded-steel': {
    part: 'joint',
    source: 'Threaded malleable iron class 150 fittings (ASME B16.3)',
    fromDn: 8,
    toDn: 100,
    points: [at(66, 2068427), at(93, 1827111), at(121, 1585794), at(149, 1275530), at(186, 1034214)],
  },
  'pipe-pex': {
    part: 'pipe',
    source: 'PEX tube SDR 9 (ASTM F876)',
    fromDn: 10,
    toDn: 50,
    points: [at(23, 1103161), at(82, 689476), at(93, 551581)],
  },
  'joint-pex-expansion': {
    part: 'joint',
    source: 'PEX cold expansion and ring (ASTM F1960)',
    fromDn: 10,
    toDn: 80,
    points: [at(23, 1103161), at(82, 689476), at(93, 551581)],
  },
  'joint-od-compression': {
    part: 'joint',
    source: 'Brass compression on copper or stainless tube',
    fromDn: 6,
    toDn: 25,
    points: [at(38, 1378951), at(93, 861845)],
  },
  'joint-flare': {
    part: 'joint',
    source: '45 degree flare on copper tube',
    fromDn: 6,
    toDn: 50,
    points: [at(38, 2413166), at(93, 1723689)],
  },
  'joint-solvent-pvc': {
    part: 'joint',
    source: 'PVC solvent socket (schedule 80 fitting practice)',
    fromDn: 10,
    toDn: 200,
    points: [at(23, 1620268), at(60, 356459)],
  },
  'joint-solvent-cpvc': {
    part: 'joint',
    source: 'CPVC solvent socket',
    fromDn: 10,
    toDn: 200,
    points: [at(23, 1620268), at(82, 405067), at(93, 324054)],
  },
  'joint-male-hose': {
    part: 'joint',
    source: 'Garden hose thread with washer',
    fromDn: 15,
    toDn: 25,
    points: [at(0, 861845), at(82, 861845)],
  },
  'joint-push-on-350': {
    part: 'joint',
    source: 'Push-on joint on ductile iron (AWWA C111) 350 psi',
    fromDn: 80,
    toDn: 600,
    points: [at(0, 2413166), at(52, 2413166)],
  },
  'joint-flange-125': {
    part: 'joint',
    source: 'Grey iron flange class 125 (ASME B16.1)',
    fromDn: 25,
    toDn: 300,
    points: [at(66, 1378951), at(149, 965266), at(178, 861845)],
  },
  'joint-flange-250': {
    part: 'joint',
    source: 'Grey iron flange class 250 (ASME B16.1)',
    fromDn: 25,
    toDn: 300,
    points: [at(66, 3447379), at(178, 1999480)],
  },
  'joint-flange-300': {
    part: 'joint',
    source: 'Steel flange class 300 (ASME B16.5 group 1.1)',
    fromDn: 15,
    toDn: 600,
    points: [at(38, 5102120), at(93, 4688435), at(149, 4516066), at(204, 4378171)],
  },
  'joint-flange-600': {
    part: 'joint',
    source: 'Steel flange class 600 (ASME B16.5 group 1.1)',
    fromDn: 15,
    toDn: 600,
    points: [at(38, 10204241), at(93, 9376870), at(149, 9032132), at(204, 8721868)],
  },
  'joint-flange-pn16': {
    part: 'joint',
    source: 'Flange PN 16 (EN 1092)',
    fromDn: 15,
    toDn: 600,
    points: [at(50, 1600000), at(120, 1500000)],
  },
} as const satisfies Record<string, RatingTable>;

export type RatingId = keyof typeof RATING_TABLES;
export const RATING_IDS = Object.keys(RATING_TABLES) as RatingId[];

/** The table behind an id. */
export function ratingTable(id: RatingId): RatingTable {
  return RATING_TABLES[id];
}

const STREETS = [
  'Quay road',
  'Ropewalk',
  'Net loft lane',
  'Chandler street',
  'Tidal way',
  'Fishmarket',
  'Kiln street',
];
const CROSSES = ['north', 'chapel', 'school', 'mill', 'ferry'];
const BLOCK_FT = 260;
/** Feet east and south of the corner of the first street and lane. */
type Offset = readonly [eastFt: number, southFt: number];
const at = (across: number, along: number, eastFt: number, southFt: number): Offset => [
  across * BLOCK_FT + eastFt,
  along * BLOCK_FT + southFt,
];

/** The harbour town lies on a made-up shore. */
const ORIGIN = { longitude: -87.412, latitude: 44.873 };
const FT_PER_DEGREE = 364_567;
const onEarth = (eastFt: number, southFt: number): [number, number] => [
  ORIGIN.longitude + eastFt / (FT_PER_DEGREE * Math.cos((ORIGIN.latitude * Math.PI) / 180)),
  ORIGIN.latitude - southFt / FT_PER_DEGREE,
];

export interface DemoGrid {
  walk: string;
  /** Longitude and latitude by tag. */
  places: ReadonlyMap<string, readonly [longitude: number, latitude: number]>;
}

/**
 * The water mains of the harbour town as the crew walked them: streets along, lanes across, closed to loops, with valves, hydrants and
 * services. Typed like any walk. Each corner is a tee named after its street and lane.
 */
export function utilityGrid(): DemoGrid {
  const places = new Map<string, [number, number]>();
  const lines = ['source: Reservoir outlet', '8 ductile 900 ft', 'UT-100 RWGV 8: Reservoir outlet'];
  let tag = 100;
  const valve = (size: number, where: string, [eastFt, southFt]: Offset, kind = 'RWGV '): string => {
    tag += 1;
    places.set(`UT-${tag}`, onEarth(eastFt, southFt));
    return `UT-${tag} ${kind}${size}: ${where}`;
  };
  STREETS.forEach((street, along) => {
    const corner = (across: number, row = along): string => `${STREETS[row]} at ${CROSSES[across]}`;
    if (along > 0) lines.push(`8 ductile ${BLOCK_FT} ft`);
    lines.push(`tee: ${corner(0)}`);
    CROSSES.slice(1).forEach((_, index) => {
      const across = index + 1;
      lines.push(`  6 ductile ${BLOCK_FT} ft`);
      if ((along + across) % 2 === 0)
        lines.push(`  ${valve(6, `${street}, before ${CROSSES[across]}`, at(across, along, -20, 0))}`);
      lines.push(`  tee: ${corner(across)}`);
      if ((along * 3 + across) % 4 === 0)
        lines.push(
          `    tee: Hydrant lead, ${corner(across)}`,
          `      6 ductile 15 ft`,
          `      ${valve(6, `Hydrant lead, ${corner(across)}`, at(across, along, 12, -12))}`,
          `      hydrant: ${corner(across)}`,
        );
      else
        lines.push(
          `    tee: Services, ${corner(across)}`,
          `      ${valve(50, `Curb stop, ${corner(across)}`, at(across, along, -14, -14), 'curb stop DN')}`,
          `      building x${4 + ((along * 5 + across * 3) % 9)}: ${corner(across)}`,
        );
      // The lane on to the next street closes the loop.
      if (along + 1 < STREETS.length) {
        lines.push(`    6 ductile ${BLOCK_FT - 20} ft`);
        if ((along + across) % 3 === 0)
          lines.push(
            `    ${valve(6, `${CROSSES[across]} lane, below ${street}`, at(across, along, 0, BLOCK_FT - 20))}`,
          );
        lines.push(`    6 ductile 20 ft joins ${corner(across, along + 1)}`);
      }
    });
    if (along % 2 === 1) lines.push(valve(8, `${street}, trunk`, at(0, along, 0, 30)));
  });
  places.set('UT-100', onEarth(-60, -60));
  return { walk: lines.join('\n'), places };
}

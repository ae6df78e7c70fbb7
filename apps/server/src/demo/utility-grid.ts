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

/**
 * The water mains of the harbour town as the crew walked them: streets along, lanes across, closed to rings, with valves, hydrants and
 * services. Typed like any walk. Each corner is a tee named after its street and lane.
 */
export function utilityGrid(): string {
  const lines = ['source: Reservoir outlet', '8 ductile 900 ft', 'UT-100 RWGV 8: Reservoir outlet'];
  let tag = 100;
  const valve = (size: number, where: string, kind = 'RWGV '): string =>
    `UT-${(tag += 1)} ${kind}${size}: ${where}`;
  STREETS.forEach((street, along) => {
    const corner = (across: number, at = along): string => `${STREETS[at]} at ${CROSSES[across]}`;
    if (along > 0) lines.push(`8 ductile ${BLOCK_FT} ft`);
    lines.push(`tee: ${corner(0)}`);
    CROSSES.slice(1).forEach((_, index) => {
      const across = index + 1;
      lines.push(`  6 ductile ${BLOCK_FT} ft`);
      if ((along + across) % 2 === 0) lines.push(`  ${valve(6, `${street}, before ${CROSSES[across]}`)}`);
      lines.push(`  tee: ${corner(across)}`);
      if ((along * 3 + across) % 4 === 0)
        lines.push(
          `    tee: Hydrant lead, ${corner(across)}`,
          `      6 ductile 15 ft`,
          `      ${valve(6, `Hydrant lead, ${corner(across)}`)}`,
          `      hydrant: ${corner(across)}`,
        );
      else
        lines.push(
          `    tee: Services, ${corner(across)}`,
          `      ${valve(50, `Curb stop, ${corner(across)}`, 'curb stop DN')}`,
          `      building x${4 + ((along * 5 + across * 3) % 9)}: ${corner(across)}`,
        );
      // The lane on to the next street closes the ring.
      if (along + 1 < STREETS.length) {
        lines.push(`    6 ductile ${BLOCK_FT - 20} ft`);
        if ((along + across) % 3 === 0)
          lines.push(`    ${valve(6, `${CROSSES[across]} lane, below ${street}`)}`);
        lines.push(`    6 ductile 20 ft joins ${corner(across, along + 1)}`);
      }
    });
    if (along % 2 === 1) lines.push(valve(8, `${street}, trunk`));
  });
  return lines.join('\n');
}

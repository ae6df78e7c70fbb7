import { type LineFacts, type Medium, type SettledItem, lineUp, parseQuantity } from '@grevik/core';
import {
  type DemoPosition,
  DEMO_CATALOGUE,
  demoText,
  dutySaid,
  listedLines,
  walkedLines,
} from './demo-data.js';
import { utilityGrid } from './utility-grid.js';
import { walkedDemoPositions, walkedItems } from './walked-line.js';

export interface DemoLine {
  name: string;
  medium: Medium;
  positions: readonly DemoPosition[];
  items: SettledItem[];
  facts: LineFacts;
}

const GRID = utilityGrid();

/** Every line of the demo job with its walk. */
export function demoLines(): DemoLine[] {
  const listed = listedLines().map(({ positions, ...line }) => ({
    ...line,
    items: walkedItems(walkOf(line.name)),
    facts: {},
    positions: positions.map((position) => ({ ...position, duty: dutySaid(position.duty) })),
  }));
  const walked = walkedLines().map(({ name, medium, pressure, temperature, material, isPicked, ...more }) => {
    const items = walkedItems(walkOf(name));
    const duty = {
      pressurePa: parseQuantity(pressure, 'pressure'),
      temperatureC: parseQuantity(temperature, 'temperature'),
      ...(more.solids && { solids: more.solids }),
    };
    const velocityMs = more.velocity === undefined ? undefined : parseQuantity(more.velocity, 'velocity');
    const positions = walkedDemoPositions(items, { duty, material, velocityMs }).map((position) => {
      const place = GRID.places.get(position.tag);
      return { ...position, ...(place && { place }) };
    });
    return {
      name,
      medium,
      items,
      // The crew saw the traps at the radiators.
      facts: medium === 'steam-vapour' ? { steamReturn: 'trap' as const } : {},
      positions: isPicked ? positions.map((position) => withFirstChoice(position, medium)) : positions,
    };
  });
  return [...listed, ...walked];
}

/** A walk as the crew typed it, from its source. */
const walkOf = (line: string): string =>
  line === 'Harbour grid' ? GRID.walk : demoText(`walks/${line.toLowerCase().replaceAll(' ', '-')}.txt`);

function withFirstChoice(position: DemoPosition, medium: Medium): DemoPosition {
  const first = lineUp({ ...position.duty, medium }, DEMO_CATALOGUE).columns[0];
  if (first?.verdict !== 'fits') return position;
  return { ...position, picked: `${first.model.maker} ${first.model.model}` };
}

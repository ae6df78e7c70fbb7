import type { SettledItem } from '@grevik/core';
import { DEMO_LINES, type DemoLine } from './demo-job.js';
import { DEMO_WALKED_LINES, DEMO_WALKS } from './demo-walks.js';
import { walkedDemoPositions, walkedItems } from './walked-line.js';

/** Every line of the demo job with its walk. */
export function demoLines(): (DemoLine & { items: SettledItem[] })[] {
  return [
    ...DEMO_LINES.map((line) => ({
      ...line,
      items: walkedItems(DEMO_WALKS.find((walk) => walk.line === line.name)?.text ?? 'source'),
    })),
    ...DEMO_WALKED_LINES.map(({ line, medium, text, duty, material }) => {
      const items = walkedItems(text);
      return { name: line, medium, items, positions: walkedDemoPositions(items, { duty, material }) };
    }),
  ];
}

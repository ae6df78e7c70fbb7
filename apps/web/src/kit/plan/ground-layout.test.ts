import type { LineView } from '@grevik/contracts';
import { readWalkText, settleDrafts } from '@grevik/core';
import { houseRuleSettings } from '@grevik/core';
import { walked } from '../isolation/useWalk';
import { LINE, POSITION } from '../../testing/demo';
import { groundLayout } from './ground-layout';
import { planGraph } from './plan-graph';

let made = 0;
const { items } = readWalkText(
  'street main\nA-1 ball 2\n2 copper 30 m\nA-2 ball 2\n2 copper 10 m\nA-3 ball 2',
);
const PLACES: Record<string, [number, number]> = {
  'A-1': [10, 60],
  'A-2': [10.001, 60],
  'A-3': [10, 60.001],
};
const line = (tags: readonly string[]): LineView => {
  const settled = settleDrafts(items, [], () => `i${(made += 1)}`);
  return {
    ...LINE,
    positions: ['A-1', 'A-2', 'A-3'].map((tag) => ({
      ...POSITION,
      id: tag,
      tag,
      coordinates: tags.includes(tag) ? PLACES[tag]! : null,
    })),
    walk: {
      ...LINE.walk,
      items: settled.map(({ valve, ...item }) => ({ ...item, ...(valve?.tag && { positionId: valve.tag }) })),
    },
  };
};
const layoutOf = (tags: readonly string[]) => {
  const walk = walked(line(tags), houseRuleSettings(), new Date());
  const layout = groundLayout(planGraph(walk.items, walk.network, undefined), walk);
  const idOf = (tag: string): string => walk.items.find(({ positionId }) => positionId === tag)!.id;
  return { layout, at: (tag: string) => layout!.at[idOf(tag)]! };
};

describe('a plan on the ground', () => {
  it('has east to the right and north up, to one scale', () => {
    const { layout, at } = layoutOf(['A-1', 'A-2', 'A-3']);
    expect(at('A-2').x).toBeGreaterThan(at('A-1').x);
    expect(at('A-3').y).toBeLessThan(at('A-1').y);
    const [east, north] = [at('A-2').x - at('A-1').x, at('A-1').y - at('A-3').y];
    expect(north / east).toBeCloseTo(2, 1);
    expect(north / layout!.pixelsPerM).toBeCloseTo(111.2, 0);
  });

  it('stays within its margins, with pipes from place to place', () => {
    const { layout } = layoutOf(['A-1', 'A-2', 'A-3']);
    for (const { x, y } of Object.values(layout!.at)) {
      expect(x).toBeGreaterThanOrEqual(59);
      expect(x).toBeLessThanOrEqual(layout!.width - 59);
      expect(y).toBeGreaterThanOrEqual(59);
      expect(y).toBeLessThanOrEqual(layout!.height - 59);
    }
    for (const path of Object.values(layout!.laid)) expect(path).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+$/);
  });

  it('is none where fewer than three positions have coordinates', () => {
    expect(layoutOf(['A-1', 'A-2']).layout).toBeUndefined();
  });
});

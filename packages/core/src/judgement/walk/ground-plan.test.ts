import type { Network } from '../../physics/isolation/index.js';
import { groundPlan } from './index.js';

const pipe = (from: string, to: string, lengthM?: number): Network['links'][number] => ({
  id: `${from}${to}`,
  kind: 'pipe',
  from,
  to,
  ...(lengthM !== undefined && { lengthM }),
});
const network = (ids: string, links: Network['links']): Network => ({
  nodes: [...ids].map((id) => ({ id, kind: 'junction' as const })),
  links,
});
const CORNERS = new Map<string, [number, number]>([
  ['a', [10, 60]],
  ['b', [10.001, 60]],
  ['c', [10, 60.001]],
]);

describe('a plan on the ground', () => {
  it('has measured places where they are, in metres about their middle', () => {
    const plan = groundPlan(network('abc', []), CORNERS)!;
    expect(plan.get('a')!.eastM).toBeCloseTo(-18.5, 1);
    expect(plan.get('a')!.northM).toBeCloseTo(-37.1, 1);
    expect(plan.get('c')!.northM - plan.get('a')!.northM).toBeCloseTo(111.2, 1);
    expect(plan.get('b')!.eastM - plan.get('a')!.eastM).toBeCloseTo(55.6, 1);
  });

  it('has the others between their neighbours, by the length of pipe', () => {
    const plan = groundPlan(network('abcx', [pipe('a', 'x', 30), pipe('x', 'b', 10)]), CORNERS)!;
    const [a, b, x] = ['a', 'b', 'x'].map((id) => plan.get(id)!.eastM) as [number, number, number];
    expect((x - a) / (b - a)).toBeCloseTo(0.75, 3);
    expect(plan.get('x')!.northM).toBeCloseTo(plan.get('a')!.northM, 3);
  });

  it('has a chain of unknown places in a line, and a dead end with what it hangs on', () => {
    const links = [pipe('a', 'x'), pipe('x', 'y'), pipe('y', 'b'), pipe('y', 'z')];
    const plan = groundPlan(network('abcxyz', links), CORNERS)!;
    const east = (id: string): number => plan.get(id)!.eastM - plan.get('a')!.eastM;
    expect(east('x') / east('b')).toBeCloseTo(1 / 3, 2);
    expect(east('z')).toBeCloseTo(east('y'), 3);
  });

  it('is none where fewer than three places are known', () => {
    expect(groundPlan(network('ab', []), new Map([...CORNERS].slice(0, 2)))).toBeUndefined();
  });
});

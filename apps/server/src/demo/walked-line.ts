import { randomUUID } from 'node:crypto';
import {
  type PipeMaterial,
  type PositionDuty,
  type SettledItem,
  type WalkItem,
  isCheck,
  readWalkText,
  settleDrafts,
  usualPipe,
  walkPaths,
} from '@grevik/core';
import type { DemoPosition } from './demo-data.js';

/** The items of a typed walk; the demo is typed without mistakes. */
export function walkedItems(text: string): SettledItem[] {
  const { items, problems } = readWalkText(text.trim());
  if (problems[0]) throw new Error(`the demo’s walk is not understood: ${problems[0].message}`);
  return settleDrafts(items, [], randomUUID);
}

/** The positions of a line that is only walked: one a valve. */
export function walkedDemoPositions(
  items: readonly SettledItem[],
  {
    duty,
    material,
    velocityMs,
  }: { duty: Partial<PositionDuty>; material: PipeMaterial; velocityMs?: number | undefined },
): DemoPosition[] {
  const upstream = runsTo(items);
  return items.flatMap(({ id, kind, type, name = '', valve }) =>
    kind === 'valve' && valve?.tag !== undefined
      ? [
          {
            tag: valve.tag,
            remarks: name,
            duty: {
              ...duty,
              function:
                type && isCheck(type)
                  ? ('non-return' as const)
                  : type === 'relief'
                    ? ('relieve' as const)
                    : ('isolate' as const),
              dn: valve.dn ?? 25,
              ...flowing({ material, dn: valve.dn ?? 25, velocityMs, lengthM: upstream(id) }),
              ...(type && isCheck(type) && { orientation: 'horizontal' as const }),
              existing: true,
              place: material === 'ductile-iron' ? ('buried' as const) : ('indoors' as const),
            },
          },
        ]
      : [],
  );
}

/** Ductile iron pipe begins at 3 in: a smaller service off it is polyethylene. */
const LEAST_IRON_DN = 80;

/** Pipe and flow of a position, by the velocity its line is sized for. */
function flowing({
  material: ofLine,
  dn,
  velocityMs,
  lengthM,
}: {
  material: PipeMaterial;
  dn: number;
  velocityMs: number | undefined;
  lengthM: number | undefined;
}): Pick<PositionDuty, 'pipe' | 'flowM3s'> {
  const material = ofLine === 'ductile-iron' && dn < LEAST_IRON_DN ? 'hdpe' : ofLine;
  const boreM = usualPipe(material, dn)?.insideM ?? dn / 1000;
  return {
    pipe: { material, ...(lengthM !== undefined && { lengthUpstreamM: lengthM }) },
    ...(velocityMs !== undefined && {
      flowM3s: Number(((Math.PI / 4) * boreM ** 2 * velocityMs).toPrecision(3)),
    }),
  };
}

/** The pipe from the source to an item, m; undefined where a run on the way has no length. */
function runsTo(items: readonly SettledItem[]): (id: string) => number | undefined {
  const paths = walkPaths(items);
  return (id) => {
    const runs = paths.to(id).filter(({ item }) => item.kind === 'run');
    return runs.some(({ item }) => item.lengthM === undefined)
      ? undefined
      : Number(runs.reduce((sum, { lengthM }) => sum + lengthM, 0).toPrecision(3));
  };
}

/** The walk to store: each valve with the id of its position. */
export function storedWalk(items: readonly SettledItem[], idOf: ReadonlyMap<string, string>): WalkItem[] {
  return items.map(({ valve, name, ...item }) => {
    const positionId = valve?.tag === undefined ? undefined : idOf.get(valve.tag);
    return {
      ...item,
      ...(item.kind !== 'valve' && name !== undefined && { name }),
      ...(positionId !== undefined && { positionId }),
    };
  });
}

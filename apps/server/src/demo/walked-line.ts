import { randomUUID } from 'node:crypto';
import {
  type PipeMaterial,
  type PositionDuty,
  type SettledItem,
  type WalkItem,
  isCheck,
  readWalkText,
  settleDrafts,
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
  { duty, material }: { duty: Pick<PositionDuty, 'pressurePa' | 'temperatureC'>; material: PipeMaterial },
): DemoPosition[] {
  return items.flatMap(({ kind, type, name = '', valve }) =>
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
              pipe: { material },
              existing: true,
              place: material === 'ductile-iron' ? ('buried' as const) : ('indoors' as const),
            },
          },
        ]
      : [],
  );
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

import type { LineView } from '@grevik/contracts';
import type { HouseRuleSettings, ValveType } from '@grevik/core';
import { useEffect, useState } from 'react';
import { besideTheScreen } from '../../../kit/outlook/beside-the-screen';

/**
 * Which verdicts on types hold only so far, worked out beside the screen.
 *
 * @param line     its positions and medium
 * @param settings house rules in force
 * @returns says it of a type at a position; false of all until it is known
 */
export function useOpenTypes(
  line: LineView,
  settings: HouseRuleSettings,
): (positionId: string, type: ValveType) => boolean {
  const [open, setOpen] = useState<ReadonlyMap<string, ReadonlySet<ValveType>>>(new Map());
  useEffect(() => {
    let isOutdated = false;
    const positions = line.positions.map(({ id, duty }) => ({ id, duty: { ...duty, medium: line.medium } }));
    void Promise.resolve(besideTheScreen().openTypes({ positions, settings })).then((known) => {
      if (!isOutdated) setOpen(known);
    });
    return () => {
      isOutdated = true;
    };
  }, [line, settings]);
  return (positionId, type) => open.get(positionId)?.has(type) ?? false;
}

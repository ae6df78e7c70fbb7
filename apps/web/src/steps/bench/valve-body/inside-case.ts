import {
  type BenchValve,
  type ControlCase,
  type Duty,
  type Filled,
  type ValveType,
  benchValve,
  controlCase,
  usualKv,
} from '@grevik/core';

/**
 * A line with a valve of one kind on it: the one that is on the bench where it is of that kind, else the usual one.
 *
 * @param isOfKind whether the valve on the bench is of the kind
 * @param type     the usual one
 * @param boreM    of the pipe
 */
export function insideCase(
  duty: Duty,
  valve: BenchValve,
  { isOfKind, type, boreM }: { isOfKind: boolean; type: ValveType; boreM: number },
): Filled<ControlCase> {
  if (isOfKind) return controlCase(duty, valve);
  return {
    ...controlCase(duty, benchValve(duty, type)),
    openKv: { value: usualKv(type, boreM), from: 'assumed' },
  };
}

import { FIXTURES, type WalkItem } from '@grevik/core';
import { translated } from '../../../words';

/** An appliance in words: what it is and where. */
export function endOf({ fixture, name, count = 1 }: WalkItem): string {
  const kind = translated(FIXTURES[fixture ?? 'other'].words);
  return [count > 1 ? `${count} × ${kind}` : kind, name].filter(Boolean).join(', ');
}

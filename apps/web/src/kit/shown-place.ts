import { namedIn } from '@grevik/core';

/** What people call a position, and where it is. */
export function shownPlace({ remarks, tag }: { remarks: string; tag: string }): string {
  const { name, where } = namedIn(remarks);
  return [name, where].filter(Boolean).join(', ') || tag;
}

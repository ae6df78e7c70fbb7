import { type ValveFunction, capitalized, namedIn, positionWords } from '@grevik/core';
import { translated } from '../words';

/** What a position is called by. */
interface Named {
  remarks: string;
  duty: { function: ValveFunction };
}

/** What people call a position: the first clause of its remarks, or what it is asked to do. */
export function shortName({ remarks, duty }: Named): string {
  const { name } = namedIn(remarks);
  const words = positionWords({ name, duty });
  return name ? words : translated(words);
}

/** What the remarks say beyond the name. */
export const furtherRemarks = ({ remarks }: Pick<Named, 'remarks'>): string =>
  capitalized(namedIn(remarks).where);

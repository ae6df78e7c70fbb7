import { type ValveFunction, capitalized, namedIn, positionWords } from '@grevik/core';

/** What a position is called by. */
interface Named {
  remarks: string;
  duty: { function: ValveFunction };
}

/** What people call a position: the first clause of its remarks, or what it is asked to do. */
export const shortName = ({ remarks, duty }: Named): string =>
  positionWords({ name: namedIn(remarks).name, duty });

/** What the remarks say beyond the name. */
export const furtherRemarks = ({ remarks }: Pick<Named, 'remarks'>): string =>
  capitalized(namedIn(remarks).where);

import type { PositionView } from '@grevik/contracts';
import { FUNCTION_WORDS, type ValveFunction, capitalized } from '@grevik/core';

/** What a position is called by. */
interface Named {
  remarks: string;
  duty: { function: ValveFunction };
}

const CLAUSE = /^([^,;.]*)[,;.]?\s*(.*)$/s;

/** What people call a position: the first clause of its remarks, or what it is asked to do. */
export function shortName({ remarks, duty }: Named): string {
  const clause = CLAUSE.exec(remarks)?.[1]?.trim() ?? '';
  return capitalized(clause === '' ? FUNCTION_WORDS[duty.function] : clause);
}

/** What the remarks say beyond the name. */
export function furtherRemarks({ remarks }: Pick<PositionView, 'remarks'>): string {
  return capitalized(CLAUSE.exec(remarks)?.[2]?.trim() ?? '');
}

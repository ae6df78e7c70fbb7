import type { PositionView } from '@grevik/contracts';
import { FUNCTION_WORDS } from '@grevik/core';

const CLAUSE = /^([^,;.]*)[,;.]?\s*(.*)$/s;

/** What people call a position: the first clause of its remarks, or what it is asked to do. */
export function shortName({ remarks, duty }: Pick<PositionView, 'remarks' | 'duty'>): string {
  const clause = CLAUSE.exec(remarks)?.[1]?.trim() ?? '';
  return capital(clause === '' ? FUNCTION_WORDS[duty.function] : clause);
}

/** What the remarks say beyond the name. */
export function furtherRemarks({ remarks }: Pick<PositionView, 'remarks'>): string {
  return capital(CLAUSE.exec(remarks)?.[2]?.trim() ?? '');
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

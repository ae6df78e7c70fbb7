import type { EntryView } from '@grevik/contracts';
import { type Column, modelWords, standingFindings } from '@grevik/core';
import { useMemo } from 'react';
import { useHistoryQuery } from '../../store/log-api';

export type Found = ReturnType<typeof standingFindings<EntryView>>[number];

/** What the bench found at a position and still holds; undefined until that is known. */
export function useFindings(positionId: string): Found[] | undefined {
  const { currentData, isFetching } = useHistoryQuery({ positionId });
  const isAsked = isFetching && currentData === undefined;
  return useMemo(
    () => (isAsked ? undefined : standingFindings(currentData?.entries ?? [])),
    [currentData, isAsked],
  );
}

/** Columns with what the bench found of their valve among their reasons; where it warns, it fits only with care. The same where it found nothing. */
export function withFindings<C extends Column>(
  columns: readonly C[],
  findings: readonly Found[] = [],
): readonly C[] {
  if (findings.length === 0) return columns;
  return columns.map((column) => {
    const own = findings.filter(({ finding }) => finding.valve === modelWords(column.model).from);
    if (own.length === 0) return column;
    const reasons = own.map(({ text, finding: { bench, verdict, measured } }) => ({
      rule: `bench-${bench}`,
      verdict,
      text,
      ...(measured && { measured }),
    }));
    const warns = own.some(({ finding }) => finding.verdict !== 'supports');
    return {
      ...column,
      verdict: warns && column.verdict === 'fits' ? 'care' : column.verdict,
      reasons: [...reasons, ...column.reasons],
    };
  });
}

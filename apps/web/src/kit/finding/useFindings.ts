import { type Column, modelWords, standingFindings } from '@grevik/core';
import { useMemo } from 'react';
import { useHistoryQuery } from '../../store/log-api';

type Found = ReturnType<typeof useFindings>[number];

/** What the bench found at a position and still holds. */
export function useFindings(positionId: string) {
  const { data } = useHistoryQuery({ positionId });
  return useMemo(() => standingFindings(data?.entries ?? []), [data]);
}

/** Columns with what the bench found of their valve among their reasons; where it warns, it fits only with care. */
export function withFindings<C extends Column>(columns: readonly C[], findings: readonly Found[]): C[] {
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

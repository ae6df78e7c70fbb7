import { DRILL_TRADES, type DrillTrade } from '@grevik/core';

/** What a run is about, as its address says. */
export interface RunAsked {
  trade: DrillTrade | undefined;
  /** A job whose lines and positions are asked about. */
  jobId: string | undefined;
  /** The five questions that show the product. */
  isFirst: boolean;
}

/** The address of a run. */
export function runAddress({ trade, jobId, isFirst }: RunAsked): string {
  const asked = new URLSearchParams({
    ...(trade && { about: trade }),
    ...(jobId !== undefined && { job: jobId }),
    ...(isFirst && { first: 'five' }),
  });
  return `/drills/run?${asked.toString()}`;
}

/** What an address asks for; what it does not know is left out. */
export const readRunAddress = (asked: URLSearchParams): RunAsked => ({
  trade: DRILL_TRADES.find((trade) => trade === asked.get('about')),
  jobId: asked.get('job') ?? undefined,
  isFirst: asked.get('first') === 'five',
});

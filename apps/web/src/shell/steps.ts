/** The steps of the work that have a screen on a line, in their order. */
export const STEPS = ['walk', 'line-up', 'log', 'schedule'] as const;
export type Step = (typeof STEPS)[number];

/** The step an address is on. */
export function stepOf(pathname: string): Step {
  return STEPS.find((step) => pathname.split('/')[5] === step) ?? 'line-up';
}

/** What somebody who goes to the line-up may bring along: that they come to pick the first choice. */
export interface ToLineUp {
  picks: true;
}

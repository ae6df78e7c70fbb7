/** The steps of the work that have a screen on a line, in their order. */
export const STEPS = ['walk', 'line-up', 'bench', 'hook-up', 'order', 'start-up', 'log', 'schedule'] as const;
export type Step = (typeof STEPS)[number];

/** Views of a line beside the steps, reached from the line-up. */
const BESIDE = ['compare', 'matrix', 'install', 'chart'] as const;

/** The step, or the view beside it, an address is on. */
export function stepOf(pathname: string): Step | (typeof BESIDE)[number] {
  return [...STEPS, ...BESIDE].find((step) => pathname.split('/')[5] === step) ?? 'line-up';
}

/** What somebody who goes to the line-up may bring along: that they come to pick the first choice. */
export interface ToLineUp {
  picks: true;
}

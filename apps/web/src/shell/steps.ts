/** The steps of the work that have a screen, in their order. */
export const STEPS = [
  { id: 'line-up', word: 'Line-up' },
  { id: 'schedule', word: 'Schedule' },
] as const;
export type Step = (typeof STEPS)[number]['id'];

/** The step an address is on. */
export function stepOf(pathname: string): Step {
  return STEPS.find(({ id }) => pathname.split('/')[5] === id)?.id ?? 'line-up';
}

/** Where a figure of a case is from. */
export const ORIGINS = ['duty', 'valve', 'pipe', 'walk', 'station', 'solved', 'assumed'] as const;
export type Origin = (typeof ORIGINS)[number];

export interface Given<T> {
  value: T;
  from: Origin;
}

/** A case with the origin of each of its figures, so that nothing assumed passes for known. */
export type Filled<C> = { readonly [K in keyof C]: Given<C[K]> };

/** The first origin that knows the figure, else what is assumed. */
export function given<T>(assumed: T, ...known: readonly (readonly [Origin, T | undefined])[]): Given<T> {
  for (const [from, value] of known) if (value !== undefined) return { value, from };
  return { value: assumed, from: 'assumed' };
}

/** The figures of a filled case alone. */
export function valuesOf<C extends object>(filled: Filled<C>): C {
  return Object.fromEntries(
    Object.entries<Given<unknown>>(filled).map(([name, { value }]) => [name, value]),
  ) as C;
}

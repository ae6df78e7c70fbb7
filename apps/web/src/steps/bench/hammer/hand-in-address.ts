import type { HandlePoint } from '@grevik/core';

const MOST_POINTS = 60;

/** A closing by hand as an address carries it: ms and thousandths of the opening, thinned, its first and last point kept. */
export function writeHand(points: readonly HandlePoint[]): string {
  const every = Math.max(1, Math.ceil(points.length / MOST_POINTS));
  return points
    .filter((_, at) => at % every === 0 || at === points.length - 1)
    .map(({ timeS, opening }) => `${Math.round(timeS * 1000)}-${Math.round(opening * 1000)}`)
    .join('.');
}

/** The same read back; undefined where it is no closing: times that do not rise, openings outside shut and open. */
export function readHand(text: string | null): HandlePoint[] | undefined {
  if (!text) return undefined;
  const points = text.split('.').map((point): HandlePoint => {
    const [ms, thousandths] = point.split('-').map(Number);
    return { timeS: (ms ?? Number.NaN) / 1000, opening: (thousandths ?? Number.NaN) / 1000 };
  });
  const isClosing = points.every(
    ({ timeS, opening }, at) =>
      opening >= 0 &&
      opening <= 1 &&
      timeS >= 0 &&
      timeS <= 600 &&
      (at === 0 || timeS > (points[at - 1]?.timeS ?? 0)),
  );
  return points.length > 1 && isClosing ? points : undefined;
}

import styles from './Chart.module.css';

/** Curves drawn at most, each told apart by its dash as well as its colour. */
export const PENS = [
  { stroke: 'var(--ink)', strokeDasharray: '0' },
  { stroke: 'var(--brass)', strokeDasharray: '6 3' },
  { stroke: 'var(--fits)', strokeDasharray: '2 3' },
  { stroke: 'var(--out)', strokeDasharray: '10 3 2 3' },
  { stroke: 'var(--soft-ink)', strokeDasharray: '1 4' },
] as const;
export const AXIS = { stroke: 'var(--soft-ink)', fontSize: 12, tickLine: false } as const;

/** Every plot: room for its axes, and no focus of its own, since its figures stand in words beside it. */
export const PLOT = {
  margin: { top: 6, right: 12, bottom: 16, left: 0 },
  accessibilityLayer: false,
} as const;
export const GRID = { stroke: 'var(--rule)', vertical: false } as const;
/** A curve without dots, that stands at once. */
export const CURVE = { dot: false, activeDot: false, isAnimationActive: false } as const;
/** Handle or opening along the bottom, in per cent. */
export const HANDLE_AXIS = {
  ...AXIS,
  dataKey: 'at',
  type: 'number',
  domain: [0, 100],
  ticks: [0, 25, 50, 75, 100],
} as const;
/** So many figures that count, on an axis. */
export const figuresThatCount =
  (figures: number) =>
  (value: number): string =>
    String(Number(value.toPrecision(figures)));

/** What an axis shows, written under it. */
export const under = (value: string) =>
  ({ value, position: 'bottom', offset: 0, fontSize: 12, fill: 'var(--soft-ink)' }) as const;

/** What a line across a plot marks, written beside it in its colour. */
export const marks = (value: string, position: 'insideTopLeft' | 'insideTopRight') =>
  ({ stroke: 'var(--out)', label: { value, position, fontSize: 12, fill: 'var(--out)' } }) as const;

/** A round figure above: an axis that ends there is read at a glance. */
export function roundAbove(value: number): number {
  const step = 10 ** Math.floor(Math.log10(value)) / 2;
  return (Math.floor(value / step) + 1) * step;
}

/** Each curve by its pen and name. */
export function Legend({ names }: { names: readonly string[] }) {
  return (
    <p className={styles.legend}>
      {names.map((name, index) => (
        <span key={name}>
          <Pen stroke={PENS[index]?.stroke ?? ''} strokeDasharray={PENS[index]?.strokeDasharray ?? ''} />
          {name}
        </span>
      ))}
    </p>
  );
}

export function Pen(pen: { stroke: string; strokeDasharray: string }) {
  return (
    <svg width="26" height="8" aria-hidden="true">
      <path d="M0 4H26" fill="none" strokeWidth="2.4" {...pen} />
    </svg>
  );
}

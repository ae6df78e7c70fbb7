import { type ReactNode, createContext, use, useId } from 'react';
import styles from './Cutaway.module.css';

const Hatch = createContext('');

/** A cut drawing: hatched metal, tinted water, ink outlines. */
export function Drawing({ label, children }: { label: string; children: ReactNode }) {
  const id = useId();
  return (
    <svg className={styles.drawing} viewBox="0 0 180 118" role="img" aria-label={label}>
      <defs>
        <pattern id={id} width="4.5" height="4.5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="4.5" height="4.5" className={styles.metalFill} />
          <path d="M0 0V4.5" className={styles.hatchLine} />
        </pattern>
      </defs>
      <Hatch value={id}>{children}</Hatch>
    </svg>
  );
}

/** Metal as the saw leaves it. */
export function CutMetal({ d }: { d: string }) {
  return <path d={d} fill={`url(#${use(Hatch)})`} className={styles.outline} />;
}

/** Where water can be: tinted as far as it is let through. */
export function Water({ d, passes = 1 }: { d: string; passes?: number }) {
  return (
    <>
      <path d={d} className={styles.empty} />
      <path d={d} className={styles.water} style={{ opacity: passes === 0 ? 0 : 0.35 + 0.65 * passes }} />
    </>
  );
}

/** A pipe wall above and below a bore, from x to x. */
export function PipeWall({
  from,
  to,
  axis,
  bore,
  wall = 4,
}: {
  from: number;
  to: number;
  axis: number;
  bore: number;
  wall?: number;
}) {
  return (
    <CutMetal
      d={`M${from} ${axis - bore - wall}H${to}V${axis - bore}H${from}ZM${from} ${axis + bore}H${to}V${axis + bore + wall}H${from}Z`}
    />
  );
}

/** A lever seen from above, over the cut: along the pipe when open, across it when shut. */
export function LeverFromAbove({
  x,
  y,
  opening,
  length = 58,
}: {
  x: number;
  y: number;
  opening: number;
  length?: number;
}) {
  return (
    <g transform={`rotate(${-90 * (1 - opening)} ${x} ${y})`} className={styles.lever}>
      <path d={`M${x} ${y - 5}H${x + length - 6}a6 6 0 0 1 0 10H${x}a5 5 0 0 1 0-10Z`} />
      <circle cx={x} cy={y} r="3" />
    </g>
  );
}

/** A handwheel seen from the side, on its stem. */
export function Handwheel({ x, y, stemTo }: { x: number; y: number; stemTo: number }) {
  return (
    <g>
      <path d={`M${x - 2} ${y}h4V${stemTo}h-4Z`} className={styles.stem} />
      <path d={`M${x - 24} ${y - 3}h48v6h-48Z`} className={styles.wheel} />
      <path d={`M${x - 5} ${y - 5}h10v10h-10Z`} className={styles.stem} />
    </g>
  );
}

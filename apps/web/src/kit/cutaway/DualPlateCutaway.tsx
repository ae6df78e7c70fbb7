import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const X = 84;
const Y = 60;
const BORE = 24;

/** A dual-plate check cut across its hinge: two half-discs on a post in the middle of the stream, folded together by the flow. */
export function DualPlateCutaway({ opening, label }: { opening: number; label: string }) {
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={70} axis={Y} bore={BORE} />
      <PipeWall from={114} to={180} axis={Y} bore={BORE} />
      <CutMetal d={`M70 ${Y - 44}H114V${Y - BORE}H70ZM70 ${Y + BORE}H114V${Y + 44}H70Z`} />
      <Water d={`M0 ${Y - BORE}H${X}V${Y + BORE}H0Z`} />
      <Water d={`M${X} ${Y - BORE}H180V${Y + BORE}H${X}Z`} passes={opening} />
      <path className={styles.seat} d={`M76 ${Y - BORE}h6v5h-6ZM76 ${Y + BORE - 5}h6v5h-6Z`} />
      {[-1, 1].map((side) => (
        <g key={side} transform={`rotate(${side * -72 * opening} ${X + 2} ${Y})`}>
          <path className={styles.moving} d={`M${X} ${Y + side}h6V${Y + side * (BORE - 1)}h-6Z`} />
        </g>
      ))}
      <path className={styles.spring} d={`M${X + 6} ${Y - 10}Q${X + 16} ${Y} ${X + 6} ${Y + 10}`} />
      <circle cx={X + 3} cy={Y} r="4" className={styles.stem} />
    </Drawing>
  );
}

import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const X = 76;
const Y = 84;
const PIPE = 13;
const LIFT = 16;

/** A globe valve with its seat laid over: the water hardly turns, so that it loses little. */
export function InclinedGlobeCutaway({ opening, label }: { opening: number; label: string }) {
  const face = -2 - LIFT * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={36} axis={Y} bore={PIPE} />
      <PipeWall from={122} to={180} axis={Y} bore={PIPE} />
      <g transform={`rotate(45 ${X} ${Y})`}>
        <CutMetal d={`M${X - 20} ${Y}V${Y - 54}H${X + 20}V${Y}Z`} />
      </g>
      <CutMetal d={`M32 ${Y - 19}L44 ${Y - 24}H108L126 ${Y - 19}V${Y + 19}L112 ${Y + 25}H48L32 ${Y + 19}Z`} />
      <g transform={`rotate(45 ${X} ${Y})`}>
        <Water d={`M${X - 14} ${Y}V${Y - 40}H${X + 14}V${Y}Z`} passes={opening} />
      </g>
      <Water d={`M0 ${Y - PIPE}H${X + PIPE}L${X - PIPE} ${Y + PIPE}H0Z`} />
      <Water d={`M${X + PIPE} ${Y - PIPE}H180V${Y + PIPE}H${X - PIPE}Z`} passes={opening} />
      <g transform={`rotate(45 ${X} ${Y})`}>
        <path className={styles.seat} d={`M${X - 20} ${Y - 3}h6v6h-6ZM${X + 14} ${Y - 3}h6v6h-6Z`} />
        <path className={styles.seat} d={`M${X - 15} ${Y + face - 4}h30v4h-30Z`} />
        <path className={styles.moving} d={`M${X - 13} ${Y + face - 11}h26v7h-26Z`} />
        <path className={styles.stem} d={`M${X - 2} ${Y - 58 - LIFT * opening}h4V${Y + face - 10}h-4Z`} />
        <path className={styles.wheel} d={`M${X - 20} ${Y - 62 - LIFT * opening}h40v6h-40Z`} />
      </g>
    </Drawing>
  );
}

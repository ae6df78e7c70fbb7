import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 64;
const BORE = 18;
const SHUT_DEG = 62;

/** A tilting-disc check cut upright: a disc on a pivot near its middle, that tips into the stream and back with little travel. */
export function TiltingCheckCutaway({ opening, label }: { opening: number; label: string }) {
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={50} axis={Y} bore={BORE} />
      <PipeWall from={130} to={180} axis={Y} bore={BORE} />
      <CutMetal
        d={`M46 ${Y - 26}L70 ${Y - 40}H112L134 ${Y - 26}V${Y - BORE}H46ZM46 ${Y + BORE}H134V${Y + 26}L112 ${Y + 40}H70L46 ${Y + 26}Z`}
      />
      <Water d={`M0 ${Y - BORE}H${X}V${Y + BORE}H0Z`} />
      <Water d={`M${X} ${Y - BORE}H180V${Y + BORE}H${X}Z`} passes={opening} />
      <path className={styles.seat} d={`M98 ${Y - BORE - 4}h8v6h-8ZM74 ${Y + BORE - 2}h8v6h-8Z`} />
      <g transform={`rotate(${-SHUT_DEG * (1 - opening)} ${X} ${Y - 4})`}>
        <path
          className={styles.moving}
          d={`M${X - 20} ${Y - 4}Q${X} ${Y - 11} ${X + 20} ${Y - 4}Q${X} ${Y + 2} ${X - 20} ${Y - 4}Z`}
        />
      </g>
      <circle cx={X} cy={Y - 4} r="3" className={styles.stem} />
    </Drawing>
  );
}

import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const X = 96;
const Y = 62;
const PIPE = 16;
const BODY = 40;

/** An eccentric plug cut across its shaft: half a plug that swings up out of the stream and wipes its seat as it comes back. */
export function EccentricPlugCutaway({ opening, label }: { opening: number; label: string }) {
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={52} axis={Y} bore={PIPE} />
      <PipeWall from={134} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M46 ${Y - 24}L62 ${Y - 46}H126L140 ${Y - 24}V${Y + 24}L126 ${Y + 46}H62L46 ${Y + 24}Z`} />
      <circle cx={X} cy={Y} r={BODY - 3} className={styles.empty} />
      <Water d={`M0 ${Y - PIPE}H62V${Y + PIPE}H0Z`} />
      <Water d={`M62 ${Y - PIPE}H180V${Y + PIPE}H62Z`} passes={opening} />
      <path className={styles.seat} d={`M57 ${Y - PIPE - 7}h6v7h-6ZM57 ${Y + PIPE}h6v7h-6Z`} />
      <g transform={`rotate(${90 * opening} ${X} ${Y})`}>
        <path
          className={styles.moving}
          d={`M70 ${Y - 24}A34 34 0 0 0 70 ${Y + 24}L80 ${Y + 18}V${Y - 18}Z`}
        />
        <path className={styles.rubber} d={`M70 ${Y - 24}A34 34 0 0 0 70 ${Y + 24}`} />
        <path className={styles.edge} d={`M78 ${Y - 16}L${X} ${Y}L78 ${Y + 16}`} />
      </g>
      <circle cx={X} cy={Y} r="6" className={styles.stem} />
    </Drawing>
  );
}

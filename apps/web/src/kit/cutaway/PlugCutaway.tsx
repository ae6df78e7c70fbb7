import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 66;
const PIPE = 13;

/** A taper plug cut upright: a greased cone with a window, held down by the nut below it. Drawn down too hard, it grips. */
export function PlugCutaway({
  opening,
  gun = false,
  isDrawnDown = false,
  label,
}: {
  opening: number;
  /** A fitting on top through which sealant is pressed in. */
  gun?: boolean;
  isDrawnDown?: boolean;
  label: string;
}) {
  const low = isDrawnDown ? 5 : 0;
  // Turned, the window is seen narrower; shut, its solid side faces.
  const window = 15 * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={60} axis={Y} bore={PIPE} />
      <PipeWall from={120} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M56 ${Y - 20}L62 ${Y - 34}H118L124 ${Y - 20}V${Y + 20}L112 ${Y + 32}H68L56 ${Y + 20}Z`} />
      <Water d={`M0 ${Y - PIPE}H68V${Y + PIPE}H0Z`} />
      <Water d={`M112 ${Y - PIPE}H180V${Y + PIPE}H112Z`} passes={opening} />
      <path className={styles.moving} d={`M64 ${Y - 36 + low}H116L106 ${Y + 34 + low}H74Z`} />
      {opening > 0 && (
        <Water
          d={`M${X - window * 1.45} ${Y - PIPE + low}H${X + window * 1.45}L${X + window * 1.3} ${Y + PIPE + low}H${X - window * 1.3}Z`}
          passes={opening}
        />
      )}
      <path
        className={styles.grease}
        d={`M65 ${Y - 32 + low}L74 ${Y + 32 + low}M115 ${Y - 32 + low}L106 ${Y + 32 + low}`}
      />
      <path className={styles.stem} d={`M86 ${Y + 34 + low}h8v14h-8Z`} />
      <path className={styles.wheel} d={`M76 ${Y + 36 + (isDrawnDown ? 1 : 3)}h28v7h-28Z`} />
      <path className={styles.stem} d={`M84 ${Y - 46 + low}h12v10h-12Z`} />
      {gun ? (
        <path className={styles.wheel} d={`M87 ${Y - 60}h6v14h-6Z`} />
      ) : (
        <path
          className={styles.wheel}
          d={`M${X - 8 - 26 * opening} ${Y - 54 + low}h${16 + 52 * opening}v8h-${16 + 52 * opening}Z`}
        />
      )}
    </Drawing>
  );
}

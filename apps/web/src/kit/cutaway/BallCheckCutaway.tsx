import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';

const Y = 88;
const PIPE = 14;

/** A ball check cut upright: the flow rolls a loose ball up into a side channel, it falls back on its seat. Egg-shaped, it stays up there. */
export function BallCheckCutaway({
  opening,
  isEgg = false,
  label,
}: {
  opening: number;
  isEgg?: boolean;
  label: string;
}) {
  const up = isEgg ? Math.max(opening, 0.72) : opening;
  const x = 80 + 26 * up;
  const y = Y - 2 - 44 * up;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={52} axis={Y} bore={PIPE} />
      <PipeWall from={140} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M48 ${Y - 21}H58L84 14H134L128 ${Y - 30}L144 ${Y - 21}V${Y + 21}H48Z`} />
      <path className={styles.empty} d={`M64 ${Y - PIPE}L90 22H126L116 ${Y - PIPE}Z`} />
      <Water d={`M0 ${Y - PIPE}H66V${Y + PIPE}H0Z`} />
      <Water
        d={`M66 ${Y - PIPE}L90 22H126L118 ${Y - PIPE - 6}L140 ${Y - PIPE}H180V${Y + PIPE}H66Z`}
        passes={isEgg ? 0.9 : opening}
      />
      <path className={styles.seat} d={`M62 ${Y - PIPE - 6}h5v6h-5ZM62 ${Y + PIPE}h5v6h-5Z`} />
      <ellipse
        cx={x}
        cy={y}
        rx={isEgg ? 21 : 17}
        ry={isEgg ? 14 : 17}
        className={styles.moving}
        transform={`rotate(${isEgg ? -58 : 0} ${x} ${y})`}
      />
    </Drawing>
  );
}

import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { Spring } from './Spring';

const Y = 84;
const PIPE = 15;
const HINGE_X = 78;
const HINGE_Y = 58;
const SWINGS_DEG = 62;

/** A swing check cut upright: the flow lifts the flapper on its hinge, its weight, a spring or an arm outside brings it back. */
export function SwingCheckCutaway({
  opening,
  by,
  label,
}: {
  opening: number;
  by: 'weight' | 'spring' | 'arm';
  label: string;
}) {
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={50} axis={Y} bore={PIPE} />
      <PipeWall from={138} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M46 ${Y - 22}L62 ${Y - 40}V34H126V${Y - 34}L142 ${Y - 22}V${Y + 22}H46Z`} />
      <path className={styles.empty} d={`M70 42H118V${Y + PIPE}H70Z`} />
      <Water d={`M0 ${Y - PIPE}H72V${Y + PIPE}H0Z`} />
      <Water d={`M72 ${Y - PIPE - 10}H118L140 ${Y - PIPE}H180V${Y + PIPE}H72Z`} passes={opening} />
      <path className={styles.seat} d={`M68 ${Y - PIPE - 6}h5v6h-5ZM68 ${Y + PIPE - 1}h5v7h-5Z`} />
      {by === 'spring' && <Spring x={110} from={42} to={62 - 14 * opening} width={12} />}
      <g transform={`rotate(${-SWINGS_DEG * opening} ${HINGE_X} ${HINGE_Y})`}>
        <path className={styles.edge} d={`M${HINGE_X} ${HINGE_Y}V${Y - 8}`} />
        <path className={styles.moving} d={`M73 ${Y - PIPE - 4}h7v${2 * PIPE + 8}h-7Z`} />
        {by === 'arm' && (
          <>
            <path className={styles.arm} d={`M${HINGE_X} ${HINGE_Y}L${HINGE_X + 44} ${HINGE_Y + 18}`} />
            <circle cx={HINGE_X + 46} cy={HINGE_Y + 19} r="8" className={styles.wheel} />
          </>
        )}
      </g>
      <circle cx={HINGE_X} cy={HINGE_Y} r="3.5" className={styles.stem} />
    </Drawing>
  );
}

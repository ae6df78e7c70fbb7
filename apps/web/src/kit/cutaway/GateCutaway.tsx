import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 90;
const PIPE = 13;
/** The wedge must clear the bore. */
const LIFT = 2 * PIPE;

/** A gate valve cut upright through its wedge: open, the bore is clear; shut, the wedge sits in its slot. */
export function GateCutaway({
  opening,
  risingStem,
  label,
}: {
  opening: number;
  risingStem: boolean;
  label: string;
}) {
  const up = LIFT * opening;
  const top = Y - PIPE - 3 - up;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={44} axis={Y} bore={PIPE} />
      <PipeWall from={136} to={180} axis={Y} bore={PIPE} />
      <CutMetal
        d={`M40 ${Y - 19}L66 ${Y - 24}V42H114V${Y - 24}L140 ${Y - 19}V${Y + 19}L114 ${Y + 25}H66L40 ${Y + 19}Z`}
      />
      <path className={styles.empty} d={`M77 48H103V${Y + 18}H77Z`} />
      <Water d={`M0 ${Y - PIPE}H78V${Y + PIPE}H0Z`} />
      <Water d={`M102 ${Y - PIPE}H180V${Y + PIPE}H102Z`} passes={opening} />
      <Water d={`M78 ${Y - PIPE}H102V${Y + PIPE}H78Z`} passes={opening} />
      <path
        className={styles.seat}
        d={`M74 ${Y - PIPE - 5}h4v5h-4ZM74 ${Y + PIPE}h4v5h-4ZM102 ${Y - PIPE - 5}h4v5h-4ZM102 ${Y + PIPE}h4v5h-4Z`}
      />
      <Handwheel x={X} y={risingStem ? 34 - up : 34} stemTo={top + 8} />
      <path className={styles.moving} d={`M78 ${top}H102L99 ${top + 2 * PIPE + 8}H81Z`} />
    </Drawing>
  );
}

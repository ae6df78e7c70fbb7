import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 88;
const PIPE = 15;
const LIFT = 2 * PIPE + 2;

/** A knife gate cut upright: a thin plate comes down through a packing and cuts through what lies in the bore. */
export function KnifeGateCutaway({ opening, label }: { opening: number; label: string }) {
  const up = LIFT * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={74} axis={Y} bore={PIPE} />
      <PipeWall from={106} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M74 ${Y - 28}H86V${Y + PIPE + 6}H94V${Y - 28}H106V118H74Z`} />
      <Water d={`M0 ${Y - PIPE}H86V${Y + PIPE}H0Z`} />
      <Water d={`M94 ${Y - PIPE}H180V${Y + PIPE}H94Z`} passes={opening} />
      <Water d={`M86 ${Y - PIPE}H94V${Y + PIPE}H86Z`} passes={opening} />
      <path className={styles.seat} d={`M82 ${Y - PIPE - 5}h4v5h-4ZM82 ${Y + PIPE}h4v5h-4Z`} />
      <path className={styles.moving} d={`M87 ${Y - PIPE - 36 - up}h6V${Y + PIPE + 3 - up}l-6 3Z`} />
      <path className={styles.seat} d={`M78 ${Y - 34}h8v10h-8ZM94 ${Y - 34}h8v10h-8Z`} />
      <path className={styles.edge} d="M80 52V18M100 52V18M80 18H100" />
      <Handwheel x={X} y={22 - up / 3} stemTo={Y - PIPE - 32 - up} />
    </Drawing>
  );
}

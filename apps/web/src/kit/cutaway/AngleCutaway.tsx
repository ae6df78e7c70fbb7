import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, Water } from './Drawing';

const X = 80;
const PIPE = 13;
const SEAT = 82;
const LIFT = 14;

/** An angle valve cut upright: the water comes up through the seat and leaves to the side. */
export function AngleCutaway({
  opening,
  washer = false,
  label,
}: {
  opening: number;
  /** A rubber washer on a screw, as in a compression stop, in place of a disc. */
  washer?: boolean;
  label: string;
}) {
  const face = SEAT - 2 - LIFT * opening;
  return (
    <Drawing label={label}>
      <CutMetal d="M58 118V86L52 80V40H108V45H180V81H108L102 86V118Z" />
      <path className={styles.empty} d={`M72 46H88V${SEAT - PIPE}H72Z`} />
      <Water d="M66 52H94V50H180V76H94V82H66Z" passes={opening} />
      <Water d={`M${X - PIPE} ${SEAT}H${X + PIPE}V118H${X - PIPE}Z`} />
      <path
        className={styles.seat}
        d={`M${X - PIPE - 4} ${SEAT - 2}h5v7h-5ZM${X + PIPE - 1} ${SEAT - 2}h5v7h-5Z`}
      />
      <Handwheel x={X} y={30 - LIFT * opening} stemTo={face - 5} />
      <path className={styles.seat} d={`M65 ${face - (washer ? 6 : 4)}h30v${washer ? 6 : 4}h-30Z`} />
      <path className={styles.moving} d={`M67 ${face - 12}h26v6h-26Z`} />
    </Drawing>
  );
}

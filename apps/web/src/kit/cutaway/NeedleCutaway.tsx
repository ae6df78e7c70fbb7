import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, Water } from './Drawing';

const X = 90;
const LIFT = 13;
const THREADS = [48, 52, 56, 60];

/** A needle valve cut upright: a long cone in a small hole, moved by a fine thread. */
export function NeedleCutaway({ opening, label }: { opening: number; label: string }) {
  const tip = 92 - LIFT * opening;
  return (
    <Drawing label={label}>
      <CutMetal d="M0 84H34V42H146V58H180V84H146V112H34V108H0Z" />
      <Water d="M0 88H84V104H0Z" />
      <Water d="M84 104V80H96V104Z" />
      <Water d="M82 64H180V78H98L96 82H84Z" passes={opening} />
      <path className={styles.seat} d="M80 80h5v8h-5ZM95 80h5v8h-5Z" />
      <path className={styles.empty} d="M84 42H96V64H84Z" />
      <Handwheel x={X} y={30 - LIFT * opening} stemTo={tip - 24} />
      <path className={styles.moving} d={`M${X - 6} ${tip - 34}h12v14l-5 20h-2l-5-20Z`} />
      {THREADS.map((y) => (
        <path key={y} className={styles.outline} d={`M84 ${y}l12-3`} fill="none" />
      ))}
    </Drawing>
  );
}

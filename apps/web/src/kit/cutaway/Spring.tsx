import styles from './Cutaway.module.css';

const COILS = 5;

/** A coil spring seen from the side, pressed as short as it is. */
export function Spring({
  x,
  from,
  to,
  width,
  level = false,
}: {
  /** Its axis: across the drawing where it stands upright, down it where it lies level. */
  x: number;
  from: number;
  to: number;
  width: number;
  level?: boolean;
}) {
  const points = Array.from({ length: 2 * COILS + 1 }, (_, at) => {
    const along = from + ((to - from) * at) / (2 * COILS);
    const across = x + (at === 0 || at === 2 * COILS ? 0 : at % 2 ? width / 2 : -width / 2);
    return level ? `${along} ${across}` : `${across} ${along}`;
  });
  return <path className={styles.spring} d={`M${points.join('L')}`} />;
}

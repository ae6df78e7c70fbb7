import { useWords } from '../../../words';
import styles from './Radiators.module.css';
import { sixteenths } from './sixteenths';

const R = 62;

/** The stem from above: how many turns up from shut the stop is set, each ring a turn. */
export function Dial({ turns, stop }: { turns: number; stop: number }) {
  const words = useWords();
  const points = Array.from({ length: 97 }, (_, at) => {
    const turned = (at / 96) * stop;
    const radius = 16 + (turned / turns) * (R - 16);
    const angle = turned * 2 * Math.PI - Math.PI / 2;
    return `${(80 + radius * Math.cos(angle)).toFixed(1)} ${(74 + radius * Math.sin(angle)).toFixed(1)}`;
  });
  return (
    <svg
      viewBox="0 0 160 172"
      className={styles.dial}
      role="img"
      aria-label={words('radiators.turns', { turns: sixteenths(stop) })}
    >
      <circle cx="80" cy="74" r={R + 6} className={styles.rim} />
      {Array.from({ length: 16 }, (_, at) => (
        <path
          key={at}
          d={`M80 ${74 - R - 6}v${at % 4 === 0 ? 9 : 5}`}
          transform={`rotate(${(at * 360) / 16} 80 74)`}
          className={styles.tick}
        />
      ))}
      <path d={`M${points.join('L')}`} className={styles.way} />
      <text x="80" y="164">
        {words('radiators.turns', { turns: sixteenths(stop) })}
      </text>
    </svg>
  );
}

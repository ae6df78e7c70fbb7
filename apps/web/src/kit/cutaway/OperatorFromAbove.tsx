import type { Operator } from '@grevik/core';
import styles from './Cutaway.module.css';
import { LeverFromAbove } from './Drawing';

interface OperatorFromAboveProps {
  /** A lever where it is not known. */
  operator: Operator | undefined;
  x: number;
  y: number;
  opening: number;
}

/** What turns a quarter turn, seen from above: a lever, a gear with its wheel, a square nut for a key, an actuator with its pointer. */
export function OperatorFromAbove({ operator, x, y, opening }: OperatorFromAboveProps) {
  const turn = `rotate(${-90 * (1 - opening)} ${x} ${y})`;
  switch (operator) {
    case 'gear':
    case 'chain-wheel':
      return (
        <g>
          <path className={styles.wheel} d={`M${x - 16} ${y - 13}h32v26h-32ZM${x + 16} ${y + 4}h16v5h-16Z`} />
          <path className={styles.wheel} d={`M${x + 32} ${y - 8}h4v29h-4Z`} />
          <path className={styles.edge} transform={turn} d={`M${x} ${y}h14`} />
        </g>
      );
    case 'electric':
    case 'pneumatic':
    case 'hydraulic':
      return (
        <g>
          <path className={styles.wheel} d={`M${x - 24} ${y - 16}h48v32h-48Z`} />
          <circle cx={x} cy={y} r="9" className={styles.stem} />
          <path className={styles.edge} transform={turn} d={`M${x - 9} ${y}h18`} />
        </g>
      );
    case 'operating-nut':
    case 'loose-key':
      return <path className={styles.wheel} transform={turn} d={`M${x - 7} ${y - 7}h14v14h-14Z`} />;
    case 'tee':
    case 'round-handle':
      return <path className={styles.wheel} transform={turn} d={`M${x - 22} ${y - 4}h44v8h-44Z`} />;
    default:
      return (
        <>
          <LeverFromAbove x={x} y={y} opening={opening} />
          {(operator === 'locking-lever' || operator === 'notch-lever') && (
            <circle cx={x + 40} cy={y} r="3.5" className={styles.stem} transform={turn} />
          )}
        </>
      );
  }
}

import { useFigures } from '../useFigures';
import styles from './Plan.module.css';
import type { GroundLayout } from './ground-layout';

const FOOT_M = 0.3048;
const BAR_PX = 150;

/** A scale bar of a round length, and where north is. */
export function ScaleAndNorth({ layout: { pixelsPerM, width, height } }: { layout: GroundLayout }) {
  const figures = useFigures();
  const unitM = figures.system === 'us' ? FOOT_M : 1;
  const lengthM = roundBelow(BAR_PX / pixelsPerM / unitM) * unitM;
  return (
    <>
      <g transform={`translate(20 ${height - 16})`} className={styles.scale}>
        <path d={`M0-6V0H${lengthM * pixelsPerM}V-6`} />
        <text x={(lengthM * pixelsPerM) / 2} y="-10">
          {figures.quantity(lengthM, 'length')}
        </text>
      </g>
      <g transform={`translate(${width - 28} 44)`} className={styles.scale}>
        <path d="M0 18V-16M-7-6 0-18 7-6" />
        <text y="-24">N</text>
      </g>
    </>
  );
}

/** The largest of 1, 2 and 5 times a power of ten that is not more. */
function roundBelow(most: number): number {
  const power = 10 ** Math.floor(Math.log10(most));
  return ([5, 2].find((times) => times * power <= most) ?? 1) * power;
}

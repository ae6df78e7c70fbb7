import { useId } from 'react';
import styles from './Cutaway.module.css';
import { CutMetal, Drawing, LeverFromAbove, Water } from './Drawing';

const X = 78;
const Y = 78;
const BALL = 20;
const BORE = 8;
const PIPE = 11;

/** A quarter-turn stop cut open: a small ball on the supply side, the tube to the fixture going up behind it. */
export function QuarterTurnStopCutaway({ opening, label }: { opening: number; label: string }) {
  const clip = useId();
  return (
    <Drawing label={label}>
      <CutMetal
        d={`M0 ${Y - PIPE - 5}H48L56 ${Y - 28}H110V24H146V${Y + 20}L138 ${Y + 28}H56L48 ${Y + PIPE + 5}H0Z`}
      />
      <CutMetal d="M104 12H152V30H104Z" />
      <Water d={`M0 ${Y - PIPE}H52L60 ${Y - BORE}V${Y + BORE}L52 ${Y + PIPE}H0Z`} />
      <Water d={`M96 ${Y - BORE}H118V0H138V${Y + 12}H104L96 ${Y + BORE}Z`} passes={opening} />
      <circle cx={X} cy={Y} r={BALL + 2} className={styles.empty} />
      {[-1, 1].map((side) => (
        <path
          key={side}
          className={styles.seat}
          d={`M${X + side * BALL} ${Y - BORE - 7}h${side * 5}v7h${-side * 5}ZM${X + side * BALL} ${Y + BORE}h${side * 5}v7h${-side * 5}Z`}
        />
      ))}
      <clipPath id={clip}>
        <circle cx={X} cy={Y} r={BALL} />
      </clipPath>
      <circle cx={X} cy={Y} r={BALL} className={styles.moving} />
      <g clipPath={`url(#${clip})`} transform={`rotate(${-90 * (1 - opening)} ${X} ${Y})`}>
        <Water d={`M${X - 24} ${Y - BORE}h48v${2 * BORE}h-48Z`} passes={Math.max(opening, 0.15)} />
        <path className={styles.outline} d={`M${X - 24} ${Y - BORE}h48M${X - 24} ${Y + BORE}h48`} />
      </g>
      <circle cx={X} cy={Y} r={BALL} fill="none" className={styles.outline} />
      <LeverFromAbove x={X} y={Y} opening={opening} length={44} />
    </Drawing>
  );
}

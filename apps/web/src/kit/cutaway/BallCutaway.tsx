import { useId } from 'react';
import styles from './Cutaway.module.css';
import type { Operator } from '@grevik/core';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { OperatorFromAbove } from './OperatorFromAbove';

const X = 90;
const Y = 66;
const PIPE = 14;
const BALL = 27;

/** Where a body of so many pieces is joined. */
const SEAMS: readonly (readonly number[])[] = [[], [], [120], [62, 118]];

/** A ball valve cut level through its bore, seen from above: the lever lies as the bore does. */
export function BallCutaway({
  opening,
  boreRatio = 1,
  pieces,
  operator,
  label,
}: {
  opening: number;
  boreRatio?: number;
  /** Of its body: where it comes apart. */
  pieces?: number | undefined;
  operator?: Operator | undefined;
  label: string;
}) {
  const clip = useId();
  const bore = PIPE * boreRatio;
  const throat = `${Y - bore}L70 ${Y - bore}V${Y + bore}`;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={44} axis={Y} bore={PIPE} />
      <PipeWall from={136} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M40 ${Y - 26}L58 ${Y - 41}H122L140 ${Y - 26}V${Y + 26}L122 ${Y + 41}H58L40 ${Y + 26}Z`} />
      <Water d={`M0 ${Y - PIPE}H42L56 ${throat}L56 ${Y + bore}L42 ${Y + PIPE}H0Z`} />
      <Water
        d={`M180 ${Y - PIPE}H138L124 ${Y - bore}H110V${Y + bore}H124L138 ${Y + PIPE}H180Z`}
        passes={opening}
      />
      <circle cx={X} cy={Y} r={BALL + 3} className={styles.empty} />
      {[-1, 1].map((side) => (
        <path key={side} className={styles.seat} d={seat(X + side * (BALL - 1), bore, side)} />
      ))}
      <clipPath id={clip}>
        <circle cx={X} cy={Y} r={BALL} />
      </clipPath>
      <circle cx={X} cy={Y} r={BALL} className={styles.moving} />
      <g clipPath={`url(#${clip})`} transform={`rotate(${-90 * (1 - opening)} ${X} ${Y})`}>
        <Water d={`M${X - 30} ${Y - bore}h60v${2 * bore}h-60Z`} passes={Math.max(opening, 0.15)} />
        <path d={`M${X - 30} ${Y - bore}h60M${X - 30} ${Y + bore}h60`} className={styles.outline} />
      </g>
      <circle cx={X} cy={Y} r={BALL} fill="none" className={styles.outline} />
      {SEAMS[pieces ?? 1]?.map((x) => (
        <path
          key={x}
          className={styles.edge}
          d={`M${x} ${Y - 43}v${43 - PIPE}M${x} ${Y + PIPE}v${43 - PIPE}`}
        />
      ))}
      {pieces === 3 && <path className={styles.stem} d={`M56 ${Y - 40}h68v4h-68ZM56 ${Y + 36}h68v4h-68Z`} />}
      <OperatorFromAbove operator={operator} x={X} y={Y} opening={opening} />
    </Drawing>
  );
}

/** The two cut faces of a seat ring, above and below the bore. */
function seat(x: number, bore: number, side: number): string {
  const reach = side * 6;
  return `M${x} ${Y - bore - 9}h${reach}v9h${-reach}ZM${x} ${Y + bore}h${reach}v9h${-reach}Z`;
}

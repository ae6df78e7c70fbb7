import { useId } from 'react';
import styles from './Cutaway.module.css';
import type { Operator } from '@grevik/core';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { OperatorFromAbove } from './OperatorFromAbove';

const X = 90;
const Y = 50;
const PIPE = 13;
const PLUG = 25;

/** A three-way valve cut level, seen from above: the bent bore joins the lower port with the right one, or with the left. */
export function ThreeWayCutaway({
  opening,
  seats,
  operator,
  label,
}: {
  /** 0 to the left, 1 to the right. */
  opening: number;
  /** Soft seats on every port, as round a ball. */
  seats: boolean;
  operator?: Operator | undefined;
  label: string;
}) {
  const clip = useId();
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={50} axis={Y} bore={PIPE} />
      <PipeWall from={130} to={180} axis={Y} bore={PIPE} />
      <CutMetal
        d={`M44 ${Y - 22}L62 ${Y - 36}H118L136 ${Y - 22}V${Y + 22}L118 ${Y + 36}H112V118H68V${Y + 36}H62L44 ${Y + 22}Z`}
      />
      <Water d={`M${X - PIPE} ${Y + 20}H${X + PIPE}V118H${X - PIPE}Z`} />
      <Water d={`M0 ${Y - PIPE}H${X - 20}V${Y + PIPE}H0Z`} passes={1 - opening} />
      <Water d={`M${X + 20} ${Y - PIPE}H180V${Y + PIPE}H${X + 20}Z`} passes={opening} />
      {seats && (
        <path
          className={styles.seat}
          d={`M${X - 32} ${Y - PIPE - 8}h6v8h-6ZM${X - 32} ${Y + PIPE}h6v8h-6ZM${X + 26} ${Y - PIPE - 8}h6v8h-6ZM${X + 26} ${Y + PIPE}h6v8h-6Z`}
        />
      )}
      <clipPath id={clip}>
        <circle cx={X} cy={Y} r={PLUG} />
      </clipPath>
      <circle cx={X} cy={Y} r={PLUG} className={styles.moving} />
      <g clipPath={`url(#${clip})`} transform={`rotate(${90 * (1 - opening)} ${X} ${Y})`}>
        <Water d={`M${X - PIPE} ${Y + 30}V${Y - PIPE}H${X + 30}V${Y + PIPE}H${X + PIPE}V${Y + 30}Z`} />
        <path
          d={`M${X - PIPE} ${Y + 30}V${Y - PIPE}H${X + 30}M${X + 30} ${Y + PIPE}H${X + PIPE}V${Y + 30}`}
          className={styles.edge}
        />
      </g>
      <circle cx={X} cy={Y} r={PLUG} fill="none" className={styles.outline} />
      <OperatorFromAbove operator={operator} x={X} y={Y} opening={opening} />
    </Drawing>
  );
}

import styles from './Cutaway.module.css';
import type { Operator } from '@grevik/core';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { OperatorFromAbove } from './OperatorFromAbove';

const X = 90;
const Y = 66;
const BORE = 17;

/** A butterfly valve between two flanges, cut across its shaft: the disc turns but never leaves the stream. */
export function ButterflyCutaway({
  opening,
  lining = true,
  isCock = false,
  operator,
  label,
}: {
  opening: number;
  /** A rubber seat in the body; without it the disc meets bare metal. */
  lining?: boolean;
  /** A small heavy body with threads, in place of one between flanges. */
  isCock?: boolean;
  operator?: Operator | undefined;
  label: string;
}) {
  return (
    <Drawing label={label}>
      <Water d={`M0 ${Y - BORE}H${X}V${Y + BORE}H0Z`} />
      <Water d={`M${X} ${Y - BORE}H180V${Y + BORE}H${X}Z`} passes={opening} />
      <PipeWall from={0} to={66} axis={Y} bore={BORE} />
      <PipeWall from={114} to={180} axis={Y} bore={BORE} />
      {isCock ? (
        <CutMetal
          d={`M52 ${Y - 32}H128V${Y - BORE}H52ZM52 ${Y + BORE}H128V${Y + 32}H52ZM76 ${Y - 42}h28v10h-28Z`}
        />
      ) : (
        <CutMetal
          d={`M62 ${Y - 40}h8V${Y - 44}H107V${Y - 40}h11V${Y - BORE}H62ZM62 ${Y + BORE}H118V${Y + 40}H107V${Y + 44}H73V${Y + 40}H62Z`}
        />
      )}
      {lining && (
        <path className={styles.seat} d={`M71 ${Y - BORE - 4}h38v5h-38ZM71 ${Y + BORE - 1}h38v5h-38Z`} />
      )}
      <g transform={`rotate(${-90 * (1 - opening)} ${X} ${Y})`}>
        <path
          className={styles.moving}
          d={`M${X - BORE + 1} ${Y}Q${X} ${Y - 7} ${X + BORE - 1} ${Y}Q${X} ${Y + 7} ${X - BORE + 1} ${Y}Z`}
        />
      </g>
      <OperatorFromAbove operator={operator} x={X} y={Y} opening={opening} />
    </Drawing>
  );
}

import styles from './Cutaway.module.css';
import { CutMetal, Drawing, LeverFromAbove, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 66;
const BORE = 17;

/** A butterfly valve between two flanges, cut across its shaft: the disc turns but never leaves the stream. */
export function ButterflyCutaway({ opening, label }: { opening: number; label: string }) {
  return (
    <Drawing label={label}>
      <Water d={`M0 ${Y - BORE}H${X}V${Y + BORE}H0Z`} />
      <Water d={`M${X} ${Y - BORE}H180V${Y + BORE}H${X}Z`} passes={opening} />
      <PipeWall from={0} to={66} axis={Y} bore={BORE} />
      <PipeWall from={114} to={180} axis={Y} bore={BORE} />
      {[62, 110].map((x) => (
        <CutMetal key={x} d={`M${x} ${Y - 40}h8v${40 - BORE}h-8ZM${x} ${Y + BORE}h8v${40 - BORE}h-8Z`} />
      ))}
      <CutMetal d={`M73 ${Y - 44}h34V${Y - BORE}H73ZM73 ${Y + BORE}h34v27H73Z`} />
      <path className={styles.seat} d={`M71 ${Y - BORE - 4}h38v5h-38ZM71 ${Y + BORE - 1}h38v5h-38Z`} />
      <g transform={`rotate(${-90 * (1 - opening)} ${X} ${Y})`}>
        <path
          className={styles.moving}
          d={`M${X - BORE + 1} ${Y}Q${X} ${Y - 7} ${X + BORE - 1} ${Y}Q${X} ${Y + 7} ${X - BORE + 1} ${Y}Z`}
        />
      </g>
      <LeverFromAbove x={X} y={Y} opening={opening} />
    </Drawing>
  );
}

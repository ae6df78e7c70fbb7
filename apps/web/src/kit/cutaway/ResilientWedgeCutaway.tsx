import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 90;
const PIPE = 15;
const LIFT = 2 * PIPE + 2;

/** A resilient-wedge gate cut upright: the bore is smooth, there is no slot to fill, and the rubber presses on the wall all round. */
export function ResilientWedgeCutaway({
  opening,
  risingStem,
  keyed,
  label,
}: {
  opening: number;
  risingStem: boolean;
  /** A square nut for a key, in place of a wheel. */
  keyed: boolean;
  label: string;
}) {
  const up = LIFT * opening;
  const foot = Y + PIPE - up;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={44} axis={Y} bore={PIPE} />
      <PipeWall from={136} to={180} axis={Y} bore={PIPE} />
      <CutMetal
        d={`M40 ${Y - 22}L64 ${Y - 26}V38Q90 24 116 38V${Y - 26}L140 ${Y - 22}V${Y + 20}L116 ${Y + 24}H64L40 ${Y + 20}Z`}
      />
      <path className={styles.empty} d={`M72 ${Y - PIPE}V44Q90 33 108 44V${Y - PIPE}Z`} />
      <Water d={`M0 ${Y - PIPE}H76V${Y + PIPE}H0Z`} />
      <Water d={`M76 ${Y - PIPE}H180V${Y + PIPE}H76Z`} passes={opening} />
      {keyed ? (
        <>
          <path className={styles.stem} d={`M${X - 2} 16h4V${foot - 2 * PIPE - 8}h-4Z`} />
          <path className={styles.moving} d={`M${X - 8} 6h16v12h-16Z`} />
        </>
      ) : (
        <Handwheel x={X} y={risingStem ? 40 - up : 20} stemTo={foot - 2 * PIPE - 8} />
      )}
      <path
        className={styles.seat}
        d={`M73 ${foot - 2 * PIPE - 10}H107V${foot - 6}Q90 ${foot + 8} 73 ${foot - 6}Z`}
      />
      <path
        className={styles.moving}
        d={`M79 ${foot - 2 * PIPE - 5}H101V${foot - 10}Q90 ${foot - 2} 79 ${foot - 10}Z`}
      />
    </Drawing>
  );
}

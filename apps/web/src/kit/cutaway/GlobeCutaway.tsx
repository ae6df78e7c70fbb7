import { useId } from 'react';
import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 84;
const PIPE = 13;
const LIFT = 13;

const CAVITY = `M40 ${Y - PIPE}C58 ${Y - 30} 122 ${Y - 30} 140 ${Y - PIPE}V${Y + PIPE}C122 ${Y + 28} 58 ${Y + 28} 40 ${Y + PIPE}Z`;
const WALL = `M50 ${Y - 22}C56 ${Y - 8} 62 ${Y} 77 ${Y}M103 ${Y}C118 ${Y} 124 ${Y + 8} 130 ${Y + 22}`;
const UNDER_THE_SEAT = `M36 ${Y - PIPE}L50 ${Y - 22}C56 ${Y - 8} 62 ${Y} 77 ${Y}H103C118 ${Y} 124 ${Y + 8} 130 ${Y + 22}V${Y + 34}H36Z`;

/** A globe valve cut upright: the water comes in low, rises through the seat and leaves over it. */
export function GlobeCutaway({
  opening,
  washer = false,
  guided = false,
  label,
}: {
  opening: number;
  /** A rubber washer on a screw, as in a compression stop, in place of a disc. */
  washer?: boolean;
  /** No stem: the flow lifts a guided disc, as in a lift check. */
  guided?: boolean;
  label: string;
}) {
  const clip = useId();
  const face = Y - 2 - LIFT * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={44} axis={Y} bore={PIPE} />
      <PipeWall from={136} to={180} axis={Y} bore={PIPE} />
      <CutMetal
        d={`M40 ${Y - 19}C50 ${Y - 30} 62 ${Y - 34} 72 ${Y - 36}V42H108V${Y - 36}C118 ${Y - 34} 130 ${Y - 30} 140 ${Y - 19}V${Y + 19}C124 ${Y + 38} 56 ${Y + 38} 40 ${Y + 19}Z`}
      />
      <clipPath id={clip}>
        <path d={CAVITY} />
      </clipPath>
      <path className={styles.empty} d={`M80 48H100V${Y - 20}H80Z`} />
      <Water d={CAVITY} passes={opening} />
      <Water d={`M138 ${Y - PIPE}H180V${Y + PIPE}H138Z`} passes={opening} />
      <Water d={`M0 ${Y - PIPE}H42V${Y + PIPE}H0Z`} />
      <g clipPath={`url(#${clip})`}>
        <Water d={UNDER_THE_SEAT} />
        <path d={WALL} className={styles.partitionEdge} />
        <path d={WALL} className={styles.partition} />
      </g>
      <path className={styles.seat} d={`M75 ${Y - 4}h5v7h-5ZM100 ${Y - 4}h5v7h-5Z`} />
      {guided ? (
        <>
          <CutMetal d="M72 34H108V46H72Z" />
          <path className={styles.stem} d={`M${X - 3} ${face - 28}h6v20h-6Z`} />
        </>
      ) : (
        <Handwheel x={X} y={32 - LIFT * opening} stemTo={face - 5} />
      )}
      <path className={styles.seat} d={`M75 ${face - (washer ? 6 : 4)}h30v${washer ? 6 : 4}h-30Z`} />
      <path className={styles.moving} d={`M77 ${face - 12}h26v6h-26Z`} />
    </Drawing>
  );
}

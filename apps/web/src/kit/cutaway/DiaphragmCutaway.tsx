import { useId } from 'react';
import styles from './Cutaway.module.css';
import { CutMetal, Drawing, Handwheel, PipeWall, Water } from './Drawing';

const X = 90;
const Y = 80;
const PIPE = 13;
const WEIR = 74;
const RIM = 52;
const LIFT = 20;

/** A diaphragm valve cut upright: a rubber sheet pressed down on a weir; nothing but the sheet touches the water. */
export function DiaphragmCutaway({ opening, label }: { opening: number; label: string }) {
  const clip = useId();
  const middle = WEIR - LIFT * opening;
  const bend = 2 * middle - RIM;
  const room = `M0 ${Y - PIPE}H42L48 ${RIM}Q${X} ${bend} 132 ${RIM}L138 ${Y - PIPE}H180V${Y + PIPE}H134C112 ${Y + PIPE} 106 ${WEIR} ${X} ${WEIR}C74 ${WEIR} 68 ${Y + PIPE} 46 ${Y + PIPE}H0Z`;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={44} axis={Y} bore={PIPE} />
      <PipeWall from={136} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M38 ${Y - 18}L44 46H136L142 ${Y - 18}V${Y + 22}H38Z`} />
      <CutMetal d="M46 46V34H134V46Z" />
      <path className={styles.empty} d={`M48 ${RIM}V40H132V${RIM}Q${X} ${bend} 48 ${RIM}Z`} />
      <clipPath id={clip}>
        <path d={room} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <Water d="M0 30H90V118H0Z" />
        <Water d="M90 30H180V118H90Z" passes={opening} />
      </g>
      <path className={styles.outline} d={room} fill="none" />
      <Handwheel x={X} y={24 - LIFT * 0.5 * opening} stemTo={middle - 8} />
      <path className={styles.moving} d={`M74 ${middle - 12}h32v5q-16 6-32 0Z`} />
      <path
        className={styles.seat}
        d={`M46 ${RIM - 5}Q${X} ${bend - 5} 134 ${RIM - 5}V${RIM}Q${X} ${bend} 46 ${RIM}Z`}
      />
    </Drawing>
  );
}

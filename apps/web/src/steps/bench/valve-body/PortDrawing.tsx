import styles from './Inside.module.css';

const MIDDLE = 90;
const AXIS = 40;
const PIPE = 26;
const HALF_BORE = 22;

interface PortDrawingProps {
  ratio: number;
  /** Full angle of the taper; a step where left out. */
  taperDeg: number | undefined;
  label: string;
}

/** An open port in section: pipe, the way into the bore, the bore, the way out. */
export function PortDrawing({ ratio, taperDeg, label }: PortDrawingProps) {
  const bore = PIPE * ratio;
  const way = taperDeg === undefined ? 0 : Math.min(50, (PIPE - bore) / Math.tan((taperDeg * Math.PI) / 360));
  const side = (sign: 1 | -1): string =>
    `M0 ${AXIS + sign * PIPE}H${MIDDLE - HALF_BORE - way}L${MIDDLE - HALF_BORE} ${AXIS + sign * bore}H${MIDDLE + HALF_BORE}L${MIDDLE + HALF_BORE + way} ${AXIS + sign * PIPE}H180`;
  return (
    <svg viewBox="0 0 180 80" className={styles.port} role="img" aria-label={label}>
      <path d="M0 0H180V80H0Z" className={styles.metal} />
      <path
        d={`${side(-1)}V${AXIS + PIPE}H${MIDDLE + HALF_BORE + way}L${MIDDLE + HALF_BORE} ${AXIS + bore}H${MIDDLE - HALF_BORE}L${MIDDLE - HALF_BORE - way} ${AXIS + PIPE}H0Z`}
        className={styles.stream}
      />
      <path d={side(-1)} className={styles.edge} />
      <path d={side(1)} className={styles.edge} />
    </svg>
  );
}

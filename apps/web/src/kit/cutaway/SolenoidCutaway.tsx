import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { Spring } from './Spring';

const Y = 88;
const PIPE = 11;
const LIFT = 11;

/** A solenoid valve cut upright: current lifts the core, the spring drops it when the current fails. */
export function SolenoidCutaway({ opening, label }: { opening: number; label: string }) {
  const face = Y - 3 - LIFT * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={46} axis={Y} bore={PIPE} />
      <PipeWall from={134} to={180} axis={Y} bore={PIPE} />
      <CutMetal d={`M42 ${Y - 18}H72V62H108V${Y - 18}H138V${Y + 18}H42Z`} />
      <Water d={`M0 ${Y - PIPE}H80V${Y + PIPE}H0Z`} />
      <Water d={`M100 ${Y - PIPE}H180V${Y + PIPE}H100Z`} passes={opening} />
      <Water d={`M80 ${Y - 3}H100V${Y + PIPE}H80Z`} />
      <Water d={`M78 ${Y - 22}H102V${Y - 3}H78Z`} passes={opening} />
      <path className={styles.edge} d={`M98 ${Y - 3}V${Y + PIPE}`} />
      <path className={styles.seat} d={`M76 ${Y - 4}h5v6h-5ZM99 ${Y - 4}h5v6h-5Z`} />
      <path className={styles.coil} d="M58 14H80V60H58ZM100 14H122V60H100Z" />
      <path
        className={styles.edge}
        d="M58 22H80M58 30H80M58 38H80M58 46H80M58 54H80M100 22H122M100 30H122M100 38H122M100 46H122M100 54H122"
      />
      <Spring x={90} from={16} to={face - 44} width={14} />
      <path className={styles.moving} d={`M82 ${face - 44}h16v40h-16Z`} />
      <path className={styles.rubber} d={`M76 ${face - 2}h28`} />
    </Drawing>
  );
}

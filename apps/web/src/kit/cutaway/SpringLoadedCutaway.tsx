import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { Spring } from './Spring';

const LIFT = 10;

/** A pressure reducer cut upright: the outlet pushes the diaphragm up against the spring and throttles its own inlet. */
export function ReducerCutaway({ opening, label }: { opening: number; label: string }) {
  const Y = 92;
  const up = LIFT * (1 - opening);
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={46} axis={Y} bore={11} />
      <PipeWall from={134} to={180} axis={Y} bore={11} />
      <CutMetal d={`M42 ${Y - 18}H64V56H54V44H126V56H116V${Y - 18}H138V${Y + 22}H42Z`} />
      <CutMetal d="M62 46L70 10H110L118 46Z" />
      <path className={styles.empty} d="M72 44L78 16H102L108 44Z" />
      <Water d={`M0 ${Y - 11}H80V${Y + 14}H52V${Y + 11}H0Z`} />
      <Water d={`M70 60H110V${Y - 11}H180V${Y + 11}H100V${Y - 2}H80V${Y - 11}H70Z`} passes={opening} />
      <path className={styles.seat} d={`M75 ${Y - 4}h6v6h-6ZM99 ${Y - 4}h6v6h-6Z`} />
      <Spring x={90} from={18} to={50 - up} width={20} />
      <path className={styles.rubber} d={`M56 54Q90 ${60 - 2 * up} 124 54`} />
      <path className={styles.stem} d={`M88 ${56 - up}h4v${Y + 4 - 56}h-4Z`} />
      <path className={styles.moving} d={`M78 ${Y + 5 - up}h24v5h-24Z`} />
    </Drawing>
  );
}

/** A relief valve cut upright: the spring holds the disc down until the pressure under it is too much. */
export function ReliefCutaway({ opening, label }: { opening: number; label: string }) {
  const face = 84 - LIFT * opening;
  return (
    <Drawing label={label}>
      <CutMetal d="M60 118V88L54 80V14H126V56H180V88H120L114 94V118Z" />
      <path className={styles.empty} d="M66 18H114V60H66Z" />
      <Water d="M66 60H180V82H66Z" passes={opening} />
      <Water d="M78 86H102V118H78Z" />
      <path className={styles.seat} d="M72 83h7v7h-7ZM101 83h7v7h-7Z" />
      <Spring x={90} from={22} to={face - 8} width={26} />
      <path className={styles.moving} d={`M72 ${face - 8}h36v6h-36Z`} />
      <path className={styles.rubber} d={`M74 ${face - 1}h32`} />
      <path className={styles.wheel} d="M86 4h8v10h-8ZM92 4h26v4h-26Z" />
    </Drawing>
  );
}

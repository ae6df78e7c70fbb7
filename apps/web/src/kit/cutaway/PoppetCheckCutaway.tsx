import styles from './Cutaway.module.css';
import { CutMetal, Drawing, PipeWall, Water } from './Drawing';
import { Spring } from './Spring';

const Y = 62;
const PIPE = 14;
const TRAVEL = 16;

/** An inline spring check cut along its axis: the flow pushes the poppet off its seat against the spring. */
export function PoppetCheckCutaway({ opening, label }: { opening: number; label: string }) {
  const x = 74 + TRAVEL * opening;
  return (
    <Drawing label={label}>
      <PipeWall from={0} to={56} axis={Y} bore={PIPE} />
      <PipeWall from={142} to={180} axis={Y} bore={PIPE} />
      <CutMetal
        d={`M52 ${Y - 22}L66 ${Y - 34}H128L146 ${Y - 22}V${Y - PIPE}L126 ${Y - 26}H80L70 ${Y - PIPE}H52ZM52 ${Y + PIPE}H70L80 ${Y + 26}H126L146 ${Y + PIPE}V${Y + 22}L128 ${Y + 34}H66L52 ${Y + 22}Z`}
      />
      <Water d={`M0 ${Y - PIPE}H72V${Y + PIPE}H0Z`} />
      <Water
        d={`M72 ${Y - PIPE}L80 ${Y - 26}H126L146 ${Y - PIPE}H180V${Y + PIPE}H146L126 ${Y + 26}H80L72 ${Y + PIPE}Z`}
        passes={opening}
      />
      <path className={styles.seat} d={`M67 ${Y - PIPE - 4}h6v5h-6ZM67 ${Y + PIPE - 1}h6v5h-6Z`} />
      <CutMetal d={`M124 ${Y - 26}h5v18h-5ZM124 ${Y + 8}h5v18h-5Z`} />
      <Spring x={Y} from={x + 8} to={124} width={18} level />
      <path className={styles.stem} d={`M${x + 6} ${Y - 2}H132v4H${x + 6}Z`} />
      <path
        className={styles.moving}
        d={`M${x} ${Y - 12}Q${x - 8} ${Y} ${x} ${Y + 12}L${x + 8} ${Y + 17}V${Y - 17}Z`}
      />
    </Drawing>
  );
}

/** A vertical lift check cut upright: the rising flow lifts a guided disc, its weight drops it. */
export function VerticalLiftCutaway({ opening, label }: { opening: number; label: string }) {
  const x = 90;
  const face = 84 - 16 * opening;
  return (
    <Drawing label={label}>
      <CutMetal d="M70 118V92L58 82V36L70 26V0H76V28L66 40V78L76 88V118ZM110 118V92L122 82V36L110 26V0H104V28L114 40V78L104 88V118Z" />
      <Water d="M76 86H104V118H76Z" />
      <Water d="M76 0H104V28L114 40V78L104 86H76L66 78V40L76 28Z" passes={opening} />
      <path className={styles.seat} d="M72 82h6v7h-6ZM102 82h6v7h-6Z" />
      <path className={styles.edge} d="M84 44V30M96 44V30M76 36H104" />
      <path className={styles.stem} d={`M${x - 2} ${face - 44}h4v42h-4Z`} />
      <path className={styles.moving} d={`M${x - 16} ${face - 6}h32v6l-6 3h-20l-6-3Z`} />
    </Drawing>
  );
}

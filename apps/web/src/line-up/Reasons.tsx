import { type Reason, claimAndSides } from '@grevik/core';
import { useFigures } from '../kit/useFigures';
import styles from './Reasons.module.css';

/** Reasons in sentences: the weightiest in full, the rest behind a line that counts them. */
export function Reasons({ reasons }: { reasons: readonly Reason[] }) {
  const [first, ...more] = reasons;
  if (!first) return <p className={styles.nothing}>Nothing speaks against it.</p>;
  return (
    <div className={styles.reasons}>
      <Sentence reason={first} />
      {more.length > 0 && (
        <details>
          <summary>{more.length === 1 ? 'one more reason' : `${more.length} more reasons`}</summary>
          {more.map((reason) => (
            <Sentence key={reason.rule} reason={reason} />
          ))}
        </details>
      )}
    </div>
  );
}

/** One reason, with what was measured against what limit, and both sides of a house rule where one decided. */
function Sentence({ reason: { rule, verdict, text, measured } }: { reason: Reason }) {
  const figures = useFigures();
  const { claim, sides } = claimAndSides(text);
  return (
    <div className={styles[verdict]} data-rule={rule}>
      {claim}
      {measured && <b> {figures.measured(measured)}.</b>}
      {sides && (
        <details>
          <summary>house rule</summary>
          {sides}
        </details>
      )}
    </div>
  );
}

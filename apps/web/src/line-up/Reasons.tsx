import { type Reason, claimAndSides } from '@grevik/core';
import { useWords } from '../words';
import { useFigures } from '../kit/useFigures';
import styles from './Reasons.module.css';

/** Reasons in sentences: the weightiest in full, the rest behind a line that counts them. */
export function Reasons({ reasons }: { reasons: readonly Reason[] }) {
  const [first, ...more] = reasons;
  const words = useWords();
  if (!first) return <p className={styles.nothing}>{words('lineUp.nothingAgainst')}</p>;
  return (
    <div className={styles.reasons}>
      <Sentence reason={first} />
      {more.length > 0 && (
        <details>
          <summary>{words('lineUp.moreReasons', { count: more.length })}</summary>
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
  const words = useWords();
  const { claim, sides } = claimAndSides(text);
  return (
    <div className={styles[verdict]} data-rule={rule}>
      {claim}
      {measured && <b> {figures.measured(measured)}.</b>}
      {sides && (
        <details>
          <summary>{words('lineUp.houseRule')}</summary>
          {sides}
        </details>
      )}
    </div>
  );
}

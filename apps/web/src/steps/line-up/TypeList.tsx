import { type Duty, type HouseRuleSettings, VALVE_TYPE_FACTS, select } from '@grevik/core';
import { translated, useWords } from '../../words';
import { VerdictMark } from '../../kit/VerdictMark';
import { Reasons } from './Reasons';
import styles from './TypeList.module.css';

/** With an empty catalogue: which types could serve at all, each as such. */
export function TypeList({ duty, settings }: { duty: Duty; settings: HouseRuleSettings }) {
  const words = useWords();
  const { results, ranked } = select(duty, undefined, settings);
  const out = results.filter(({ verdict }) => verdict === 'out').map(({ index }) => index);
  return (
    <section className={styles.types}>
      <h3>{words('lineUp.types')}</h3>
      <p>{words('lineUp.typesBody')}</p>
      <ul>
        {[...ranked, ...out].map((index) => {
          const result = results[index];
          if (!result) return null;
          const { words: type, inside } = VALVE_TYPE_FACTS[result.type];
          return (
            <li key={result.type}>
              <div>
                <b>{translated(type)}</b>
                <span>{translated(inside)}.</span>
              </div>
              <VerdictMark verdict={result.verdict} />
              <Reasons reasons={result.reasons} />
            </li>
          );
        })}
      </ul>
    </section>
  );
}

import {
  type SayItQuestion,
  type ValveSpec,
  capitalized,
  orderFieldName,
  orderLine,
  specFieldWords,
} from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import styles from '../Drills.module.css';

/** What is known of a valve, field by field. */
export function ValveFacts({ facts }: SayItQuestion) {
  const words = useWords();
  const { system } = useFigures();
  const spec = Object.fromEntries(facts.map(({ field, value }) => [field, value])) as ValveSpec;
  return (
    <dl className={styles.facts} aria-label={words('drills.facts')}>
      {facts.map(({ field }) => (
        <div key={field}>
          <dt>{capitalized(translated(orderFieldName(field)))}</dt>
          <dd>
            {field === 'type' && spec.type
              ? orderLine({ type: spec.type }).short
              : specFieldWords(spec, field, system)}
          </dd>
        </div>
      ))}
    </dl>
  );
}

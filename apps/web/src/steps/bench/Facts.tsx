import styles from './BenchPage.module.css';

/** A row of figures, each under what it is. */
export function Facts({ facts }: { facts: readonly (readonly [name: string, figure: string])[] }) {
  return (
    <dl className={styles.facts}>
      {facts.map(([name, figure]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

import type { Basis } from '@grevik/core';
import { translated, useWords } from '../../words';
import styles from '../../kit/finding/Finding.module.css';

/** What a result stands on: method, source, where it holds, what it leaves out. */
export function BasisNote({ basis: { method, source, limits, ignores } }: { basis: Basis }) {
  const words = useWords();
  const said = [
    ['method', translated(method)],
    ['source', translated(source)],
    ['limits', translated(limits)],
    ['ignores', translated(ignores)],
  ] as const;
  return (
    <section className={styles.basis} aria-label={words('bench.basis')}>
      <h2>{words('bench.basis')}</h2>
      <dl>
        {said.map(([name, text]) => (
          <div key={name}>
            <dt>{words(`bench.${name}`)}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

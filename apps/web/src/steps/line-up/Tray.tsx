import type { ModelView } from '@grevik/contracts';
import { modelWords } from '@grevik/core';
import { useWords } from '../../words';
import type { ModelColumn } from './model-column';
import { Reasons } from './Reasons';
import styles from './Tray.module.css';

/** What is ruled out stays in sight with its reason. */
export function Tray({
  tray,
  otherSizes,
  size,
}: {
  tray: readonly ModelColumn[];
  otherSizes: readonly ModelView[];
  size: string;
}) {
  const words = useWords();
  if (tray.length + otherSizes.length === 0) return null;
  return (
    <section className={styles.tray} aria-label={words('lineUp.ruledOut')}>
      <h3>
        {tray.length > 0 ? words('lineUp.countOut', { count: tray.length }) : words('lineUp.otherSizes')}
      </h3>
      <ul>
        {tray.map(({ model, reasons }) => {
          const { name, from, details } = modelWords(model);
          return (
            <li key={model.id} title={details} data-model={from}>
              <b>
                {name} · {from}
              </b>
              <Reasons reasons={reasons.filter(({ verdict }) => verdict === 'out')} />
            </li>
          );
        })}
        {otherSizes.length > 0 && (
          <li className={styles.sizes}>
            <details>
              <summary>{words('lineUp.notMade', { size, count: otherSizes.length })}</summary>
              {otherSizes.map((model) => modelWords(model).from).join(', ')}
            </details>
          </li>
        )}
      </ul>
    </section>
  );
}

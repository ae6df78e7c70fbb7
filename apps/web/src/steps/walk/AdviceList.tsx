import { type Advice, claimAndOptions } from '@grevik/core';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './WhatIsHere.module.css';

/** What to do about what was found, the most pressing first. */
export function AdviceList({ advice }: { advice: readonly Advice[] }) {
  const figures = useFigures();
  const words = useWords();
  return (
    <div aria-live="polite" className={styles.advices}>
      {advice.map(({ rule, urgency, text, steps }) => {
        const { claim, options } = claimAndOptions(text);
        return (
          <div key={rule} className={styles.advice} data-urgency={urgency}>
            <b>{words(`urgency.${urgency}`)}</b> {figures.sentence(claim)}
            {options !== undefined && (
              <details>
                <summary>{words('lineUp.houseRule')}</summary>
                {translated(options)}
              </details>
            )}
            {steps && (
              <details open={urgency === 'prove'}>
                <summary>{words('walk.steps')}</summary>
                <ol>
                  {steps.map((step) => (
                    <li key={step}>
                      <label>
                        <input type="checkbox" /> {step}
                      </label>
                    </li>
                  ))}
                </ol>
              </details>
            )}
          </div>
        );
      })}
    </div>
  );
}

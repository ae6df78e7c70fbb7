import type { PositionView } from '@grevik/contracts';
import { budgetValve, learnedIn, wholeAmounts } from '@grevik/core';
import { Suspense, lazy } from 'react';
import { useLifeBasisQuery } from '../../store/budget-api';
import { translated, useWords } from '../../words';
import styles from './LogPage.module.css';

const SurvivalChart = lazy(() => import('../../kit/life/SurvivalChart'));

/** How long the valve in service may be expected to last, and what its failure would do. */
export function Expected({ position }: { position: Pick<PositionView, 'id'> }) {
  const words = useWords();
  const { data: basis } = useLifeBasisQuery(position.id);
  const valve = basis?.valve;
  if (!basis || !valve) return null;
  const figured = budgetValve(valve, basis.settings, learnedIn(basis.learned));
  if (typeof figured === 'string')
    return (
      <section className={styles.life} aria-labelledby="expected">
        <h2 id="expected">{words('life.at')}</h2>
        <p>{words(`life.unknown.${figured}`)}</p>
      </section>
    );
  const { life, ageYears, chanceThisYear, isFailed, assumed, because } = figured;
  const { failure } = figured.valve;
  const say = wholeAmounts(basis.currency);
  const [low, high] = life.medianBand;
  const dry = valve.dry ?? [];
  return (
    <section className={styles.life} aria-labelledby="expected">
      <h2 id="expected">{words('life.at')}</h2>
      <p>
        {words('life.ofValve', {
          years: Math.round(life.medianYears),
          low: Math.round(low),
          high: Math.round(high),
        })}{' '}
        {ageYears === undefined
          ? words('life.ageUnknown')
          : words(assumed.includes('age') ? 'life.ageTaken' : 'life.age', {
              count: Math.round(ageYears),
            })}{' '}
        {words(isFailed ? 'life.hasFailed' : 'life.chance', {
          chance: chanceThisYear < 0.01 ? '< 1' : Math.round(100 * chanceThisYear),
        })}
      </p>
      <p>
        {words('life.ifFails', {
          cost: say(failure.replaceCost),
          damage: say(failure.damageCost),
          share: Math.round(100 * failure.chance),
        })}{' '}
        {dry.length > 0 && words('life.dry', { who: dry.join(', ') })}
      </p>
      <details>
        <summary>{words('life.because')}</summary>
        <ul>
          {because.map((one) => (
            <li key={one}>{translated(one)}</li>
          ))}
        </ul>
        <Suspense fallback={null}>
          <SurvivalChart life={life} ageYears={ageYears} />
        </Suspense>
      </details>
    </section>
  );
}

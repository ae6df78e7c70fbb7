import type { ServedValveView } from '@grevik/contracts';
import { FAILURE_WORDS } from '@grevik/core';
import { Link } from 'react-router';
import { usePages } from '../../kit/pages/usePages';
import { shownPlace } from '../../kit/shown-place';
import { translated, useWords } from '../../words';
import styles from './Budget.module.css';

/** Valves that stand above any budget, with why. */
export function MustNotWait({ valves }: { valves: readonly ServedValveView[] }) {
  const words = useWords();
  const urgent = valves.filter(({ mustNotWait }) => mustNotWait !== null);
  const { shown, more } = usePages(urgent);
  if (urgent.length === 0) return null;
  return (
    <section className={styles.urgent} aria-labelledby="must-not-wait">
      <h2 id="must-not-wait">{words('budget.mustNotWait')}</h2>
      <ul>
        {shown.map((valve) => (
          <li key={valve.id}>
            <Link to={`/jobs/${valve.jobId}/lines/${valve.lineId}/walk/${encodeURIComponent(valve.tag)}`}>
              {valve.tag}
            </Link>{' '}
            {shownPlace(valve)}: {valve.failure && translated(FAILURE_WORDS[valve.failure])}.{' '}
            {translated(valve.mustNotWait ?? '')}
          </li>
        ))}
      </ul>
      {more}
    </section>
  );
}

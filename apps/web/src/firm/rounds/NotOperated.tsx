import type { NotOperatedView } from '@grevik/contracts';
import { Link } from 'react-router';
import { useWords } from '../../words';
import styles from './RoundsPage.module.css';

/** Valves that are not exercised, with why. */
export function NotOperated({ valves }: { valves: readonly NotOperatedView[] }) {
  const words = useWords();
  return (
    <section aria-labelledby="not-operated">
      <h2 id="not-operated">{words('rounds.notOperated')}</h2>
      <ul className={styles.plain}>
        {valves.map(({ positionId, tag, jobId, lineId, why }) => (
          <li key={positionId}>
            <Link to={`/jobs/${jobId}/lines/${lineId}/log/${encodeURIComponent(tag)}`}>{tag}</Link>{' '}
            {words(`rounds.why.${why}`)}
          </li>
        ))}
      </ul>
    </section>
  );
}

import { NavLink } from 'react-router';
import { useWords } from '../words';
import styles from './Shell.module.css';

/** The pages of a job, its board first. */
export function JobPages({ jobId, name }: { jobId: string; name: string }) {
  const words = useWords();
  return (
    <nav className={styles.pages} aria-label={words('board.pages')}>
      <NavLink to={`/jobs/${jobId}`} end>
        {name}
      </NavLink>
      <NavLink to={`/jobs/${jobId}/takeoff`}>{words('takeoff.link')}</NavLink>
      <NavLink to={`/jobs/${jobId}/orders`}>{words('orders.link')}</NavLink>
      <NavLink to={`/jobs/${jobId}/rounds`}>{words('rounds.title')}</NavLink>
      <NavLink to={`/jobs/${jobId}/budget`}>{words('budget.title')}</NavLink>
    </nav>
  );
}

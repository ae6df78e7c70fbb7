import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { useJobQuery } from '../store/api';
import styles from './Shell.module.css';
import { STEPS } from './steps';
import { UnitsSwitch } from './UnitsSwitch';

/** What stays around every screen: the job, the steps of the work, the units. */
export function Shell() {
  const { jobId, lineId, tag } = useParams();
  const { data: job } = useJobQuery(jobId ?? '', { skip: jobId === undefined });
  const { pathname } = useLocation();
  const line = lineId ?? job?.lines[0]?.id;
  return (
    <>
      <header className={`${styles.bar} no-print`}>
        <Link to="/" className={styles.brand} aria-label="Grevik, all jobs">
          GRE<b>V</b>IK
        </Link>
        {job && (
          <>
            <Link to={`/jobs/${job.id}`} className={styles.job}>
              {job.name}
            </Link>
            <nav className={styles.steps} aria-label="Steps of the work">
              <NavLink to={`/jobs/${job.id}/walk`}>Walk</NavLink>
              {line !== undefined &&
                STEPS.map(({ id, word }) => (
                  <NavLink
                    key={id}
                    to={`/jobs/${job.id}/lines/${line}/${id}${tag === undefined ? '' : `/${encodeURIComponent(tag)}`}`}
                    aria-current={pathname.split('/')[5] === id ? 'page' : undefined}
                  >
                    {word}
                  </NavLink>
                ))}
            </nav>
          </>
        )}
        <UnitsSwitch />
      </header>
      <main>
        <Outlet />
      </main>
    </>
  );
}

import { NavLink, useParams } from 'react-router';
import { useWords } from '../words';
import { COMPANY_PAGES } from './company-pages';
import styles from './Shell.module.css';

/** A job has rounds and a budget of its own, and no room for more beside them. */
const NOT_ON_A_JOB: readonly string[] = ['/rounds', '/budget', '/devices'];

/** The pages of the company, where there is room for them. */
export function CompanyPages() {
  const { jobId } = useParams();
  const words = useWords();
  const pages = COMPANY_PAGES.filter(({ to }) => jobId === undefined || !NOT_ON_A_JOB.includes(to));
  return (
    <nav className={styles.company} aria-label={words('app.companyPages')}>
      {pages.map(({ to, name }) => (
        <NavLink key={to} to={to}>
          {words(name)}
        </NavLink>
      ))}
    </nav>
  );
}

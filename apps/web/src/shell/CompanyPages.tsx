import { NavLink, useParams } from 'react-router';
import { useWords } from '../words';
import { COMPANY_PAGES } from './company-pages';
import styles from './Shell.module.css';

/** The pages of the company, where there is room for them. A job has its own rounds beside them. */
export function CompanyPages() {
  const { jobId } = useParams();
  const words = useWords();
  const pages = COMPANY_PAGES.filter(({ to }) => jobId === undefined || to !== '/rounds');
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

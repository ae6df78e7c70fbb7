import { NavLink } from 'react-router';
import { useWords } from '../words';
import { COMPANY_PAGES } from './company-pages';
import styles from './Shell.module.css';

/** The pages of the company, where there is room for them. */
export function CompanyPages() {
  const words = useWords();
  return (
    <nav className={styles.company} aria-label={words('app.companyPages')}>
      {COMPANY_PAGES.map(({ to, name }) => (
        <NavLink key={to} to={to}>
          {words(name)}
        </NavLink>
      ))}
    </nav>
  );
}

import { NavLink } from 'react-router';
import { useWords } from '../../words';
import styles from './CatalogueTabs.module.css';

/** The two sides of the catalogue: what can be bought, and what kinds there are. */
export function CatalogueTabs() {
  const words = useWords();
  return (
    <nav className={styles.tabs} aria-label={words('catalogue.title')}>
      <NavLink to="/catalogue" end>
        {words('catalogue.models')}
      </NavLink>
      <NavLink to="/catalogue/types">{words('types.title')}</NavLink>
    </nav>
  );
}

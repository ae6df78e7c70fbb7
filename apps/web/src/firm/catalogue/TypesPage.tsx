import { type ValveFamily, type ValveType, VALVE_TYPES, VALVE_TYPE_FACTS, familyOf } from '@grevik/core';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { translated, useWords } from '../../words';
import { CatalogueTabs } from './CatalogueTabs';
import styles from './TypesPage.module.css';
import { TypeStory } from './TypeStory';

const FAMILIES = [...new Set(VALVE_TYPES.map(familyOf))];

/** Every type side by side, and one of them from the inside. */
export function TypesPage() {
  const { type } = useParams();
  const words = useWords();
  const chosen = VALVE_TYPES.find((of) => of === type);
  useEffect(() => {
    document.title = [chosen && translated(VALVE_TYPE_FACTS[chosen].words), words('types.title'), 'Grevik']
      .filter(Boolean)
      .join(' · ');
  }, [chosen, words]);
  return (
    <div className={styles.page}>
      <CatalogueTabs />
      {chosen && (
        <section className={styles.chosen} aria-labelledby="type">
          <h1 id="type">{translated(VALVE_TYPE_FACTS[chosen].words)}</h1>
          <TypeStory key={chosen} type={chosen} />
        </section>
      )}
      {!chosen && <h1>{words('types.title')}</h1>}
      <div className={styles.families}>
        {FAMILIES.map((family) => (
          <Family key={family} family={family} chosen={chosen} />
        ))}
      </div>
      <p className={styles.source}>{words('types.source')}</p>
    </div>
  );
}

function Family({ family, chosen }: { family: ValveFamily; chosen: ValveType | undefined }) {
  const words = useWords();
  return (
    <section aria-label={words(`types.family.${family}`)}>
      <h2>{words(`types.family.${family}`)}</h2>
      <ul className={styles.types}>
        {VALVE_TYPES.filter((type) => familyOf(type) === family).map((type) => (
          <li key={type}>
            <Link to={`/catalogue/types/${type}`} aria-current={type === chosen ? 'page' : undefined}>
              <Cutaway model={{ type }} opening={0.6} />
              {translated(VALVE_TYPE_FACTS[type].words)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

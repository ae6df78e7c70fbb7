import { DRILL_KINDS } from '@grevik/core';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { useDrillPeopleQuery } from '../../store/drills-api';
import { useWords } from '../../words';
import styles from './Drills.module.css';

/** Who is ready for what, for the foreman. */
export function PeopleReady() {
  const words = useWords();
  const { data, error, isError, refetch } = useDrillPeopleQuery();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!data) return <Loading what={words('drills.people')} />;
  const date = (at: string | null): string => (at === null ? words('drills.never') : dateWords(at));
  return (
    <section aria-labelledby="people">
      <h2 id="people">{words('drills.people')}</h2>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">{words('drills.person')}</th>
              <th scope="col">{words('drills.readyCount')}</th>
              <th scope="col">{words('drills.gasPassed')}</th>
              <th scope="col">{words('drills.firePassed')}</th>
            </tr>
          </thead>
          <tbody>
            {data.map(({ personId, name, role, ready, gasPassedAt, firePassedAt }) => (
              <tr key={personId}>
                <th scope="row">
                  <Link to={`/drills/people/${personId}`}>{name}</Link>{' '}
                  <span className={styles.soft}>{role}</span>
                </th>
                <td>
                  {words('drills.readyOf', {
                    count: ready.filter(({ level }) => level > 0).length,
                    kinds: DRILL_KINDS.length,
                  })}
                </td>
                <td>{date(gasPassedAt)}</td>
                <td>{date(firePassedAt)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>
        <a href="/api/drills/people.csv">{words('drills.csv')}</a>
      </p>
    </section>
  );
}

import { Link, useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { useDrillPersonQuery } from '../../store/drills-api';
import { useWords } from '../../words';
import styles from './Drills.module.css';
import { gradeWords } from './grade-words';
import { ReadyTable } from './ReadyTable';

const SHOWN = 40;

/** The record of a person, for the foreman. */
export function PersonDrillsPage() {
  const { personId = '' } = useParams();
  const words = useWords();
  const { data, error, isError, refetch } = useDrillPersonQuery(personId);
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  if (!data) return <Loading what={words('drills.title')} />;
  return (
    <div className={styles.page}>
      <Link to="/drills">‹ {words('drills.back')}</Link>
      <h1>{data.name}</h1>
      <ReadyTable taken={data.results} />
      <p className={styles.soft}>{words('drills.rule')}</p>
      <h2>{words('drills.latest')}</h2>
      <ul className={styles.list}>
        {data.results.slice(0, SHOWN).map(({ id, kind, level, right, score, takenAt }) => (
          <li key={id}>
            <span className={styles.soft}>{dateWords(takenAt)}</span>
            <span>{words(`drills.kinds.${kind}`)}</span>
            <span className={styles.soft}>{words('drills.level', { level })}</span>
            <b>{gradeWords({ right, score }, words)}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}

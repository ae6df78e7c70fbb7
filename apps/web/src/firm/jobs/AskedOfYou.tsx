import { Link } from 'react-router';
import { dateWords } from '../../kit/when';
import { useSentDrillsQuery } from '../../store/drills-api';
import { useWords } from '../../words';
import styles from './JobsPage.module.css';

/** Drills that were sent to whoever looks, and wait for an answer. */
export function AskedOfYou() {
  const words = useWords();
  const { data: sent = [] } = useSentDrillsQuery();
  const open = sent.filter(({ isMine, answers }) => isMine && answers.length === 0);
  if (open.length === 0) return null;
  return (
    <ul className={styles.asked} aria-label={words('drills.sent')}>
      {open.map(({ id, tag, sentBy, sentAt }) => (
        <li key={id}>
          {words('drills.sentBy', { name: sentBy, tag, date: dateWords(sentAt) })}{' '}
          <Link to={`/drills/sent/${id}`}>{words('drills.sentOpen')}</Link>
        </li>
      ))}
    </ul>
  );
}

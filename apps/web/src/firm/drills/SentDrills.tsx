import { Link } from 'react-router';
import { dateWords } from '../../kit/when';
import { useSentDrillsQuery } from '../../store/drills-api';
import { useKeepAnswer } from '../../store/useKeepAnswer';
import { useWords } from '../../words';
import styles from './Drills.module.css';

/** Drills that were sent to whoever looks, and by them. */
export function SentDrills() {
  const words = useWords();
  const { data } = useSentDrillsQuery();
  useKeepAnswer('drills/sent', data);
  const sent = data ?? [];
  const toMe = sent.filter(({ isMine }) => isMine);
  const byMe = sent.filter(({ isMine }) => !isMine);
  return (
    <>
      {toMe.length > 0 && (
        <section aria-labelledby="sent-to-me">
          <h2 id="sent-to-me">{words('drills.sent')}</h2>
          <ul className={styles.list}>
            {toMe.map(({ id, tag, sentBy, sentAt, answers }) => (
              <li key={id}>
                <span>{words('drills.sentBy', { name: sentBy, tag, date: dateWords(sentAt) })}</span>
                {answers.length > 0 && <b>{words('drills.sentDone')}</b>}
                <Link to={`/drills/sent/${id}`}>{words('drills.sentOpen')}</Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      {byMe.length > 0 && (
        <section aria-labelledby="sent-by-me">
          <h2 id="sent-by-me">{words('drills.sentByYou')}</h2>
          <ul className={styles.list}>
            {byMe.map(({ id, tag, sentAt, answers, people }) => (
              <li key={id}>
                {words('drills.sentAnswers', {
                  tag,
                  date: dateWords(sentAt),
                  answered: new Set(answers.map(({ personId }) => personId)).size,
                  people,
                  right: new Set(answers.filter(({ right }) => right).map(({ personId }) => personId)).size,
                })}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

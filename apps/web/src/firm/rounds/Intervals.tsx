import { TASK_WORDS } from '@grevik/core';
import { Button } from '@mui/material';
import { dateWords } from '../../kit/when';
import { useMay } from '../../store/people-api';
import { useIntervalsQuery, useRemoveIntervalMutation } from '../../store/rounds-api';
import { translated, useWords } from '../../words';
import styles from './RoundsPage.module.css';
import { useIntervalWords } from './useIntervalWords';

/** Intervals that are not the usual ones, with who set them and why. */
export function Intervals() {
  const words = useWords();
  const every = useIntervalWords();
  const { data = [] } = useIntervalsQuery();
  const [remove, { isLoading }] = useRemoveIntervalMutation();
  const mayChange = useMay('house-rules');
  return (
    <section aria-labelledby="intervals">
      <h2 id="intervals">{words('rounds.intervals')}</h2>
      <p>{words('rounds.intervalsBody')}</p>
      {data.length === 0 && <p>{words('rounds.noIntervals')}</p>}
      <ul className={styles.rounds}>
        {data.map(({ id, task, every: interval, because, setBy, tag, by, at }) => (
          <li key={id}>
            <b>
              {translated(TASK_WORDS[task])}: {every(interval)}
            </b>
            <span>
              {tag ?? words(`rounds.setBy.${setBy}`)} · {because}
            </span>
            <span>
              {words('rounds.by', { by, date: dateWords(at) })}
              {mayChange && (
                <Button size="small" disabled={isLoading} onClick={() => void remove(id)}>
                  {words('rounds.removeInterval')}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

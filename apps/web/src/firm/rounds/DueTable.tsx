import type { DueListView, DueView } from '@grevik/contracts';
import { TASK_WORDS, daysBetween } from '@grevik/core';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { dateWords } from '../../kit/when';
import { useFigures } from '../../kit/useFigures';
import { usePages } from '../../kit/pages/usePages';
import { shownPlace } from '../../kit/shown-place';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './RoundsPage.module.css';
import { useIntervalWords } from './useIntervalWords';

interface DueTableProps {
  due: DueListView;
  isOfJob: boolean;
  change: (task: DueView) => void;
}

/** Tasks that are due, the longest overdue first. */
export function DueTable({ due, isOfJob, change }: DueTableProps) {
  const words = useWords();
  const figures = useFigures();
  const every = useIntervalWords();
  const mayChange = useMay('house-rules');
  const { shown, more } = usePages(due.tasks);
  if (due.tasks.length === 0) return <p>{words('rounds.noneInService')}</p>;
  return (
    <>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{words('rounds.dueOn')}</th>
            <th scope="col">{words('rounds.valve')}</th>
            <th scope="col">{words('rounds.task')}</th>
            <th scope="col">{words('rounds.every')}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((task) => (
            <tr key={`${task.positionId} ${task.task}`}>
              <td>
                <When dueOn={task.dueOn} asOf={due.asOf} />
              </td>
              <td>
                <Link to={`/jobs/${task.jobId}/lines/${task.lineId}/log/${encodeURIComponent(task.tag)}`}>
                  {task.tag}
                </Link>{' '}
                {figures.size(task.dn)} · {shownPlace(task)}
                <small>{isOfJob ? task.lineName : `${task.jobName}, ${task.lineName}`}</small>
              </td>
              <td>
                {translated(TASK_WORDS[task.task])}
                <small>{translated(task.why)}</small>
              </td>
              <td>
                {every(task.every)}
                {task.setBy && <small>{words(`rounds.setBy.${task.setBy}`)}</small>}
                {mayChange && (
                  <Button
                    size="small"
                    className={`${styles.change} no-print`}
                    aria-label={`${words('rounds.change')} ${task.tag} ${translated(TASK_WORDS[task.task])}`}
                    onClick={() => change(task)}
                  >
                    {words('rounds.changeShort')}
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {more}
      {!more && due.tasks.length < due.due && <p>{words('rounds.shown', { count: due.tasks.length })}</p>}
    </>
  );
}

function When({ dueOn, asOf }: { dueOn: string | null; asOf: string }) {
  const words = useWords();
  if (dueOn === null)
    return (
      <>
        <b className={styles.overdue}>{words('rounds.now')}</b>
        <small>{words('rounds.neverRecorded')}</small>
      </>
    );
  const overdue = daysBetween(dueOn, asOf);
  return (
    <>
      {dateWords(dueOn)}
      {overdue > 0 && <b className={styles.overdue}>{words('rounds.overdue', { count: overdue })}</b>}
    </>
  );
}

import { HISTORY_PAGE } from '@grevik/contracts';
import { Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { useLineFrame } from '../../shell/useLineFrame';
import { useHistoryQuery } from '../../store/log-api';
import { useWords } from '../../words';
import { EntryForm } from './EntryForm';
import { Expected } from './Expected';
import { Happened } from './Happened';
import { Life } from './Life';
import styles from './LogPage.module.css';

/** What was written and changed at a position, newest first; and room to write the next. */
export function LogPage() {
  const { position } = useLineFrame();
  return <PositionLog key={position.id} />;
}

function PositionLog() {
  const { line, position, models } = useLineFrame();
  const [most, setMost] = useState(HISTORY_PAGE);
  const { data, error, isError, isFetching, refetch } = useHistoryQuery({ positionId: position.id, most });
  const words = useWords();
  return (
    <div className={styles.page}>
      <h1>{words('log.title', { tag: position.tag })}</h1>
      <Link
        className="no-print"
        to={`/jobs/${line.jobId}/lines/${line.id}/owner/${encodeURIComponent(position.tag)}`}
      >
        {words('owner.title')}
      </Link>
      <EntryForm position={position} />
      {isError && <Failure error={error} retry={() => void refetch()} />}
      {!data && !isError && <Loading what={words('log.what')} />}
      {data && (
        <Life entries={data.entries} positionId={position.id} tag={position.tag} photos={position.photos} />
      )}
      <Expected position={position} />
      {data && <Happened history={data} models={models} />}
      {data?.hasOlder && (
        <Button disabled={isFetching} onClick={() => setMost(most + HISTORY_PAGE)}>
          {words('log.older')}
        </Button>
      )}
    </div>
  );
}

import { Alert, Button } from '@mui/material';
import { Failure } from '../../kit/Notice';
import { dateWords, timeWords } from '../../kit/when';
import { failureText } from '../../store/failure';
import { useEndSessionMutation, useOpenSessionsQuery } from '../../store/sign-in-api';
import { useWords } from '../../words';
import styles from './SignIn.module.css';

/** Where one is signed in, and the way out of each device. */
export function OpenSessions() {
  const { data: open, error, isError, refetch } = useOpenSessionsQuery();
  const [end, ending] = useEndSessionMutation();
  const words = useWords();
  if (isError) return <Failure error={error} retry={() => void refetch()} />;
  return (
    <>
      <ul className={styles.sessions} aria-label={words('account.sessions')}>
        {open?.map(({ id, device, openedAt, isThis }) => (
          <li key={id}>
            <span>
              <b>{device ?? words('account.someDevice')}</b>
              {openedAt !== null &&
                ` · ${words('account.since', { date: dateWords(openedAt), time: timeWords(openedAt) })}`}
              {isThis && ` · ${words('account.thisOne')}`}
            </span>
            {!isThis && (
              <Button size="small" disabled={ending.isLoading} onClick={() => void end(id)}>
                {words('account.end')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {ending.error !== undefined && <Alert severity="error">{failureText(ending.error)}</Alert>}
    </>
  );
}

import { Alert, Button } from '@mui/material';
import { useState } from 'react';
import { failureText } from '../../store/failure';
import {
  useHasCalendarQuery,
  useNewCalendarMutation,
  useWithdrawCalendarMutation,
} from '../../store/rounds-api';
import { useWords } from '../../words';
import styles from './RoundsPage.module.css';

/** The address at which a calendar program finds one’s rounds. */
export function CalendarAddress() {
  const words = useWords();
  const { data } = useHasCalendarQuery();
  const [make, making] = useNewCalendarMutation();
  const [withdraw, withdrawing] = useWithdrawCalendarMutation();
  const [path, setPath] = useState<string>();
  const error = making.error ?? withdrawing.error;
  const hasAddress = data?.hasAddress ?? false;
  const renew = async (): Promise<void> => {
    const { data: address } = await make();
    setPath(address?.path);
  };
  return (
    <section aria-labelledby="calendar">
      <h2 id="calendar">{words('rounds.calendar')}</h2>
      <p>{words('rounds.calendarBody')}</p>
      {path !== undefined && (
        <Alert severity="info">
          {words('rounds.calendarOnce')}{' '}
          <code className={styles.address}>{`${window.location.origin}${path}`}</code>
        </Alert>
      )}
      {hasAddress && path === undefined && <p>{words('rounds.calendarHas')}</p>}
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      <Button variant="outlined" size="small" disabled={making.isLoading} onClick={() => void renew()}>
        {words(hasAddress ? 'rounds.calendarAgain' : 'rounds.calendarNew')}
      </Button>
      {hasAddress && (
        <Button
          size="small"
          disabled={withdrawing.isLoading}
          onClick={() => {
            setPath(undefined);
            void withdraw();
          }}
        >
          {words('rounds.calendarWithdraw')}
        </Button>
      )}
    </section>
  );
}

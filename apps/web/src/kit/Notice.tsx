import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { failureText } from '../store/failure';
import { useWords } from '../words';
import styles from './Notice.module.css';

/** A message in place of what could not be shown, with what to do next. */
export function Notice({
  title,
  children,
  action,
}: {
  title: string;
  children?: ReactNode;
  action?: ReactNode;
}) {
  return (
    <div className={styles.notice} role="status">
      <h2>{title}</h2>
      {children}
      {action}
    </div>
  );
}

/** A failed request, with a way to try again. */
export function Failure({ error, retry }: { error: unknown; retry: () => void }) {
  const words = useWords();
  return (
    <Notice
      title={words('app.failed')}
      action={
        <div className={styles.acts}>
          <Button variant="outlined" onClick={retry}>
            {words('app.tryAgain')}
          </Button>
          <Link to="/">{words('app.openJobs')}</Link>
        </div>
      }
    >
      <p>{failureText(error)}</p>
    </Notice>
  );
}

/** Said only where something takes long enough to be noticed. */
export function Loading({ what }: { what: string }) {
  const words = useWords();
  return (
    <div className={styles.loading} role="status">
      {words('app.opening', { what })}
    </div>
  );
}

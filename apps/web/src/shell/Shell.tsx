import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { Link, Outlet, useParams } from 'react-router';
import { Search } from '../kit/icons';
import { useKeys } from '../kit/useKeys';
import { useJobQuery } from '../store/api';
import { useWords } from '../words';
import { AccountMenu } from './AccountMenu';
import { CompanyPages } from './CompanyPages';
import { JobPages } from './JobPages';
import { Live } from './Live';
import { Offline } from './Offline';
import { useUndoLast } from './own-changes/useUndoLast';
import { Palette } from './Palette';
import styles from './Shell.module.css';
import { ShortcutsDialog } from './ShortcutsDialog';
import { UnitsSwitch } from './UnitsSwitch';
import { Unsent } from './Unsent';
import { useKeepJob } from './useKeepJob';
import { useOwnLanguage } from './useLanguage';

/** What stays around every screen: the pages of the job and of the company, Find, emergency, who is signed in. */
export function Shell() {
  const { jobId } = useParams();
  const { data: job } = useJobQuery(jobId ?? '', { skip: jobId === undefined });
  const words = useWords();
  useOwnLanguage();
  const [open, setOpen] = useState<'palette' | 'keys'>();
  const undoLast = useUndoLast();
  const close = (): void => setOpen(undefined);
  useKeys(
    useMemo(
      () => ({
        'Ctrl+k': () => setOpen('palette'),
        '?': () => setOpen('keys'),
        'Ctrl+z': undoLast,
      }),
      [undoLast],
    ),
  );
  useKeepJob(jobId);
  return (
    <>
      <a href="#work" className={styles.skip}>
        {words('app.skip')}
      </a>
      <header className={`${styles.bar} no-print`}>
        <Link to="/" className={styles.brand} aria-label={words('app.allJobs')}>
          GRE<b>V</b>IK
        </Link>
        {job && <JobPages jobId={job.id} name={job.name} />}
        <span className={styles.gap} />
        <CompanyPages />
        <Button
          className={styles.find}
          color="inherit"
          startIcon={<Search />}
          aria-label={words('palette.title')}
          onClick={() => setOpen('palette')}
        >
          <span>
            {words('palette.find')} <kbd>Ctrl K</kbd>
          </span>
        </Button>
        <div className={styles.units}>
          <UnitsSwitch />
        </div>
        <Link
          to={jobId === undefined ? '/emergency' : `/emergency?job=${jobId}`}
          className={styles.emergency}
        >
          {words('water.button')}
        </Link>
        <AccountMenu job={job} showKeys={() => setOpen('keys')} />
      </header>
      <Offline />
      <Unsent />
      <Live />
      <main id="work" tabIndex={-1}>
        <Outlet />
      </main>
      {open === 'palette' && <Palette close={close} showKeys={() => setOpen('keys')} />}
      {open === 'keys' && <ShortcutsDialog close={close} />}
    </>
  );
}

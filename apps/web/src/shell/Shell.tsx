import Search from '@mui/icons-material/Search';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { useKeys } from '../kit/useKeys';
import { useMay } from '../store/people-api';
import { useJobQuery } from '../store/api';
import { useWords } from '../words';
import { AccountMenu } from './AccountMenu';
import { ShortcutsDialog } from './ShortcutsDialog';
import { Offline } from './Offline';
import { Palette } from './Palette';
import styles from './Shell.module.css';
import { STEPS } from './steps';
import { UnitsSwitch } from './UnitsSwitch';
import { useKeepJob } from './useKeepJob';
import { useUndoLast } from './own-changes/useUndoLast';

/** What stays around every screen: the job, the steps of the work, the units, who is signed in. */
export function Shell() {
  const { jobId, lineId, tag } = useParams();
  const { data: job } = useJobQuery(jobId ?? '', { skip: jobId === undefined });
  const { pathname } = useLocation();
  const words = useWords();
  const [open, setOpen] = useState<'palette' | 'keys'>();
  const mayBring = useMay('bring-lines');
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
  const line = lineId ?? job?.lines[0]?.id;
  return (
    <>
      <a href="#work" className={styles.skip}>
        {words('app.skip')}
      </a>
      <header className={`${styles.bar} no-print`}>
        <Link to="/" className={styles.brand} aria-label={words('app.allJobs')}>
          GRE<b>V</b>IK
        </Link>
        {job && (
          <>
            <Link to={`/jobs/${job.id}`} className={styles.job}>
              {job.name}
            </Link>
            <nav className={styles.steps} aria-label={words('steps.label')}>
              {mayBring && line === undefined && (
                <NavLink to={`/jobs/${job.id}/walk`}>{words('steps.walk')}</NavLink>
              )}
              {line !== undefined &&
                STEPS.map((step) => (
                  <NavLink
                    key={step}
                    to={`/jobs/${job.id}/lines/${line}/${step}${tag === undefined ? '' : `/${encodeURIComponent(tag)}`}`}
                    aria-current={pathname.split('/')[5] === step ? 'page' : undefined}
                  >
                    {words(`steps.${step}`)}
                  </NavLink>
                ))}
            </nav>
          </>
        )}
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
        <Link to={jobId === undefined ? '/water' : `/water?job=${jobId}`} className={styles.water}>
          {words('water.button')}
        </Link>
        <div className={styles.units}>
          <UnitsSwitch />
        </div>
        <AccountMenu showKeys={() => setOpen('keys')} />
      </header>
      <Offline />
      <main id="work" tabIndex={-1}>
        <Outlet />
      </main>
      {open === 'palette' && <Palette close={close} showKeys={() => setOpen('keys')} />}
      {open === 'keys' && <ShortcutsDialog close={close} />}
    </>
  );
}

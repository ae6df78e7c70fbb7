import type { JobView } from '@grevik/contracts';
import { Divider, IconButton, MenuItem, MenuList, Popover } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link } from 'react-router';
import { Person } from '../kit/icons';
import { useSessionQuery, useSignOutMutation } from '../store/people-api';
import { useWords } from '../words';
import { OwnChangesDialog } from './own-changes/OwnChangesDialog';
import styles from './AccountMenu.module.css';
import { COMPANY_PAGES } from './company-pages';
import { ThemeSwitch } from './ThemeSwitch';
import { LanguageSwitch } from './LanguageSwitch';
import { UnitsSwitch } from './UnitsSwitch';
import { useUnsent } from '../store/useUnsent';

/** Whoever is signed in: what concerns them and their device. */
export function AccountMenu({ job, showKeys }: { job: JobView | undefined; showKeys: () => void }) {
  const session = useSessionQuery().data?.session;
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [showsChanges, setShowsChanges] = useState(false);
  const [signOut] = useSignOutMutation();
  const unsent = useUnsent();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  if (!session) return null;
  const { person, company } = session;
  const close = (): void => setAnchor(null);
  const then = (act: () => void) => (): void => {
    close();
    act();
  };
  const leave = (): void => {
    if (unsent.length === 0) void signOut({ everywhere: false });
    else enqueueSnackbar(words('unsent.signOut', { count: unsent.length }), { variant: 'warning' });
  };
  const role = words(`roles.${person.role}`);
  return (
    <>
      <IconButton
        color="inherit"
        aria-label={words('account.menu', { name: person.name, role, company: company.name })}
        aria-haspopup="dialog"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <Person />
      </IconButton>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={close}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': words('account.title') } }}
      >
        <div className={styles.who}>
          <b>{person.name}</b>
          {role}, {company.name}
        </div>
        <Divider />
        <MenuList autoFocusItem>
          <MenuItem onClick={then(() => setShowsChanges(true))}>{words('mine.button')}</MenuItem>
          {job && [
            <MenuItem
              key="board"
              component={Link}
              to={`/jobs/${job.id}`}
              onClick={close}
              className={styles.onPhone}
            >
              {job.name}
            </MenuItem>,
            <MenuItem
              key="takeoff"
              component={Link}
              to={`/jobs/${job.id}/takeoff`}
              onClick={close}
              className={styles.onPhone}
            >
              {words('takeoff.link')}
            </MenuItem>,
            <MenuItem
              key="orders"
              component={Link}
              to={`/jobs/${job.id}/orders`}
              onClick={close}
              className={styles.onPhone}
            >
              {words('orders.link')}
            </MenuItem>,
          ]}
          {COMPANY_PAGES.map(({ to, name }) => (
            <MenuItem key={to} component={Link} to={to} onClick={close} className={styles.onNarrow}>
              {words(name)}
            </MenuItem>
          ))}
          <MenuItem component={Link} to="/account" onClick={close}>
            {words('account.title')}
          </MenuItem>
          <MenuItem onClick={then(showKeys)}>{words('keys.title')}</MenuItem>
          <MenuItem onClick={then(leave)}>{words('account.signOut')}</MenuItem>
        </MenuList>
        <Divider />
        <div className={styles.row}>
          <UnitsSwitch />
        </div>
        <div className={styles.row}>
          <LanguageSwitch />
        </div>
        <div className={styles.row}>
          <ThemeSwitch />
        </div>
      </Popover>
      {showsChanges && <OwnChangesDialog close={() => setShowsChanges(false)} />}
    </>
  );
}

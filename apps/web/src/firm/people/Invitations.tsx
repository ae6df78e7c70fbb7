import { ROLES, type Role } from '@grevik/contracts';
import { Alert, Button, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { dateWords } from '../../kit/when';
import { failureText } from '../../store/failure';
import { useInvitationsQuery, useInviteMutation, useWithdrawMutation } from '../../store/people-api';
import { useWords } from '../../words';
import { ShownLink } from './ShownLink';
import styles from './PeoplePage.module.css';

/** Makes a link for one person, and shows those not taken yet. */
export function Invitations() {
  const [role, setRole] = useState<Role>('technician');
  const { data: open } = useInvitationsQuery();
  const [invite, { data: made, error, isLoading }] = useInviteMutation();
  const [withdraw, withdrawing] = useWithdrawMutation();
  const words = useWords();
  const link = made && `${window.location.origin}/join#${made.token}`;
  const failed = error ?? withdrawing.error;
  return (
    <section>
      <h2>{words('people.invite')}</h2>
      <p>{words('people.inviteBody')}</p>
      <div className={styles.row}>
        <TextField
          select
          size="small"
          label={words('people.role')}
          value={role}
          onChange={({ target }) => setRole(target.value as Role)}
        >
          {ROLES.map((of) => (
            <MenuItem key={of} value={of}>
              {words(`roles.${of}`)}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="contained" disabled={isLoading} onClick={() => void invite({ role })}>
          {words('people.makeLink')}
        </Button>
      </div>
      {made && link !== undefined && (
        <div className={styles.link}>
          <p>{words('people.linkMade', { role: words(`roles.${made.role}`) })}</p>
          <ShownLink label={words('people.invite')} link={link} />
        </div>
      )}
      {failed !== undefined && <Alert severity="error">{failureText(failed)}</Alert>}
      {open && open.length > 0 && (
        <>
          <h3>{words('people.open')}</h3>
          <ul className={styles.open}>
            {open.map(({ id, role: of, invitedBy, expiresAt }) => (
              <li key={id}>
                {words('people.until', {
                  role: words(`roles.${of}`),
                  by: invitedBy,
                  date: dateWords(expiresAt),
                })}
                <Button size="small" onClick={() => void withdraw(id)}>
                  {words('people.withdraw')}
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

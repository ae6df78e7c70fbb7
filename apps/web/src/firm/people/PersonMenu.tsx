import type { PersonView } from '@grevik/contracts';
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  IconButton,
  Menu,
  MenuItem,
} from '@mui/material';
import { useState } from 'react';
import { More } from '../../kit/icons';
import { useTell } from '../../kit/useTell';
import { dateWords, timeWords } from '../../kit/when';
import { useMakePasswordLinkMutation, useRemoveSecondFactorMutation } from '../../store/sign-in-api';
import { useWords } from '../../words';
import styles from './PeoplePage.module.css';
import { ShownLink } from './ShownLink';

/** What an owner does for somebody: a link for a new password, an end to a lost second factor, their data. */
export function PersonMenu({ person: { id, name } }: { person: PersonView }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [make, making] = useMakePasswordLinkMutation();
  const [remove] = useRemoveSecondFactorMutation();
  const tell = useTell();
  const words = useWords();
  const close = (): void => setAnchor(null);
  const choose = (doing: Promise<unknown>, done?: string): void => {
    close();
    tell(doing, done);
  };
  const made = making.data;
  return (
    <>
      <IconButton
        aria-label={words('people.more', { name })}
        aria-haspopup="menu"
        onClick={({ currentTarget }) => setAnchor(currentTarget)}
      >
        <More />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        <MenuItem onClick={() => choose(make(id).unwrap())}>{words('people.passwordLink')}</MenuItem>
        <MenuItem onClick={() => choose(remove(id).unwrap(), words('people.factorRemoved', { name }))}>
          {words('people.removeFactor')}
        </MenuItem>
        <MenuItem component="a" href={`/api/people/${id}/data.json`} download onClick={close}>
          {words('people.data')}
        </MenuItem>
      </Menu>
      {made && (
        <Dialog open onClose={making.reset} maxWidth="sm" fullWidth>
          <DialogTitle>{words('people.passwordLinkOf', { name: made.name })}</DialogTitle>
          <DialogContent className={styles.shown}>
            <p>
              {words('people.passwordLinkBody', {
                date: dateWords(made.expiresAt),
                time: timeWords(made.expiresAt),
              })}
            </p>
            <ShownLink
              label={words('people.passwordLink')}
              link={`${window.location.origin}/new-password#${made.token}`}
            />
          </DialogContent>
          <DialogActions>
            <Button onClick={making.reset}>{words('app.close')}</Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}

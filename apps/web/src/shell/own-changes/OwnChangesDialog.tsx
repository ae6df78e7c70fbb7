import type { OwnChangeView } from '@grevik/contracts';
import { CHANGE_KIND_TABLE } from '@grevik/core';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { Link } from 'react-router';
import { whenWords } from '../../kit/when';
import { Failure, Loading } from '../../kit/Notice';
import { failureText } from '../../store/failure';
import { useOwnChangesQuery, useUndoMutation } from '../../store/log-api';
import { translated, useWords } from '../../words';
import styles from './OwnChangesDialog.module.css';

/** One's own last twenty changes, each with its way back. */
export function OwnChangesDialog({ close }: { close: () => void }) {
  const { data: own, error, isError, refetch } = useOwnChangesQuery();
  const [undo, undoing] = useUndoMutation();
  const words = useWords();
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="mine-title">
      <DialogTitle id="mine-title">{words('mine.button')}</DialogTitle>
      <DialogContent>
        {isError && <Failure error={error} retry={() => void refetch()} />}
        {!own && !isError && <Loading what={words('log.what')} />}
        {own?.length === 0 && <p>{words('mine.none')}</p>}
        {undoing.error !== undefined && <Alert severity="error">{failureText(undoing.error)}</Alert>}
        {own && own.length > 0 && (
          <>
            <p className={styles.limit}>{words('mine.limit')}</p>
            <ul className={styles.list}>
              {own.map((change) => (
                <li key={change.id}>
                  <What change={change} close={close} />
                  <time dateTime={change.at}>{whenWords(change.at)}</time>
                  {change.isUndone ? (
                    <span>{words('mine.undone')}</span>
                  ) : (
                    isUndoable(change) && (
                      <Button
                        size="small"
                        variant="outlined"
                        disabled={undoing.isLoading}
                        aria-label={`${words('mine.takeBack')}: ${changeSaid(change)}`}
                        onClick={() => void undo(change.id)}
                      >
                        {words('mine.takeBack')}
                      </Button>
                    )
                  )}
                </li>
              ))}
            </ul>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('app.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}

/** What was changed, in words. */
const changeSaid = ({ kind, what }: OwnChangeView): string => translated(CHANGE_KIND_TABLE[kind].words(what));

/** A walk list that was taken back is brought anew, by the person who has it. */
const isUndoable = ({ kind, undoes }: OwnChangeView): boolean => kind !== 'walk-list' || undoes === null;

/** What was changed, with a way there while it is there. */
function What({ change, close }: { change: OwnChangeView; close: () => void }) {
  const words = useWords();
  const what = changeSaid(change);
  const said = change.undoes === null ? what : words('mine.was', { what });
  if (change.lineId === null) return <b>{said}</b>;
  return (
    <Link
      to={
        change.kind === 'walk'
          ? `/jobs/${change.jobId}/lines/${change.lineId}/walk`
          : `/jobs/${change.jobId}/lines/${change.lineId}/line-up/${encodeURIComponent(change.what)}`
      }
      onClick={close}
    >
      {said}
    </Link>
  );
}

import type { LineView, ModelView, PersonView, PositionView } from '@grevik/contracts';
import { type HouseRuleSettings, positionDrill } from '@grevik/core';
import {
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
} from '@mui/material';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { useSendDrillMutation } from '../../store/drills-api';
import { failureText } from '../../store/failure';
import { newId } from '../../store/new-id';
import { usePeopleQuery, useSessionQuery } from '../../store/people-api';
import { useWords } from '../../words';

interface SendDrillProps {
  line: LineView;
  position: PositionView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
}

/** Asks others which valve they would put here: to the apprentices with two taps, to others as chosen. */
export function SendDrill(props: SendDrillProps) {
  const words = useWords();
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        {words('drills.send')}
      </Button>
      {isOpen && <SendDialog {...props} close={() => setOpen(false)} />}
    </>
  );
}

function SendDialog({ line, position, models, settings, close }: SendDrillProps & { close: () => void }) {
  const words = useWords();
  const { enqueueSnackbar } = useSnackbar();
  const { data: people = [] } = usePeopleQuery();
  const me = useSessionQuery().data?.session?.person.id;
  const [send, { isLoading }] = useSendDrillMutation();
  const [id] = useState(newId);
  const [chosen, setChosen] = useState<readonly string[]>();
  const others = people.filter((person) => person.id !== me);
  const to = chosen ?? others.filter(isApprentice).map((person) => person.id);
  const shown = useMemo(
    () =>
      positionDrill(
        { ...position.duty, medium: line.medium },
        models.filter(({ retired }) => !retired),
        settings,
        position.tag,
      ),
    [position, line.medium, models, settings],
  );
  const kind = position.duty.function === 'non-return' ? 'which-check' : 'which-valve';

  const go = async (): Promise<void> => {
    try {
      await send({ id, positionId: position.id, kind, shown, personIds: [...to] }).unwrap();
      enqueueSnackbar(words('drills.sendDone'));
      close();
    } catch (error) {
      enqueueSnackbar(`${words('drills.sendFailed')} ${failureText(error)}`, { variant: 'error' });
    }
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs">
      <DialogTitle>{words('drills.sendTitle', { tag: position.tag })}</DialogTitle>
      <DialogContent>
        {shown ? (
          <>
            <p>{words('drills.sendBody')}</p>
            {others.map(({ id: personId, name, role }) => (
              <FormControlLabel
                key={personId}
                sx={{ display: 'flex' }}
                control={
                  <Checkbox
                    checked={to.includes(personId)}
                    onChange={({ target }) =>
                      setChosen(target.checked ? [...to, personId] : to.filter((one) => one !== personId))
                    }
                  />
                }
                label={`${name}, ${role}`}
              />
            ))}
          </>
        ) : (
          <p>{words('drills.sendNone')}</p>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('pick.leave')}</Button>
        {shown && (
          <Button variant="contained" disabled={to.length === 0 || isLoading} onClick={() => void go()}>
            {words('drills.sendTo', { count: to.length })}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

const isApprentice = ({ role }: PersonView): boolean => role === 'apprentice';

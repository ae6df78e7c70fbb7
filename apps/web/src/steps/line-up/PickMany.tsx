import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type HouseRuleSettings, type JudgedPick, judgePick, modelWords } from '@grevik/core';
import { Alert, Button, Checkbox, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { Loading } from '../../kit/Notice';
import { shortName } from '../../kit/position-name';
import { useFigures } from '../../kit/useFigures';
import { VerdictMark } from '../../kit/VerdictMark';
import { usePickManyMutation } from '../../store/catalogue-api';
import { failureText } from '../../store/failure';
import { useJobWalkQuery } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import styles from './PickMany.module.css';

interface PickManyProps {
  line: LineView;
  position: PositionView;
  model: ModelView;
  reason: string;
  settings: HouseRuleSettings;
  close: () => void;
}

interface Candidate {
  line: LineView;
  position: PositionView;
  judged: JudgedPick;
}

/** One model for many positions of the job, each judged on its own duty: where it is ruled out it can not be ticked. */
export function PickMany({ line, position, model, reason, settings, close }: PickManyProps) {
  const { data: job, isError, error } = useJobWalkQuery(line.jobId);
  const [sought, setSought] = useState('');
  const [ticked, setTicked] = useState<ReadonlySet<string>>();
  const [pickMany, picking] = usePickManyMutation();
  const { enqueueSnackbar } = useSnackbar();
  const figures = useFigures();
  const words = useWords();
  const candidates = useMemo(
    () =>
      (job?.lines ?? []).flatMap((of): Candidate[] =>
        of.positions
          .filter(({ duty }) => model.sizes.some(({ dn }) => dn === duty.dn))
          .map((at) => ({
            line: of,
            position: at,
            judged: judgePick({ ...at.duty, medium: of.medium }, model, settings),
          })),
      ),
    [job, model, settings],
  );
  // Those that ask alike and have nothing yet are proposed.
  const proposed = useMemo(
    () =>
      new Set(
        candidates
          .filter(
            ({ line: of, position: at, judged }) =>
              judged.verdict !== 'out' &&
              of.medium === line.medium &&
              at.duty.function === position.duty.function &&
              at.duty.dn === position.duty.dn &&
              (at.id === position.id || at.pick === null),
          )
          .map(({ position: at }) => at.id),
      ),
    [candidates, line, position],
  );
  const chosen = ticked ?? proposed;
  const wanted = sought.trim().toLowerCase();
  const shown = candidates.filter(({ line: of, position: at }) =>
    `${at.tag} ${at.remarks} ${of.name} ${figures.size(at.duty.dn)}`.toLowerCase().includes(wanted),
  );
  const tick = (ids: readonly string[], on: boolean): void => {
    const next = new Set(chosen);
    for (const id of ids)
      if (on) next.add(id);
      else next.delete(id);
    setTicked(next);
  };
  const save = async (): Promise<void> => {
    const positions = candidates
      .filter(({ position: { id } }) => chosen.has(id))
      .map(({ position: { id, version } }) => ({ id, version }));
    const { data } = await pickMany({ jobId: line.jobId, modelId: model.id, reason, positions });
    if (!data) return;
    enqueueSnackbar(words('pickMany.done', { count: data.length, model: modelWords(model).from }));
    close();
  };
  const open = shown.filter(({ judged }) => judged.verdict !== 'out').map(({ position: { id } }) => id);
  return (
    <Dialog open onClose={close} fullWidth maxWidth="md" aria-labelledby="many-title">
      <DialogTitle id="many-title">{words('pickMany.title', { model: modelWords(model).from })}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <p>{words('pickMany.body')}</p>
        <div className={styles.find}>
          <input
            type="search"
            value={sought}
            placeholder={words('pickMany.find')}
            aria-label={words('pickMany.find')}
            onChange={({ target }) => setSought(target.value)}
          />
          <Button size="small" disabled={!job} onClick={() => tick(open, true)}>
            {words('pickMany.all')}
          </Button>
          <Button size="small" disabled={!job} onClick={() => tick(open, false)}>
            {words('pickMany.nobody')}
          </Button>
        </div>
        {isError && <Alert severity="error">{failureText(error)}</Alert>}
        {!job && !isError && <Loading what={words('line.job')} />}
        <ul className={styles.positions}>
          {shown.map(({ line: of, position: at, judged }) => {
            const why = judged.reasons.find(({ verdict }) => verdict === 'out')?.text ?? '';
            return (
              <li key={at.id}>
                <label>
                  <Checkbox
                    size="small"
                    checked={chosen.has(at.id)}
                    disabled={judged.verdict === 'out'}
                    onChange={({ target }) => tick([at.id], target.checked)}
                  />
                  <b>
                    {at.tag} · {figures.size(at.duty.dn)}
                  </b>
                  <span>
                    {shortName(at)}, {of.name}
                    {at.pick && at.id !== position.id ? ` · ${words('pickMany.replaces')}` : ''}
                    {why !== '' && <small>{translated(why)}</small>}
                  </span>
                  <VerdictMark verdict={judged.verdict} />
                </label>
              </li>
            );
          })}
        </ul>
        {picking.error !== undefined && <Alert severity="error">{failureText(picking.error)}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('pick.leave')}</Button>
        <Button
          variant="contained"
          disabled={chosen.size === 0 || picking.isLoading}
          onClick={() => void save()}
        >
          {words(picking.isLoading ? 'app.saving' : 'pickMany.pick', { count: chosen.size })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

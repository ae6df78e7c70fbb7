import type { RoundStopView } from '@grevik/contracts';
import {
  LEFT,
  NOT_DONE,
  NOT_DONE_REASONS,
  type NotDone,
  TASK_WORDS,
  TURNING_TASKS,
  type Task,
  type Visit,
  capitalized,
  siteCautions,
  stemTurns,
  valveTypeFacts,
} from '@grevik/core';
import { Alert, Button, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { useOutbox } from '../../store/useOutbox';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { Choice } from './Choice';
import { Turns } from './Turns';
import { VisitPhotos } from './VisitPhotos';
import styles from './VisitPage.module.css';
import { shownPlace } from '../../kit/shown-place';
import type { VisitHere } from './useRoundHere';
import { useVisitDraft } from './useVisitDraft';

/** Turns from which they are counted. */
const COUNTED = 1;

interface VisitFormProps {
  roundId: string;
  stop: RoundStopView;
  visited: VisitHere | undefined;
  isLast: boolean;
  /** To the next stop. */
  goOn: () => void;
}

/** What is done and found at a valve, saved with one press. */
export function VisitForm({ roundId, stop, visited, isLast, goOn }: VisitFormProps) {
  const words = useWords();
  const figures = useFigures();
  const mayRecord = useMay('record');
  const [isEditing, setEditing] = useState(false);
  const { tag, dn, type, medium, place, doNotOperate } = stop;
  const facts = [type && capitalized(translated(valveTypeFacts(type).words)), place];
  return (
    <>
      <p className={styles.tag}>
        {tag} · {figures.size(dn)}
      </p>
      <h1>{shownPlace(stop)}</h1>
      <p>{[...facts, stop.lineName].filter(Boolean).join(' · ')}</p>
      {siteCautions(medium, place ?? undefined).map((caution) => (
        <p key={caution} className={styles.caution}>
          {caution}
        </p>
      ))}
      {doNotOperate && (
        <p className={styles.caution}>
          <b>{words('visit.notOperated', { why: words(`rounds.why.${doNotOperate}`) })}</b>
        </p>
      )}
      {visited && !isEditing ? (
        <Visited visited={visited} edit={mayRecord ? () => setEditing(true) : undefined} />
      ) : (
        <Draft
          key={String(isEditing)}
          {...{ roundId, stop, isLast, goOn }}
          from={isEditing ? visited : undefined}
        />
      )}
    </>
  );
}

function Visited({ visited, edit }: { visited: VisitHere; edit: (() => void) | undefined }) {
  const words = useWords();
  const { visit, text, happenedAt, by, waits } = visited;
  return (
    <section className={styles.visited}>
      <p>
        <b>{waits ? words('rounds.waits') : words('visit.visited', { date: dateWords(happenedAt), by })}</b>
      </p>
      <p>
        {visit.done.length > 0
          ? visit.done.map((task) => translated(TASK_WORDS[task])).join(', ')
          : `${words('rounds.isNotDone')}${visit.notDone ? `: ${NOT_DONE[visit.notDone]}` : ''}`}
        {visit.turns !== undefined && ` · ${words('visit.turns')} ${visit.turns}`}
        {visit.holding && visit.holding !== 'not-tried' && ` · ${words(`visit.holdings.${visit.holding}`)}`}
      </p>
      {text && <p>{text}</p>}
      {edit && (
        <Button variant="outlined" onClick={edit}>
          {words('visit.edit')}
        </Button>
      )}
    </section>
  );
}

interface DraftProps extends Omit<VisitFormProps, 'visited'> {
  from: VisitHere | undefined;
}

function Draft({ roundId, stop, isLast, goOn, from }: DraftProps) {
  const words = useWords();
  const outbox = useOutbox();
  const navigate = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  const mayRecord = useMay('record');
  const { draft, change, write, entry, saved } = useVisitDraft(roundId, stop.positionId, from);
  const [asksWhy, setAsksWhy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const [isBusy, setBusy] = useState(false);
  const { visit, text } = draft;
  const { type, dn, tag, tasks, doNotOperate, lastVisit, positionId } = stop;
  const isTurned = tasks.some((task) => TURNING_TASKS.includes(task)) && type !== null && !doNotOperate;
  const usualTurns = type === null ? 0 : stemTurns(type, dn);

  const send = async (notDone?: NotDone): Promise<void> => {
    if (notDone === undefined && visit.done.length === 0 && text.trim() === '')
      return setTrouble(words('visit.nothing'));
    setBusy(true);
    const sent = await outbox({
      title: words('visit.entry', { tag }),
      path: `positions/${positionId}/entries`,
      body: entry({ roundId, notDone, ...(notDone !== undefined && { done: [] }) }),
    });
    setBusy(false);
    if (sent.kind === 'refused') return setTrouble(sent.refusal);
    saved();
    enqueueSnackbar(words(sent.kind === 'waits' ? 'visit.savedWaits' : 'visit.saved', { tag }), {
      action: (
        <Button color="inherit" onClick={() => void navigate(`/rounds/${roundId}/${positionId}`)}>
          {words('visit.edit')}
        </Button>
      ),
    });
    goOn();
  };
  const tick = (task: Task): void =>
    change({
      done: visit.done.includes(task) ? visit.done.filter((one) => one !== task) : [...visit.done, task],
    });
  return (
    <>
      {isTurned && (
        <section aria-labelledby="operate">
          <h2 id="operate">{words('visit.operate')}</h2>
          <p>{words(usualTurns > COUNTED ? 'visit.operateHow' : 'visit.operateQuarter')}</p>
          <LastTime visit={lastVisit} />
          {usualTurns > COUNTED && (
            <>
              <p>{words('visit.usual', { turns: Math.round(usualTurns) })}</p>
              <Turns dn={dn} usualTurns={usualTurns} visit={visit} change={change} />
            </>
          )}
          <Choice
            label={words('visit.turning')}
            options={(['freely', 'stiff', 'seized'] as const).map((value) => ({
              value,
              words: words(`visit.turnings.${value}`),
            }))}
            value={visit.turning}
            choose={(turning) => change({ turning, done: doneWhere(turning, tasks, visit.done) })}
          />
        </section>
      )}
      {!isTurned && <LastTime visit={lastVisit} />}
      {isTurned && (
        <Choice
          label={words('visit.holding')}
          options={(['tight', 'weeps', 'passes'] as const).map((value) => ({
            value,
            words: words(`visit.holdings.${value}`),
          }))}
          value={visit.holding}
          choose={(holding) => change({ holding })}
        />
      )}
      <section aria-labelledby="done-here">
        <h2 id="done-here">{words('visit.tasks')}</h2>
        <div className={styles.tasks} role="group" aria-labelledby="done-here">
          {tasks.map((task) => (
            <Button
              key={task}
              variant={visit.done.includes(task) ? 'contained' : 'outlined'}
              aria-pressed={visit.done.includes(task)}
              onClick={() => tick(task)}
            >
              {visit.done.includes(task) ? '✓ ' : ''}
              {capitalized(translated(TASK_WORDS[task]))}
            </Button>
          ))}
        </div>
      </section>
      {isTurned && (
        <Choice
          label={words('visit.leftIs')}
          options={LEFT.map((value) => ({ value, words: words(`visit.lefts.${value}`) }))}
          value={visit.left}
          choose={(left) => change({ left })}
        />
      )}
      <VisitPhotos positionId={positionId} tag={tag} photos={stop.photos} />
      <TextField
        label={words('visit.note')}
        value={text}
        multiline
        minRows={2}
        onChange={({ target }) => write(target.value)}
        slotProps={{ htmlInput: { maxLength: 2000 } }}
      />
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      {asksWhy && (
        <Choice
          label={words('visit.notDoneWhy')}
          options={NOT_DONE_REASONS.map((value) => ({ value, words: NOT_DONE[value] }))}
          value={undefined}
          choose={(notDone) => void send(notDone)}
        />
      )}
      <div className={styles.foot}>
        <Button variant="contained" disabled={isBusy || !mayRecord} onClick={() => void send()}>
          {words(isLast ? 'visit.saveLast' : 'visit.save')}
        </Button>
        <Button
          variant="outlined"
          disabled={isBusy || !mayRecord}
          aria-expanded={asksWhy}
          onClick={() => setAsksWhy(!asksWhy)}
        >
          {words(asksWhy ? 'visit.cancel' : 'visit.notDone')}
        </Button>
      </div>
    </>
  );
}

function LastTime({ visit }: { visit: RoundStopView['lastVisit'] }) {
  const words = useWords();
  if (!visit) return null;
  const date = dateWords(visit.happenedAt);
  const { turns, notDone } = visit.visit;
  if (notDone) return <p>{words('visit.lastNotDone', { date, why: NOT_DONE[notDone] })}</p>;
  return (
    <p>
      {turns === undefined ? words('rounds.lastTime', { date }) : words('visit.lastTurns', { date, turns })}{' '}
      {visit.text}
    </p>
  );
}

/** The tasks done, once somebody says whether it turned: turning it is what they ask. */
function doneWhere(turning: Visit['turning'], tasks: readonly Task[], done: readonly Task[]): Task[] {
  const others = done.filter((task) => !TURNING_TASKS.includes(task));
  const isTurned = turning === 'freely' || turning === 'stiff';
  return isTurned ? [...others, ...tasks.filter((task) => TURNING_TASKS.includes(task))] : others;
}

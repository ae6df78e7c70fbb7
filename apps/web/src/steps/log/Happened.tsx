import type { EntryView, HistoryView, ModelView, PositionChangeView } from '@grevik/contracts';
import { ENTRY_KIND_TABLE, WETS_WORDS, modelWords } from '@grevik/core';
import { foundWords } from '../../kit/found/found-words';
import { factName, factWords, factsApart } from '../../kit/duty/field-words';
import { useFigures } from '../../kit/useFigures';
import { dateWords, whenWords } from '../../kit/when';
import { translated, useWords } from '../../words';
import { VisitSaid } from './Life';
import styles from './LogPage.module.css';

interface HappenedProps {
  history: Pick<HistoryView<PositionChangeView>, 'changes' | 'entries'>;
  models: readonly ModelView[];
}

/** Entries and changes in one line of time, newest first. */
export function Happened({ history: { changes, entries }, models }: HappenedProps) {
  const words = useWords();
  const all = [
    ...entries.map((entry) => ({ at: entry.happenedAt, entry })),
    ...changes.map((change) => ({ at: change.at, change })),
  ].sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
  if (all.length === 0) return <p>{words('log.nothing')}</p>;
  return (
    <ol className={styles.log}>
      {all.map((one) => (
        <li key={'entry' in one ? one.entry.id : one.change.id}>
          <time dateTime={one.at} title={dateWords(one.at)}>
            {whenWords(one.at)}
          </time>
          {'entry' in one ? <Entry entry={one.entry} /> : <Change change={one.change} models={models} />}
        </li>
      ))}
    </ol>
  );
}

function Entry({ entry: { by, kind, text, turns, found, visit } }: { entry: EntryView }) {
  const figures = useFigures();
  const words = useWords();
  return (
    <div>
      <b>{translated(ENTRY_KIND_TABLE[kind].words)}</b>
      {turns !== null && `, ${words('log.turnsFigure', { turns })}`}
      {visit && <VisitSaid visit={visit} />}
      {found && <p>{foundWords(found, words, figures)}</p>}
      {text !== '' && <p className={styles.words}>{translated(text)}</p>}
      <span>{by}</span>
    </div>
  );
}

function Change({ change, models }: { change: PositionChangeView; models: readonly ModelView[] }) {
  const figures = useFigures();
  const words = useWords();
  const tookBack = change.undoes === null ? '' : words('log.tookBack');
  if (change.kind === 'pick') {
    const model = models.find(({ id }) => id === change.after?.modelId);
    const what = change.after
      ? words('log.pickedIt', { model: model ? modelWords(model).from : words('log.unknownModel') })
      : words('log.letGo');
    return (
      <div>
        {tookBack}
        {what}
        {change.after && <p className={styles.words}>{translated(change.after.reason)}</p>}
        <span>{change.by}</span>
      </div>
    );
  }
  if (change.kind === 'name') {
    const said = ({ tag, remarks }: typeof change.after): string => [tag, remarks].filter(Boolean).join(', ');
    return (
      <div>
        {tookBack}
        {words('log.fromTo', {
          field: words('log.named'),
          before: said(change.before),
          after: said(change.after),
        })}
        <span>{change.by}</span>
      </div>
    );
  }
  if (change.kind === 'hook-up')
    return (
      <div>
        {tookBack}
        {words('log.hookUp')}
        <span>{change.by}</span>
      </div>
    );
  if (change.kind === 'place' || change.kind === 'photo')
    return (
      <div>
        {tookBack}
        {words(change.kind === 'photo' ? 'log.photo' : change.after ? 'log.placed' : 'log.unplaced')}
        <span>{change.by}</span>
      </div>
    );
  if (change.kind === 'wets' || change.kind === 'station' || change.kind === 'owner-page')
    return (
      <div>
        {tookBack}
        {change.kind === 'wets'
          ? words(change.after.wets === null ? 'log.wetsUnknown' : 'log.wets', {
              what: change.after.wets === null ? '' : translated(WETS_WORDS[change.after.wets]),
            })
          : change.kind === 'station'
            ? words(change.after.deviceId === null ? 'log.stationBare' : 'log.station')
            : words(`log.ownerPage.${change.after.page}`)}
        <span>{change.by}</span>
      </div>
    );
  const { before, after } = change;
  return (
    <div>
      {tookBack}
      {words('log.changedDuty')}
      <ul>
        {factsApart(before, after).map((fact) => (
          <li key={fact}>
            {words('log.fromTo', {
              field: factName(fact),
              before: factWords(before, fact, figures),
              after: factWords(after, fact, figures),
            })}
          </li>
        ))}
      </ul>
      <span>{change.by}</span>
    </div>
  );
}

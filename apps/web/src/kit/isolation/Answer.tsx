import type { LineView } from '@grevik/contracts';
import {
  type IsolationAnswer,
  type WalkItem,
  MEDIUM_FACTS,
  VALVE_TYPE_FACTS,
  conditionAt,
  inWalkOrder,
  typeFound,
} from '@grevik/core';
import { dateWords } from '../when';
import { useFigures } from '../useFigures';
import { translated, useWords } from '../../words';
import styles from './Answer.module.css';
import { itemWords } from './item-words';
import type { Walked } from './useWalk';

/** What to close, in words: where it is, what it was last known to do, what goes dry, and what would make it less. */
export function Answer({ line, walk, answer }: { line: LineView; walk: Walked; answer: IsolationAnswer }) {
  const figures = useFigures();
  const words = useWords();
  const tagOf = (id: string): string => walk.positionOf(walk.itemOf.get(id))?.tag ?? words('walk.valve');
  const { first, drainBack, impossible, outOfService, staysOn, alreadyDry, drainM3, notUsed, better } =
    answer;
  const inOrder = (ids: readonly string[]): string[] => inWalkOrder(ids, walk.items);
  const people = (ids: readonly string[]): string => fed(inOrder(ids), walk, figures, words);
  const whyNotUsed = new Map(notUsed.map(({ valveId, why }) => [valveId, why]));
  const family = MEDIUM_FACTS[line.medium].family;
  const goesWithout =
    family === 'gas' ? 'walk.goesOut' : family === 'steam' ? 'walk.goesCold' : 'walk.goesDry';
  return (
    <section className={styles.answer} aria-live="polite">
      <h3>
        {impossible
          ? words(`walk.impossible.${family === 'gas' ? 'gas' : family === 'steam' ? 'steam' : 'water'}`)
          : first.length === 0
            ? words('walk.nothingToClose')
            : words('walk.close', { tags: inOrder(first).map(tagOf).join(words('walk.and')) })}
      </h3>
      {first.length > 0 && (
        <ul>
          {inOrder(first).map((id) => (
            <li key={id}>
              <CloseThis item={walk.itemOf.get(id)} walk={walk} named={first.length > 1} />
            </li>
          ))}
        </ul>
      )}
      {notUsed.length > 0 && (
        <p>
          {inOrder([...whyNotUsed.keys()])
            .map((id) => words(`walk.why.${whyNotUsed.get(id) as 'stuck-open'}`, { tag: tagOf(id) }))
            .join(' ')}
        </p>
      )}
      <p>
        {outOfService.length > 0
          ? words(goesWithout, { what: people(outOfService) })
          : words('walk.nobodyDry')}{' '}
        {staysOn.length > 0 && words('walk.staysOn', { what: people(staysOn) })}{' '}
        {alreadyDry.length > 0 && words('walk.alreadyDry', { what: people(alreadyDry) })}{' '}
        {drainM3 > 0 &&
          family !== 'gas' &&
          family !== 'steam' &&
          words('walk.toDrain', { volume: figures.volume(drainM3) })}
      </p>
      {drainBack.length > 0 && family !== 'gas' && family !== 'steam' && (
        <p>{words('walk.drainBack', { tags: inOrder(drainBack).map(tagOf).join(', ') })}</p>
      )}
      {better && (
        <p className={styles.better}>
          {words('walk.better', {
            tag: tagOf(better.valveId),
            close: inOrder(better.first).map(tagOf).join(words('walk.and')),
          })}{' '}
          {better.outOfService.length > 0
            ? words(goesWithout, { what: people(better.outOfService) })
            : words('walk.nobodyDry')}
        </p>
      )}
      <p className={styles.caution}>{translated(MEDIUM_FACTS[line.medium].caution)}</p>
    </section>
  );
}

/** One valve to close: where it is, what it is, how it was last. */
function CloseThis({ item, walk, named }: { item: WalkItem | undefined; walk: Walked; named: boolean }) {
  const words = useWords();
  const position = walk.positionOf(item);
  if (!item || !position) return null;
  const condition = conditionAt(item, position.condition);
  const type = typeFound(condition);
  const facts = [
    position.remarks,
    type && translated(VALVE_TYPE_FACTS[type].words),
    condition.turns === undefined ? '' : words('walk.turns', { count: condition.turns }),
    condition.turnedAt === undefined
      ? words('walk.neverTurned')
      : words('walk.lastTurned', { date: dateWords(condition.turnedAt) }),
    condition.holding === 'tight' ? words('walk.heldTight') : '',
  ].filter(Boolean);
  return (
    <>
      {named && <b>{position.tag} </b>}
      {facts.join(', ')}
    </>
  );
}

/** Fixtures by the place they are in, each place once. */
function fed(
  ids: readonly string[],
  walk: Walked,
  figures: ReturnType<typeof useFigures>,
  words: ReturnType<typeof useWords>,
): string {
  const places = new Set(
    ids.flatMap((id) => {
      const item = walk.itemOf.get(id);
      return item ? [item.name ?? itemWords(item, undefined, figures, words).name.toLowerCase()] : [];
    }),
  );
  const all = [...places];
  const most = 7;
  return all.length <= most
    ? all.join(', ')
    : words('walk.placesMore', { places: all.slice(0, most).join(', '), count: all.length - most });
}

import { type Compared, modelWords } from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { useVerdictWords } from '../../../kit/useVerdictWords';
import type { ModelView } from '@grevik/contracts';
import { useWords } from '../../../words';
import styles from './ComparePage.module.css';

/** What sets each apart from the first, in a sentence a foreman can say. */
export function Summary({
  compared,
  soFar,
  alike,
  money,
}: {
  compared: readonly Compared<ModelView>[];
  /** Models whose verdict an open question could change. */
  soFar: ReadonlySet<string>;
  alike: number;
  money: (amount: number) => string;
}) {
  const figures = useFigures();
  const words = useWords();
  const verdictWords = useVerdictWords();
  const [first, ...others] = compared;
  if (!first) return null;
  const say = ({ costsMore, losesMorePa, lastsLonger, firstToGo }: Compared): string =>
    [
      costsMore === 0
        ? words('compare.costsSame')
        : words(costsMore > 0 ? 'compare.costsMore' : 'compare.costsLess', {
            money: money(Math.abs(costsMore)),
            count: alike,
          }),
      losesMorePa === undefined || Math.abs(losesMorePa) < LEAST_TOLD_PA
        ? undefined
        : words(losesMorePa > 0 ? 'compare.losesMore' : 'compare.saves', {
            pressure: figures.loss(Math.abs(losesMorePa)),
          }),
      Math.abs(lastsLonger) < 1
        ? undefined
        : words(lastsLonger > 0 ? 'compare.lastsLonger' : 'compare.lastsShorter', {
            years: Math.round(Math.abs(lastsLonger)),
          }),
      words('compare.firstToGo', { part: `${firstToGo.charAt(0).toLowerCase()}${firstToGo.slice(1, -1)}` }),
    ]
      .filter(Boolean)
      .join('; ');
  return (
    <ul className={styles.summary} aria-label={words('compare.inWords')}>
      <li>
        <b>{modelWords(first.column.model).from}</b>{' '}
        {words('compare.first', {
          verdict: verdictWords(first.column.verdict, soFar.has(first.column.model.id)),
          part: `${first.firstToGo.charAt(0).toLowerCase()}${first.firstToGo.slice(1, -1)}`,
        })}
      </li>
      {others.map((one) => (
        <li key={modelWords(one.column.model).from}>
          <b>{modelWords(one.column.model).from}</b> {say(one)}.
        </li>
      ))}
    </ul>
  );
}

/** Less than this nobody argues about. */
const LEAST_TOLD_PA = 500;

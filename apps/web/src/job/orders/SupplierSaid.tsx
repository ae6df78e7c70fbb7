import type { JobWalkView, OrderLineView } from '@grevik/contracts';
import { type ComparedAnswer, type HouseRuleSettings, judgeSubstitute } from '@grevik/core';
import { VerdictMark } from '../../kit/VerdictMark';
import { translated, useWords } from '../../words';
import styles from './Orders.module.css';
import type { Till } from '../../kit/money';

interface SaidProps {
  answer: ComparedAnswer;
  held: OrderLineView;
  walk: JobWalkView;
  settings: HouseRuleSettings;
  till: Till;
  isCheapest: boolean;
}

/** What one supplier says to one line; of a substitute what it changes, and where it changes the verdict. */
export function SupplierSaid({
  answer: { kind, said, unitPrice, amount },
  held,
  walk,
  settings,
  till,
  isCheapest,
}: SaidProps) {
  const words = useWords();
  if (kind === 'silent') return <>{words('quotation.silent')}</>;
  if (kind === 'question')
    return (
      <p className={styles.question}>{words('quotation.question', { question: said?.question ?? '' })}</p>
    );
  const price = unitPrice !== undefined && (
    <p>
      <b>{amount !== undefined && till.say(amount)}</b>{' '}
      {words('quotation.at', {
        each: till.say(unitPrice),
        days: words('quotation.days', { count: said?.leadDays ?? 0 }),
      })}{' '}
      {isCheapest && <em>{words('quotation.cheapest')}</em>}
    </p>
  );
  if (kind === 'not-carried') return <p>{said?.why ?? words('quotation.notCarried')}</p>;
  if (kind === 'priced') return price;
  return (
    <>
      {price}
      <p className={styles.instead}>
        {words('quotation.instead', { text: said?.instead ?? '' })} <i>{said?.why}</i>
      </p>
      <Substitute instead={said?.instead ?? ''} held={held} walk={walk} settings={settings} />
    </>
  );
}

function Substitute({
  instead,
  held,
  walk,
  settings,
}: Pick<SaidProps, 'held' | 'walk' | 'settings'> & { instead: string }) {
  const words = useWords();
  if (!held.spec) return null;
  const spec = held.spec;
  const at = walk.lines.flatMap(({ medium, positions }) =>
    positions
      .filter(({ id }) => held.positions.some((one) => one.id === id))
      .map(({ tag, duty }) => ({
        tag,
        judged: judgeSubstitute(spec, instead, { ...duty, medium }, settings),
      })),
  );
  const plain = judgeSubstitute(spec, instead);
  // One position stands for those it goes the same way at: first where the verdict falls, else where something new speaks against it.
  const told = at.find(({ judged }) => judged.worse) ?? at.find(({ judged }) => judged.reasons.length > 0);
  const fields = (of: readonly string[]): string =>
    of.map((field) => words(`specFields.${field as 'type'}`).toLowerCase()).join(', ');
  return (
    <>
      {told?.judged.ordered && told.judged.offered && (
        <p>
          <VerdictMark verdict={told.judged.offered} />{' '}
          {told.judged.worse
            ? words('quotation.worse', {
                tag: told.tag,
                before: words(`verdicts.${told.judged.ordered}`),
                after: words(`verdicts.${told.judged.offered}`),
              })
            : words('quotation.speaks', { tag: told.tag })}
          {told.judged.reasons.slice(0, 2).map(({ rule, text }) => (
            <i key={rule}>{translated(text)}</i>
          ))}
        </p>
      )}
      <p className={styles.soft}>
        {[
          plain.differs.length > 0 && words('quotation.differs', { fields: fields(plain.differs) }),
          plain.open.length > 0 && words('quotation.open', { fields: fields(plain.open) }),
        ]
          .filter(Boolean)
          .join('; ')}
      </p>
    </>
  );
}

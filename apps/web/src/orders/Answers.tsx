import type { JobWalkView, OrderLineView, OrdersView, QuotationView } from '@grevik/contracts';
import {
  type ComparedAnswer,
  type HouseSides,
  compareAnswers,
  decimalSum,
  judgeSubstitute,
  substituteLine,
} from '@grevik/core';
import { Button, LinearProgress } from '@mui/material';
import { useSnackbar } from 'notistack';
import { VerdictMark } from '../kit/VerdictMark';
import { whenWords } from '../kit/when';
import { failureText } from '../store/failure';
import { useAskPricesMutation, usePlaceOrderLinesMutation } from '../store/orders-api';
import { useMay } from '../store/people-api';
import { useWords } from '../words';
import styles from './Orders.module.css';

interface AnswersProps {
  jobId: string;
  orders: OrdersView;
  /** Lines that can still be placed. */
  drafts: readonly OrderLineView[];
  walk: JobWalkView;
  sides: HouseSides;
  money: (amount: number) => string;
}

/** What suppliers were asked and said: how far each is, and their answers side by side, line by line. */
export function Answers({ jobId, orders, drafts, walk, sides, money }: AnswersProps) {
  const [place, { isLoading }] = usePlaceOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const may = useMay('order');
  const words = useWords();
  const open = new Set(drafts.map(({ id }) => id));
  const latest = latestBySupplier(orders.quotations).filter(({ lines }) => lines.some((id) => open.has(id)));
  if (latest.length === 0) return null;
  const answers = latest.flatMap(({ answer }) => (answer ? [answer] : []));
  const asked = drafts.filter(({ id }) => latest.some(({ lines }) => lines.includes(id)));
  const compared = compareAnswers(asked, answers);
  const lineOf = new Map(asked.map((line) => [line.id, line]));

  const take = async (supplier: string, ids: readonly string[]): Promise<void> => {
    const lines = compared.flatMap(({ line, answers: said }) => {
      const answer = said.find((one) => one.supplier === supplier);
      const held = lineOf.get(line);
      if (!held || answer?.unitPrice === undefined || !ids.includes(line)) return [];
      return [
        {
          id: line,
          version: held.version,
          unitPrice: answer.unitPrice,
          ...(answer.said?.leadDays !== undefined && { leadDays: answer.said.leadDays }),
          ...(answer.said?.instead !== undefined && substituteLine(answer.said.instead)),
        },
      ];
    });
    try {
      await place({ jobId, supplier, lines }).unwrap();
      enqueueSnackbar(words('quotation.taken', { count: lines.length, supplier }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };

  return (
    <section className={styles.answers} aria-label={words('quotation.compare')}>
      <h2>{words('quotation.compare')}</h2>
      <ul className={styles.asked}>
        {latest.map((quotation) => (
          <Asked key={quotation.id} jobId={jobId} quotation={quotation} open={open} />
        ))}
      </ul>
      {answers.length > 0 && (
        <div className={styles.scroll}>
          <table>
            <thead>
              <tr>
                <th data-number>{words('orders.pieces')}</th>
                <th>{words('orders.what_')}</th>
                {answers.map(({ supplier }) => (
                  <th key={supplier}>{supplier}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              {compared.map(({ line, answers: said, cheapest }) => {
                const held = lineOf.get(line);
                if (!held) return null;
                return (
                  <tr key={line}>
                    <td data-number>{held.quantity}</td>
                    <td>
                      {held.text}
                      <i>{held.positions.map(({ tag }) => tag).join(' ')}</i>
                    </td>
                    {said.map((answer) => (
                      <td key={answer.supplier} data-cheapest={answer.supplier === cheapest || undefined}>
                        <Said
                          {...{ answer, held, walk, sides, money }}
                          isCheapest={answer.supplier === cheapest && said.length > 1}
                        />
                        {may && answer.unitPrice !== undefined && (
                          <Button
                            size="small"
                            disabled={isLoading}
                            className="no-print"
                            aria-label={words('quotation.takeOf', {
                              supplier: answer.supplier,
                              text: held.text,
                            })}
                            onClick={() => void take(answer.supplier, [line])}
                          >
                            {words('quotation.take')}
                          </Button>
                        )}
                      </td>
                    ))}
                  </tr>
                );
              })}
              <tr className={styles.sum}>
                <td />
                <td />
                {answers.map(({ supplier }) => {
                  const its = compared.flatMap(({ line, answers: said }) => {
                    const amount = said.find((one) => one.supplier === supplier)?.amount;
                    return amount === undefined ? [] : [{ line, amount }];
                  });
                  return (
                    <td key={supplier}>
                      <b>
                        {its.length > 0 &&
                          words('quotation.all', {
                            amount: money(decimalSum(its.map(({ amount }) => amount))),
                            count: its.length,
                            of: compared.length,
                          })}
                      </b>
                      {may && its.length > 0 && (
                        <Button
                          size="small"
                          variant="outlined"
                          disabled={isLoading}
                          className="no-print"
                          onClick={() =>
                            void take(
                              supplier,
                              its.map(({ line }) => line),
                            )
                          }
                        >
                          {words('quotation.takeAll', { supplier })}
                        </Button>
                      )}
                    </td>
                  );
                })}
              </tr>
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

/** The last that was asked of each; an answer that is there stays until the next one is. */
function latestBySupplier(quotations: readonly QuotationView[]): QuotationView[] {
  const latest = new Map<string, QuotationView>();
  for (const quotation of quotations)
    if (!latest.has(quotation.supplier)) latest.set(quotation.supplier, quotation);
  return [...latest.values()].sort((a, b) => (a.supplier < b.supplier ? -1 : 1));
}

interface AskedProps {
  jobId: string;
  quotation: QuotationView;
  open: ReadonlySet<string>;
}

function Asked({
  jobId,
  quotation: { supplier, state, askedAt, askedBy, answer, problem, lines },
  open,
}: AskedProps) {
  const [ask, { isLoading }] = useAskPricesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const again = (): void => {
    ask({ jobId, ids: lines.filter((id) => open.has(id)), suppliers: [supplier] })
      .unwrap()
      .catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
  };
  return (
    <li data-state={state}>
      <b>{supplier}</b>{' '}
      {state === 'asked' && (
        <>
          {words('quotation.asked', { when: whenWords(askedAt), by: askedBy })}
          <LinearProgress aria-label={supplier} />
        </>
      )}
      {state === 'answered' && words('quotation.answered', { count: answer?.lines.length ?? 0 })}
      {state === 'failed' && (
        <>
          {words('quotation.failed', { problem: problem ?? '' })}{' '}
          <Button size="small" variant="outlined" disabled={isLoading} onClick={again}>
            {words('quotation.again')}
          </Button>
        </>
      )}
    </li>
  );
}

interface SaidProps {
  answer: ComparedAnswer;
  held: OrderLineView;
  walk: JobWalkView;
  sides: HouseSides;
  money: (amount: number) => string;
  isCheapest: boolean;
}

/** What one supplier says to one line; of a substitute what it changes, and where it changes the verdict. */
function Said({
  answer: { kind, said, unitPrice, amount },
  held,
  walk,
  sides,
  money,
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
      <b>{amount !== undefined && money(amount)}</b>{' '}
      {words('quotation.at', {
        each: money(unitPrice),
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
      <Substitute instead={said?.instead ?? ''} held={held} walk={walk} sides={sides} />
    </>
  );
}

function Substitute({
  instead,
  held,
  walk,
  sides,
}: Pick<SaidProps, 'held' | 'walk' | 'sides'> & { instead: string }) {
  const words = useWords();
  if (!held.spec) return null;
  const spec = held.spec;
  const at = walk.lines.flatMap(({ medium, positions }) =>
    positions
      .filter(({ id }) => held.positions.some((one) => one.id === id))
      .map(({ tag, duty }) => ({ tag, judged: judgeSubstitute(spec, instead, { ...duty, medium }, sides) })),
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
            <i key={rule}>{text}</i>
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

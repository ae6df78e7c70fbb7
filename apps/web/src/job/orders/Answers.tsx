import type { JobWalkView, OrderLineView, OrdersView, QuotationView } from '@grevik/contracts';
import { type HouseRuleSettings, compareAnswers, decimalSum, substituteLine } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../../store/failure';
import { usePlaceOrderLinesMutation } from '../../store/orders-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { Asked } from './Asked';
import styles from './Orders.module.css';
import type { Till } from '../../kit/money';
import { SupplierSaid } from './SupplierSaid';

interface AnswersProps {
  jobId: string;
  orders: OrdersView;
  /** Lines that can still be placed. */
  drafts: readonly OrderLineView[];
  walk: JobWalkView;
  settings: HouseRuleSettings;
  till: Till;
}

/** What suppliers were asked and said: how far each is, and their answers side by side, line by line. */
export function Answers({ jobId, orders, drafts, walk, settings, till }: AnswersProps) {
  const [place, { isLoading }] = usePlaceOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const may = useMay('order');
  const words = useWords();
  const open = new Set(drafts.map(({ id }) => id));
  const latest = latestBySupplier(orders.quotations).filter(({ lines }) => lines.some((id) => open.has(id)));
  if (latest.length === 0) return null;
  const answers = latest.flatMap(({ answer }) => (answer ? [answer] : []));
  const asked = drafts.filter(({ id }) => latest.some(({ lines }) => lines.includes(id)));
  const compared = compareAnswers(asked, answers, till.places);
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
                        <SupplierSaid
                          {...{ answer, held, walk, settings, till }}
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
                            amount: till.say(decimalSum(its.map(({ amount }) => amount))),
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

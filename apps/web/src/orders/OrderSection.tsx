import type { OrderLineView, OrderView } from '@grevik/contracts';
import { familyWords, isUnderWay, lineAmount, nextStates, sheetAmount } from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { failureText } from '../store/failure';
import {
  useAddOrderLinesMutation,
  useRemoveOrderLinesMutation,
  useSetOrderStateMutation,
} from '../store/orders-api';
import { useMay } from '../store/people-api';
import { useWords } from '../words';
import { LineDialog } from './LineDialog';
import styles from './Orders.module.css';
import { ReceiveDialog } from './ReceiveDialog';

/** More than a person reads in one go. */
const SHOWN_AT_FIRST = 150;

interface OrderSectionProps {
  jobId: string;
  order: OrderView;
  marked: ReadonlySet<string>;
  mark: (ids: readonly string[], isMarked: boolean) => void;
  money: (amount: number) => string;
}

/** One supplier's order, or what waits for a price: its lines by family, its state, and what to do next. */
export function OrderSection({ jobId, order, marked, mark, money }: OrderSectionProps) {
  const [isWhole, setWhole] = useState(false);
  const [open, setOpen] = useState<{ line: OrderLineView; to: 'change' | 'receive' }>();
  const [setState, { isLoading }] = useSetOrderStateMutation();
  const [remove] = useRemoveOrderLinesMutation();
  const [add] = useAddOrderLinesMutation();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const mayOrder = useMay('order');
  const mayReceive = useMay('receive');
  const words = useWords();
  const { supplier, state, lines } = order;
  const name = supplier ?? words('orders.waiting');
  const isDraft = state === 'draft';
  const ofMarked = lines.filter(({ id }) => marked.has(id));
  const { amount, unpriced } = sheetAmount(lines.map(priced));
  const shown = isWhole ? lines : lines.slice(0, SHOWN_AT_FIRST);
  const families = [...new Set(shown.map(({ spec }) => familyWords(spec ?? undefined)))].sort();
  const trouble = (error: unknown): void => void enqueueSnackbar(failureText(error), { variant: 'error' });

  const make = async (next: OrderView['state']): Promise<void> => {
    try {
      await setState({ jobId, id: order.id, version: order.version, state: next }).unwrap();
      enqueueSnackbar(words('orders.made', { supplier: name, state: words(`orders.states.${next}`) }));
    } catch (error) {
      trouble(error);
    }
  };
  const takeOff = async (): Promise<void> => {
    const gone = ofMarked;
    try {
      await remove({ jobId, ids: gone.map(({ id }) => id) }).unwrap();
    } catch (error) {
      return trouble(error);
    }
    mark(
      gone.map(({ id }) => id),
      false,
    );
    const again = gone.map(({ text, spec, quantity, positions, note }) => ({
      id: crypto.randomUUID(),
      text,
      ...(spec && { spec }),
      quantity,
      positions: positions.map(({ id }) => id),
      note,
    }));
    enqueueSnackbar(words('orders.removed', { count: gone.length }), {
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            add({ jobId, lines: again }).unwrap().catch(trouble);
          }}
        >
          {words('app.undo')}
        </Button>
      ),
    });
  };

  return (
    <section className={styles.order} aria-label={name} data-underway={isUnderWay(state) || undefined}>
      <header>
        <h2>
          {name} {supplier !== null && <span data-state={state}>{words(`orders.states.${state}`)}</span>}
        </h2>
        <div className={`${styles.acts} no-print`}>
          {mayOrder && isDraft && ofMarked.length > 0 && (
            <Button size="small" onClick={() => void takeOff()}>
              {words('orders.remove', { count: ofMarked.length })}
            </Button>
          )}
          {mayOrder &&
            supplier !== null &&
            nextStates(state).map((next) => (
              <Button
                key={next}
                size="small"
                variant={next === 'draft' ? 'text' : 'outlined'}
                disabled={isLoading}
                onClick={() => void make(next)}
              >
                {state === 'confirmed' ? words('orders.unconfirm') : words(`orders.make.${next as 'sent'}`)}
              </Button>
            ))}
        </div>
      </header>
      <div className={styles.scroll}>
        <table>
          <thead>
            <tr>
              {isDraft && mayOrder && (
                <th>
                  <Checkbox
                    size="small"
                    checked={ofMarked.length === lines.length}
                    indeterminate={ofMarked.length > 0 && ofMarked.length < lines.length}
                    onChange={({ target }) =>
                      mark(
                        lines.map(({ id }) => id),
                        target.checked,
                      )
                    }
                    slotProps={{ input: { 'aria-label': words('orders.allOf', { supplier: name }) } }}
                  />
                </th>
              )}
              <th data-number>{words('orders.pieces')}</th>
              <th>{words('orders.what_')}</th>
              <th>{words('orders.for')}</th>
              <th data-number>{words('orders.each')}</th>
              <th data-number>{words('orders.amount')}</th>
              <th data-number>{words('orders.lead')}</th>
              {!isDraft && <th data-number>{words('orders.received')}</th>}
            </tr>
          </thead>
          {families.map((family) => (
            <tbody key={family}>
              <tr className={styles.family}>
                <th colSpan={8} scope="rowgroup">
                  {family}
                </th>
              </tr>
              {shown
                .filter(({ spec }) => familyWords(spec ?? undefined) === family)
                .map((line) => (
                  <tr key={line.id}>
                    {isDraft && mayOrder && (
                      <td>
                        <Checkbox
                          size="small"
                          checked={marked.has(line.id)}
                          onChange={({ target }) => mark([line.id], target.checked)}
                          slotProps={{ input: { 'aria-label': words('orders.line', { text: line.text }) } }}
                        />
                      </td>
                    )}
                    <td data-number data-label={words('orders.pieces')}>
                      {line.quantity}
                    </td>
                    <td>
                      {isDraft && mayOrder ? (
                        <button
                          type="button"
                          className={styles.text}
                          onClick={() => setOpen({ line, to: 'change' })}
                        >
                          {line.text}
                        </button>
                      ) : (
                        line.text
                      )}
                      {line.note !== '' && <i>{line.note}</i>}
                    </td>
                    <td data-label={line.positions.length > 0 ? words('orders.for') : undefined}>
                      {line.positions.map(({ tag }) => tag).join(' ')}
                    </td>
                    <td data-number data-label={words('orders.each')}>
                      {line.unitPrice === null ? '–' : money(line.unitPrice)}
                    </td>
                    <td data-number data-label={words('orders.amount')}>
                      {amountOf(line, money)}
                    </td>
                    <td data-number data-label={words('orders.lead')}>
                      {line.leadDays ?? '–'}
                    </td>
                    {!isDraft && (
                      <td data-number data-label={words('orders.received')}>
                        {words('orders.ofQuantity', { received: line.received, quantity: line.quantity })}{' '}
                        {mayReceive && isUnderWay(state) && line.received < line.quantity && (
                          <Button
                            size="small"
                            variant="outlined"
                            className="no-print"
                            aria-label={words('receiving.receiveOf', { text: line.text })}
                            onClick={() => setOpen({ line, to: 'receive' })}
                          >
                            {words('receiving.receive')}
                          </Button>
                        )}
                      </td>
                    )}
                  </tr>
                ))}
            </tbody>
          ))}
        </table>
      </div>
      <footer>
        {shown.length < lines.length && (
          <Button size="small" onClick={() => setWhole(true)}>
            {words('orders.showAll', { count: lines.length })}
          </Button>
        )}
        {supplier !== null && (
          <span>
            <b>{money(amount)}</b> {unpriced > 0 && words('orders.unpriced', { count: unpriced })}
          </span>
        )}
      </footer>
      {open?.to === 'change' && (
        <LineDialog key={open.line.id} jobId={jobId} line={open.line} close={() => setOpen(undefined)} />
      )}
      {open?.to === 'receive' && (
        <ReceiveDialog
          jobId={jobId}
          line={lines.find(({ id }) => id === open.line.id) ?? open.line}
          close={() => setOpen(undefined)}
        />
      )}
    </section>
  );
}

const priced = ({ quantity, unitPrice }: OrderLineView): { quantity: number; unitPrice?: number } => ({
  quantity,
  ...(unitPrice !== null && { unitPrice }),
});

function amountOf(line: OrderLineView, money: (amount: number) => string): string {
  const amount = lineAmount(priced(line));
  return amount === undefined ? '–' : money(amount);
}

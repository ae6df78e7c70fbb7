import type { OrderLineView, OrderView } from '@grevik/contracts';
import { isUnderWay, nextStates } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { failureText } from '../../store/failure';
import {
  useAddOrderLinesMutation,
  useRemoveOrderLinesMutation,
  useSetOrderStateMutation,
} from '../../store/orders-api';
import { useSayWithUndo } from '../../kit/useSayWithUndo';
import { useMay } from '../../store/people-api';
import { newId } from '../../store/new-id';
import { useWords } from '../../words';
import { LineDialog } from './LineDialog';
import styles from './Orders.module.css';
import type { Till } from '../../kit/money';
import { OrderTable } from './OrderTable';
import { ReceiveDialog } from './ReceiveDialog';

/** More than a person reads in one go. */
const SHOWN_AT_FIRST = 150;

interface OrderSectionProps {
  jobId: string;
  order: OrderView;
  marked: ReadonlySet<string>;
  mark: (ids: readonly string[], isMarked: boolean) => void;
  till: Till;
}

/** One supplier's order, or what waits for a price: its lines by family, its state, and what to do next. */
export function OrderSection({ jobId, order, marked, mark, till }: OrderSectionProps) {
  const [isWhole, setWhole] = useState(false);
  const [open, setOpen] = useState<{ line: OrderLineView; to: 'change' | 'receive' }>();
  const [setState, { isLoading }] = useSetOrderStateMutation();
  const [remove] = useRemoveOrderLinesMutation();
  const [add] = useAddOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const sayWithUndo = useSayWithUndo();
  const mayOrder = useMay('order');
  const words = useWords();
  const { supplier, state, lines } = order;
  const name = supplier ?? words('orders.waiting');
  const isDraft = state === 'draft';
  const ofMarked = lines.filter(({ id }) => marked.has(id));
  const { amount, unpriced } = till.total(lines);
  const shown = isWhole ? lines : lines.slice(0, SHOWN_AT_FIRST);
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
      id: newId(),
      text,
      ...(spec && { spec }),
      quantity,
      positions: positions.map(({ id }) => id),
      note,
    }));
    sayWithUndo(words('orders.removed', { count: gone.length }), () => {
      add({ jobId, lines: again }).unwrap().catch(trouble);
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
      <OrderTable
        lines={shown}
        {...{ state, marked, mark, till }}
        name={name}
        all={lines}
        open={(line, to) => setOpen({ line, to })}
      />
      <footer>
        {shown.length < lines.length && (
          <Button size="small" onClick={() => setWhole(true)}>
            {words('orders.showAll', { count: lines.length })}
          </Button>
        )}
        {supplier !== null && (
          <span>
            <b>{till.say(amount)}</b> {unpriced > 0 && words('orders.unpriced', { count: unpriced })}
          </span>
        )}
      </footer>
      {open?.to === 'change' && (
        <LineDialog key={open.line.id} jobId={jobId} line={open.line} close={() => setOpen(undefined)} />
      )}
      {open?.to === 'receive' && (
        <ReceiveDialog
          line={lines.find(({ id }) => id === open.line.id) ?? open.line}
          close={() => setOpen(undefined)}
        />
      )}
    </section>
  );
}

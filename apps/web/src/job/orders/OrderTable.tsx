import type { OrderLineView, OrderView } from '@grevik/contracts';
import { familyWords, isUnderWay } from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { usePages } from '../../kit/pages/usePages';
import styles from './Orders.module.css';
import type { Till } from '../../kit/money';

interface OrderTableProps {
  name: string;
  state: OrderView['state'];
  /** Those that are shown, and all of the order's. */
  lines: readonly OrderLineView[];
  all: readonly OrderLineView[];
  marked: ReadonlySet<string>;
  mark: (ids: readonly string[], isMarked: boolean) => void;
  till: Till;
  open: (line: OrderLineView, to: 'change' | 'receive') => void;
}

/** An order's lines by family, with the positions they are for. */
export function OrderTable({ name, state, lines, all, marked, mark, till, open }: OrderTableProps) {
  const mayOrder = useMay('order');
  const mayReceive = useMay('receive');
  const words = useWords();
  const isDraft = state === 'draft';
  const ofMarked = all.filter(({ id }) => marked.has(id));
  const { shown, more } = usePages(
    [...lines].sort((one, other) => familyOf(one).localeCompare(familyOf(other), 'en')),
  );
  const families = [...new Set(shown.map(familyOf))];
  return (
    <div className={styles.scroll}>
      <table>
        <thead>
          <tr>
            {isDraft && mayOrder && (
              <th>
                <Checkbox
                  size="small"
                  checked={ofMarked.length === all.length}
                  indeterminate={ofMarked.length > 0 && ofMarked.length < all.length}
                  onChange={({ target }) =>
                    mark(
                      all.map(({ id }) => id),
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
                {translated(family)}
              </th>
            </tr>
            {shown
              .filter((line) => familyOf(line) === family)
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
                      <button type="button" className={styles.text} onClick={() => open(line, 'change')}>
                        <span lang="en">{line.text}</span>
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
                    {line.unitPrice === null ? '–' : till.say(line.unitPrice)}
                  </td>
                  <td data-number data-label={words('orders.amount')}>
                    {amountOf(line, till)}
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
                          onClick={() => open(line, 'receive')}
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
      {more}
    </div>
  );
}

const familyOf = ({ spec }: OrderLineView): string => familyWords(spec ?? undefined);

function amountOf(line: OrderLineView, till: Till): string {
  const amount = till.amount(line);
  return amount === undefined ? '–' : till.say(amount);
}

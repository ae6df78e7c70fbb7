import type { PositionView } from '@grevik/contracts';
import { useOrdersQuery } from '../../store/orders-api';
import { useWords } from '../../words';
import styles from './Order.module.css';

/** What is on order for a position already, and how far it is. */
export function OnOrder({ jobId, position }: { jobId: string; position: PositionView }) {
  const { data } = useOrdersQuery(jobId);
  const words = useWords();
  const lines = (data?.orders ?? []).flatMap(({ state, supplier, lines: all }) =>
    all
      .filter(({ positions }) => positions.some(({ id }) => id === position.id))
      .map((line) => ({ ...line, state, supplier })),
  );
  const { tag } = position;
  return (
    <section aria-label={words('order.there', { tag })}>
      <h2>{words('order.there', { tag })}</h2>
      {data && lines.length === 0 && <p>{words('order.nowhere', { tag })}</p>}
      <ul className={styles.there}>
        {lines.map(({ id, quantity, text, state, supplier, received }) => (
          <li key={id}>
            <b>{quantity}</b> <span lang="en">{text}</span>
            <span>
              {supplier ?? words('orders.waiting')}
              {supplier !== null && `, ${words(`orders.states.${state}`)}`}
              {received > 0 && `, ${words('orders.ofQuantity', { received, quantity })}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

import type { OwnerPageListing } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { dateWords } from '../../kit/when';
import { useNow } from '../../kit/useNow';
import { failureText } from '../../store/failure';
import { useOwnerPagesQuery, useWithdrawOwnerPageMutation } from '../../store/owner-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './OwnerOffer.module.css';

/** Pages made for this position: whether they can still be opened, and what was decided. */
export function PagesBefore({ positionId }: { positionId: string }) {
  const words = useWords();
  const nowMs = useNow();
  const mayWithdraw = useMay('order');
  const { data: pages = [] } = useOwnerPagesQuery(positionId);
  const [withdraw, { error, isLoading }] = useWithdrawOwnerPageMutation();
  if (pages.length === 0) return null;
  const stateOf = ({ withdrawnAt, expiresAt }: OwnerPageListing): 'open' | 'withdrawn' | 'over' =>
    withdrawnAt !== null ? 'withdrawn' : Date.parse(expiresAt) <= nowMs ? 'over' : 'open';
  return (
    <section aria-labelledby="pages-before">
      <h2 id="pages-before">{words('owner.before')}</h2>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      <ul className={styles.before}>
        {pages.map((page) => {
          const state = stateOf(page);
          return (
            <li key={page.id}>
              {words('owner.madeOn', {
                date: dateWords(page.madeAt),
                name: page.madeBy,
                tags: page.tags.join(', '),
              })}{' '}
              · {words(`owner.state.${state}`, { date: dateWords(page.withdrawnAt ?? page.expiresAt) })}{' '}
              {state === 'open' && mayWithdraw && (
                <Button size="small" disabled={isLoading} onClick={() => void withdraw(page.id)}>
                  {words('owner.withdraw')}
                </Button>
              )}
              {page.answers.map(({ positionId: of, option, name, at, trouble }) => (
                <p key={of}>
                  {words(option < 0 ? 'owner.answeredNo' : 'owner.answeredYes', {
                    name,
                    number: option + 1,
                    date: dateWords(at),
                  })}
                  {trouble !== null && ` ${words('owner.trouble', { trouble })}`}
                </p>
              ))}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

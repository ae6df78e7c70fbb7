import type { JobWalkView, ModelView, OrdersView } from '@grevik/contracts';
import { type HouseRuleSettings } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { rulesOnJob } from '../../kit/company-rules';
import { useCatalogueQuery, useCompanyQuery, useJobQuery } from '../../store/api';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useAddOrderLinesMutation, useOrdersQuery } from '../../store/orders-api';
import { useMay } from '../../store/people-api';
import { useJobWalkQuery } from '../../store/walk-api';
import { useWords } from '../../words';
import { Answers } from './Answers';
import { RequestQuotes } from './RequestQuotes';
import { ImportPartsList } from './ImportPartsList';
import { ImportOrderSheet } from './ImportOrderSheet';
import { OrderSection } from './OrderSection';
import styles from './Orders.module.css';
import { tillIn } from '../../kit/money';
import { picksToOrder } from './picks-to-order';

/** The order sheet of a job: what waits for a price, what suppliers say to it, what is on order and what has come. */
export function OrdersPage() {
  const { jobId = '' } = useParams();
  const orders = useOrdersQuery(jobId);
  const walk = useJobWalkQuery(jobId);
  const job = useJobQuery(jobId);
  const catalogue = useCatalogueQuery();
  const company = useCompanyQuery();
  const words = useWords();
  const failed = [orders, walk, job, catalogue, company].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!orders.data || !walk.data || !job.data || !catalogue.data || !company.data)
    return <Loading what={words('orders.what')} />;
  return (
    <Sheet
      jobId={jobId}
      orders={orders.data}
      walk={walk.data}
      models={catalogue.data}
      settings={rulesOnJob(company.data, job.data)}
    />
  );
}

interface SheetProps {
  jobId: string;
  orders: OrdersView;
  walk: JobWalkView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
}

function Sheet({ jobId, orders, walk, models, settings }: SheetProps) {
  const [marked, setMarked] = useState<ReadonlySet<string>>(new Set());
  const [bringing, setBringing] = useState<'list' | 'sheet'>();
  const [add, { isLoading }] = useAddOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const may = useMay('order');
  const words = useWords();
  const till = useMemo(() => tillIn(orders.currency), [orders.currency]);
  const ids = useDraftIds(`picks ${jobId}`);
  const picks = useMemo(() => picksToOrder(walk, models, orders, ids), [walk, models, orders, ids]);
  const count = picks.reduce((sum, { quantity }) => sum + quantity, 0);
  const all = orders.orders.flatMap(({ lines }) => lines);
  const waiting = orders.orders.find(({ supplier }) => supplier === null);
  const drafts = orders.orders.filter(({ state }) => state === 'draft').flatMap(({ lines }) => lines);
  const markedLines = drafts.filter(({ id }) => marked.has(id));
  const { amount, unpriced } = till.total(all);
  const putPicks = async (): Promise<void> => {
    try {
      await add({ jobId, lines: picks }).unwrap();
      ids.answered();
      enqueueSnackbar(words('orders.picksDone', { count: picks.length }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  const mark = (ids: readonly string[], isMarked: boolean): void => {
    const next = new Set(marked);
    for (const id of ids)
      if (isMarked) next.add(id);
      else next.delete(id);
    setMarked(next);
  };
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('orders.title', { job: orders.job })}</h1>
        <div className={`${styles.acts} no-print`}>
          {may && count > 0 && (
            <Button size="small" variant="contained" disabled={isLoading} onClick={() => void putPicks()}>
              {words('orders.picks', { count })}
            </Button>
          )}
          {may && (
            <Button size="small" variant="outlined" onClick={() => setBringing('list')}>
              {words('orders.list')}
            </Button>
          )}
          {all.length > 0 && (
            <span role="group" aria-label={words('orders.sheet')}>
              {(['xlsx', 'csv', 'pdf'] as const).map((kind) => (
                <Button
                  key={kind}
                  size="small"
                  component="a"
                  href={`/api/jobs/${jobId}/orders/sheet.${kind}`}
                  download
                >
                  {words(`orders.${kind}`)}
                </Button>
              ))}
            </span>
          )}
          {may && all.length > 0 && (
            <Button size="small" onClick={() => setBringing('sheet')}>
              {words('orders.bring')}
            </Button>
          )}
        </div>
      </header>
      {all.length === 0 && (
        <div role="status" className={styles.empty}>
          <h2>{words('orders.empty')}</h2>
          <p>{words('orders.emptyBody')}</p>
        </div>
      )}
      {waiting && <OrderSection {...{ jobId, order: waiting, marked, mark, till }} />}
      {may && markedLines.length > 0 && <RequestQuotes jobId={jobId} lines={markedLines} />}
      <Answers {...{ jobId, orders, drafts, walk, settings, till }} />
      {orders.orders
        .filter(({ supplier }) => supplier !== null)
        .map((order) => (
          <OrderSection key={order.id} {...{ jobId, order, marked, mark, till }} />
        ))}
      {all.length > 0 && (
        <p className={styles.total}>
          <b>{words('orders.total', { amount: till.say(amount) })}</b>
          {unpriced > 0 && ` ${words('orders.unpriced', { count: unpriced })}`}
          <span>{words('orders.rounding', { currency: orders.currency })}</span>
        </p>
      )}
      {bringing === 'list' && <ImportPartsList jobId={jobId} close={() => setBringing(undefined)} />}
      {bringing === 'sheet' && (
        <ImportOrderSheet jobId={jobId} orders={orders} close={() => setBringing(undefined)} />
      )}
    </div>
  );
}

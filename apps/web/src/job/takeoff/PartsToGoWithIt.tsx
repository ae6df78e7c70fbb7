import type { ModelView } from '@grevik/contracts';
import { type StopKind, decimalCeiling, modelWords, orderLine, specOfModel } from '@grevik/core';
import { Button } from '@mui/material';
import { useSnackbar } from 'notistack';
import { Link } from 'react-router';
import { tillIn } from '../../kit/money';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useAddOrderLinesMutation } from '../../store/orders-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { CountField } from './CountField';
import styles from './Takeoff.module.css';
import type { TakeoffCase } from './useTakeoffCase';

/** Of so many stops a tenth may want a handle, a nut or a washer before the job is done. */
const USUAL_SHARE = 0.1;
const MOST = 100_000;

interface PartsProps {
  jobId: string;
  kind: StopKind;
  model: ModelView;
  dn: number;
  quantity: number;
  unit: number;
  currency: string;
  of: TakeoffCase;
}

/** What rides along with a way of equipping the job: its spares and kits with how many, the whole in money, and onto the order. */
export function PartsToGoWithIt({ jobId, kind, model, dn, quantity, unit, of, currency }: PartsProps) {
  const [add, { isLoading }] = useAddOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const may = useMay('order');
  const words = useWords();
  const name = modelWords(model).from;
  const along = (model.spares ?? []).map((spare, at) => ({
    ...spare,
    count: of.along(kind, model.id, at) ?? decimalCeiling(USUAL_SHARE, quantity),
  }));
  const ids = useDraftIds(`takeoff ${jobId} ${kind} ${model.id} ${dn}`);
  const till = tillIn(currency);
  const { amount } = till.total([
    { quantity, unitPrice: unit },
    ...along.map(({ count, price }) => ({ quantity: count, unitPrice: price })),
  ]);
  const put = async (): Promise<void> => {
    const size = model.sizes.find((one) => one.dn === dn) ?? { dn };
    const spec = specOfModel(model, size, { medium: 'potable-cold' });
    const lines = [
      { id: ids.of(`${quantity} valves`), text: orderLine(spec).text, spec, quantity },
      ...along
        .filter(({ count }) => count > 0)
        .map((spare) => ({
          id: ids.of(`${spare.count} ${spare.name}`),
          text: `${spare.name} for ${name}`,
          quantity: spare.count,
        })),
    ];
    try {
      await add({ jobId, lines }).unwrap();
      ids.answered();
      enqueueSnackbar(words('takeoff.onOrder', { count: lines.length, name }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return (
    <section className={styles.along} aria-label={words('takeoff.with', { name })}>
      <h3>{words('takeoff.with', { name })}</h3>
      {along.length === 0 && <p>{words('takeoff.nothingAlong')}</p>}
      {along.map(({ name: spare, price, count }, at) => (
        <label key={spare}>
          <CountField
            label={`${spare}, ${name}`}
            value={count}
            most={MOST}
            set={(next) => of.setAlong(kind, model.id, at, next)}
          />{' '}
          {spare} <span>{till.say(till.amount({ quantity: count, unitPrice: price }) ?? 0)}</span>
        </label>
      ))}
      <p>
        <b>{words('takeoff.whole', { amount: till.say(amount) })}</b>{' '}
        {may && (
          <Button
            size="small"
            variant="outlined"
            className="no-print"
            disabled={isLoading || quantity === 0}
            aria-label={words('takeoff.putOf', { name })}
            onClick={() => void put()}
          >
            {words('order.put')}
          </Button>
        )}{' '}
        <Link className="no-print" to={`/jobs/${jobId}/orders`}>
          {words('order.toOrders')}
        </Link>
      </p>
    </section>
  );
}

import { type ValveSpec, orderLine, specOfModel } from '@grevik/core';
import { Button, Checkbox, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { Link } from 'react-router';
import { Notice } from '../../kit/Notice';
import { StepHead } from '../../kit/StepHead';
import { VerdictMark } from '../../kit/VerdictMark';
import { useFigures } from '../../kit/useFigures';
import { useHookUp } from '../../shell/useHookUp';
import { useAddOrderLinesMutation } from '../../store/orders-api';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import { OnOrder } from './OnOrder';
import styles from './Order.module.css';
import { SpecFields } from '../../kit/spec-fields/SpecFields';
import { goingAlong } from './accessories';

/** A position's own order line: said in full from its pick, a field at a time, with what goes along; put on the job's order. */
export function OrderPage() {
  const { line, position, duty, picked, joined, choices } = useHookUp();
  const words = useWords();
  const { tag } = position;
  if (!picked?.size)
    return (
      <Notice
        title={words('hookUp.noPick', { tag })}
        action={
          <Button
            variant="contained"
            component={Link}
            to={`/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(tag)}`}
          >
            {words('hookUp.toLineUp')}
          </Button>
        }
      >
        <p>{words(picked ? 'hookUp.gone' : 'hookUp.noPickBody')}</p>
      </Notice>
    );
  const said = specOfModel(picked.model, picked.size, duty, choices.accessories);
  return (
    <Line key={`${position.id} ${picked.model.id}`} of={{ line, position, picked, joined }} said={said} />
  );
}

type OfPosition = Pick<ReturnType<typeof useHookUp>, 'line' | 'position' | 'joined'> & {
  picked: NonNullable<ReturnType<typeof useHookUp>['picked']>;
};

function Line({ of: { line, position, picked, joined }, said }: { of: OfPosition; said: ValveSpec }) {
  const [edited, setEdited] = useState<ValveSpec>();
  const [quantity, setQuantity] = useState(1);
  const [note, setNote] = useState('');
  const [left, setLeft] = useState<readonly string[]>([]);
  const [add, { isLoading }] = useAddOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const figures = useFigures();
  const may = useMay('order');
  const words = useWords();
  const ids = useDraftIds(`order ${position.id}`);
  const spec = edited ?? said;
  const { text, short, missing } = orderLine(spec);
  const along = goingAlong(joined, picked.model, figures.system);
  const isTaken = (key: string, group: string): boolean => (group === 'kit') !== left.includes(key);
  const put = async (): Promise<void> => {
    const beside = along.filter(({ key, group }) => isTaken(key, group));
    const lines = [
      { text, spec, quantity, note },
      ...beside.map((one) => ({ text: one.text, quantity: one.quantity * quantity, note: '' })),
    ].map((one) => ({
      ...one,
      id: ids.of(`${one.quantity} ${one.text} ${one.note}`),
      positions: [position.id],
    }));
    try {
      await add({ jobId: line.jobId, lines }).unwrap();
      ids.answered();
      enqueueSnackbar(words('order.putDone', { tag: position.tag, count: lines.length }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return (
    <div className={styles.page}>
      <StepHead position={position} title={words('order.title')}>
        <Button size="small" variant="outlined" component={Link} to={`/jobs/${line.jobId}/orders`}>
          {words('order.toOrders')}
        </Button>
      </StepHead>
      <section className={styles.live} aria-label={words('order.live')}>
        <p className={styles.text} aria-live="polite" lang="en">
          {text}
        </p>
        {translated(text) !== text && <p className={styles.place}>{translated(text)}</p>}
        <p>
          <VerdictMark
            verdict={missing.length === 0 ? 'fits' : 'care'}
            word={
              missing.length === 0 ? words('order.complete') : words('order.open', { count: missing.length })
            }
          />{' '}
          <span className={styles.place}>
            {short !== text && words('order.short', { short: translated(short) })}{' '}
            {missing.length > 0 && words('order.unfinished')}
          </span>
        </p>
      </section>
      <div className={styles.work}>
        <section aria-label={words('order.fields')}>
          <h2>
            {words('order.fields')}{' '}
            {edited && (
              <Button size="small" onClick={() => setEdited(undefined)}>
                {words('order.fromPick')}
              </Button>
            )}
          </h2>
          <SpecFields spec={spec} change={setEdited} />
        </section>
        <div className={styles.side}>
          <section aria-label={words('order.along')}>
            <h2>{words('order.along')}</h2>
            {along.length === 0 && <p>{words('order.noAlong')}</p>}
            {along.map(({ key, group, text: item, quantity: each }) => (
              <label key={key} className={styles.along}>
                <Checkbox
                  size="small"
                  checked={isTaken(key, group)}
                  onChange={() =>
                    setLeft(left.includes(key) ? left.filter((one) => one !== key) : [...left, key])
                  }
                />
                <span>
                  <b>{each * quantity}</b> <span lang="en">{item}</span>
                  <i> {words(`order.${group}`)}</i>
                </span>
              </label>
            ))}
          </section>
          {may && (
            <div className={styles.put}>
              <TextField
                size="small"
                type="number"
                label={words('order.pieces')}
                value={quantity}
                onChange={({ target }) => {
                  const pieces = Math.round(Number(target.value));
                  if (pieces >= 1 && pieces <= 1_000_000) setQuantity(pieces);
                }}
                slotProps={{ htmlInput: { min: 1 } }}
              />
              <TextField
                size="small"
                label={words('order.note')}
                value={note}
                onChange={({ target }) => setNote(target.value)}
                slotProps={{ htmlInput: { maxLength: 500 } }}
              />
              <Button variant="contained" disabled={isLoading} onClick={() => void put()}>
                {words('order.put')}
              </Button>
            </div>
          )}
          <OnOrder jobId={line.jobId} position={position} />
        </div>
      </div>
    </div>
  );
}

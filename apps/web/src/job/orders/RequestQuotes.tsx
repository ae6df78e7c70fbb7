import { DESK_FAULTS, type DeskFault, type OrderLineView } from '@grevik/contracts';
import { Button, Checkbox } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useAskPricesMutation, useSuppliersQuery } from '../../store/orders-api';
import { useWords } from '../../words';
import styles from './Orders.module.css';

const DELAYS_S = [0, 2, 5, 10];

/** Sends the marked lines to suppliers; how hard their simulated desk makes it is chosen here too. */
export function RequestQuotes({ jobId, lines }: { jobId: string; lines: readonly OrderLineView[] }) {
  const { data: suppliers = [] } = useSuppliersQuery();
  const [chosen, setChosen] = useState<readonly string[]>();
  const [delayS, setDelayS] = useState(0);
  const [fault, setFault] = useState<DeskFault>('none');
  const [ask, { isLoading }] = useAskPricesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const ids = useDraftIds(`quotes ${jobId}`);
  // Two unless told otherwise: one answer says little.
  const asked = chosen ?? suppliers.slice(0, 2).map(({ id }) => id);
  const send = async (): Promise<void> => {
    try {
      await ask({
        jobId,
        id: ids.of(`${asked.join()} ${lines.map(({ id, version }) => `${id}${version}`).join()}`),
        ids: lines.map(({ id }) => id),
        suppliers: [...asked],
        ...((delayS > 0 || fault !== 'none') && { practice: { delayS, fault } }),
      }).unwrap();
      ids.answered();
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return (
    <section className={`${styles.ask} no-print`} aria-label={words('quotation.title')}>
      <h2>{words('quotation.title')}</h2>
      <p>{words('quotation.lead')}</p>
      <div className={styles.acts} role="group" aria-label={words('quotation.suppliers')}>
        {suppliers.map(({ id, words: said }) => (
          <label key={id}>
            <Checkbox
              size="small"
              checked={asked.includes(id)}
              onChange={() =>
                setChosen(asked.includes(id) ? asked.filter((one) => one !== id) : [...asked, id])
              }
            />
            <b>{id}</b> {said}
          </label>
        ))}
        <Button variant="contained" disabled={isLoading || asked.length === 0} onClick={() => void send()}>
          {words('quotation.ask', { count: lines.length })}
        </Button>
      </div>
      <details>
        <summary>{words('quotation.practice')}</summary>
        <label>
          {words('quotation.delay')}{' '}
          <select value={delayS} onChange={({ target }) => setDelayS(Number(target.value))}>
            {DELAYS_S.map((seconds) => (
              <option key={seconds} value={seconds}>
                {words('quotation.seconds', { seconds })}
              </option>
            ))}
          </select>
        </label>{' '}
        <label>
          {words('quotation.fault')}{' '}
          <select value={fault} onChange={({ target }) => setFault(target.value as DeskFault)}>
            {DESK_FAULTS.map((one) => (
              <option key={one} value={one}>
                {words(`quotation.faults.${one}`)}
              </option>
            ))}
          </select>
        </label>
      </details>
    </section>
  );
}

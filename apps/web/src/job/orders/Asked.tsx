import type { QuotationView } from '@grevik/contracts';
import { Button, LinearProgress } from '@mui/material';
import { useSnackbar } from 'notistack';
import { whenWords } from '../../kit/when';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useAskPricesMutation } from '../../store/orders-api';
import { translated, useWords } from '../../words';

interface AskedProps {
  jobId: string;
  quotation: QuotationView;
  open: ReadonlySet<string>;
}

/** How far a request to one supplier is; one that failed is sent again. */
export function Asked({
  jobId,
  quotation: { id, supplier, state, askedAt, askedBy, answer, problem, lines },
  open,
}: AskedProps) {
  const [ask, { isLoading }] = useAskPricesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const ids = useDraftIds(`quotes again ${id}`);
  const words = useWords();
  const again = (): void => {
    ask({ jobId, id: ids.of(id), ids: lines.filter((line) => open.has(line)), suppliers: [supplier] })
      .unwrap()
      .then(() => ids.answered())
      .catch((error: unknown) => enqueueSnackbar(failureText(error), { variant: 'error' }));
  };
  return (
    <li data-state={state}>
      <b>{supplier}</b>{' '}
      {state === 'asked' && (
        <>
          {words('quotation.asked', { when: whenWords(askedAt), by: askedBy })}
          <LinearProgress aria-label={supplier} />
        </>
      )}
      {state === 'answered' && words('quotation.answered', { count: answer?.lines.length ?? 0 })}
      {state === 'failed' && (
        <>
          {words('quotation.failed', { problem: translated(problem ?? '') })}{' '}
          <Button size="small" variant="outlined" disabled={isLoading} onClick={again}>
            {words('quotation.again')}
          </Button>
        </>
      )}
    </li>
  );
}

import { useSnackbar } from 'notistack';
import { useJobNamesQuery } from '../../store/api';
import { useDraftIds } from '../../store/draft-ids';
import { failureText } from '../../store/failure';
import { useAddOrderLinesMutation } from '../../store/orders-api';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import type { CounterLine } from './parts-list-line';

/** Puts what was read on a job's order, as it is said back. */
export function ToJob({ lines }: { lines: readonly CounterLine[] }) {
  const { data: jobs = [] } = useJobNamesQuery();
  const [add, { isLoading }] = useAddOrderLinesMutation();
  const { enqueueSnackbar } = useSnackbar();
  const ids = useDraftIds('counter');
  const may = useMay('order');
  const words = useWords();
  if (!may || jobs.length === 0) return null;
  const put = async (jobId: string): Promise<void> => {
    try {
      await add({
        jobId,
        lines: lines.map(({ quantity, said, reading: { spec, text } }, at) => ({
          id: ids.of(`${jobId} ${at} ${quantity} ${said}`),
          text: text === '' ? said : text,
          spec,
          quantity,
        })),
      }).unwrap();
      ids.answered();
      const job = jobs.find(({ id }) => id === jobId)?.name ?? '';
      enqueueSnackbar(words('counter.onOrder', { count: lines.length, job }));
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return (
    <select
      aria-label={words('counter.toJob')}
      value=""
      disabled={isLoading}
      onChange={({ target }) => void put(target.value)}
    >
      <option value="">{words('counter.toJob')}</option>
      {jobs.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}

import type { OrderSheetPreview, OrdersView } from '@grevik/contracts';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useSnackbar } from 'notistack';
import { failureText } from '../../store/failure';
import { usePreviewSheetMutation, useTakeSheetMutation } from '../../store/orders-api';
import { useWords } from '../../words';
import styles from './Orders.module.css';

interface BringSheetProps {
  jobId: string;
  orders: OrdersView;
  close: () => void;
}

/** An order sheet that comes back: what changed in it is shown, and taken whole or not at all. */
export function ImportOrderSheet({ jobId, orders, close }: BringSheetProps) {
  const [preview, { data, error, isLoading: isReading }] = usePreviewSheetMutation();
  const [take, { isLoading }] = useTakeSheetMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const lineOf = new Map(orders.orders.flatMap(({ lines }) => lines.map((line) => [line.id, line] as const)));
  const save = async ({ changes }: OrderSheetPreview): Promise<void> => {
    try {
      await take({
        jobId,
        changes: changes.map((change) => ({ ...change, version: lineOf.get(change.id)?.version ?? 0 })),
      }).unwrap();
      enqueueSnackbar(words('orderSheet.taken'));
      close();
    } catch (refused) {
      enqueueSnackbar(failureText(refused), { variant: 'error' });
    }
  };
  return (
    <Dialog open fullWidth maxWidth="md" onClose={close} aria-labelledby="sheet-title">
      <DialogTitle id="sheet-title">{words('orderSheet.title')}</DialogTitle>
      <DialogContent className={styles.dialog}>
        {error !== undefined && <p role="alert">{failureText(error)}</p>}
        {data && (
          <>
            <h3 aria-live="polite">
              {data.changes.length === 0
                ? words('orderSheet.none')
                : words('orderSheet.changes', { count: data.changes.length })}
            </h3>
            <ul className={styles.receipts}>
              {data.changes.map(({ id, quantity, text, note }) => {
                const before = lineOf.get(id);
                return (
                  <li key={id}>
                    <b>{before?.text}</b>
                    {quantity !== undefined && (
                      <p>
                        {words('orderSheet.quantity', { before: before?.quantity ?? 0, after: quantity })}
                      </p>
                    )}
                    {text !== undefined && <p>{words('orderSheet.text', { after: text })}</p>}
                    {note !== undefined && <p>{words('orderSheet.note', { after: note })}</p>}
                  </li>
                );
              })}
            </ul>
            {data.problems.length > 0 && (
              <div role="alert">
                <h3>{words('orderSheet.problems', { count: data.problems.length })}</h3>
                {data.problems.map(({ row, column, message }) => (
                  <p key={`${row} ${column}`}>{words('orderSheet.problem', { row, column, message })}</p>
                ))}
              </div>
            )}
            {data.absent.length > 0 && <p>{words('orderSheet.absent', { count: data.absent.length })}</p>}
          </>
        )}
      </DialogContent>
      <DialogActions className={styles.large}>
        <Button component="label" variant={data ? 'text' : 'contained'} disabled={isReading}>
          {words('orders.bring')}
          <input
            hidden
            type="file"
            accept=".xlsx"
            onChange={({ target }) => {
              const file = target.files?.[0];
              target.value = '';
              if (file) void preview({ jobId, file });
            }}
          />
        </Button>
        <Button onClick={close}>{words('receiving.cancel')}</Button>
        {data && data.changes.length > 0 && (
          <Button variant="contained" disabled={isLoading} onClick={() => void save(data)}>
            {words('orderSheet.take', { count: data.changes.length })}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

import type { OrderLineView } from '@grevik/contracts';
import { type ValveSpec, orderLine, valveSaid } from '@grevik/core';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { VerdictMark } from '../../kit/VerdictMark';
import { SpecFields } from '../../kit/spec-fields/SpecFields';
import { failureText } from '../../store/failure';
import { useChangeOrderLineMutation } from '../../store/orders-api';
import { useWords } from '../../words';
import styles from './Orders.module.css';

interface LineDialogProps {
  jobId: string;
  line: OrderLineView;
  close: () => void;
}

/** A line that has not been sent: written anew, or a field at a time; what one says the other follows. */
export function LineDialog({ jobId, line, close }: LineDialogProps) {
  const [text, setText] = useState(line.text);
  const [spec, setSpec] = useState<ValveSpec | undefined>(line.spec ?? undefined);
  const [quantity, setQuantity] = useState(String(line.quantity));
  const [note, setNote] = useState(line.note);
  const [change, { isLoading }] = useChangeOrderLineMutation();
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const missing = spec ? orderLine(spec).missing : [];
  const pieces = Number(quantity);
  const isGood = Number.isInteger(pieces) && pieces >= 1 && pieces <= 1_000_000 && text.trim() !== '';
  const write = (said: string): void => {
    setText(said);
    setSpec(valveSaid(said));
  };
  const choose = (next: ValveSpec): void => {
    setSpec(next);
    setText(orderLine(next).text);
  };
  const save = async (): Promise<void> => {
    const { id, version } = line;
    try {
      await change({ jobId, id, version, text, ...(spec && { spec }), quantity: pieces, note }).unwrap();
      enqueueSnackbar(words('orders.changed'));
      close();
    } catch (error) {
      enqueueSnackbar(failureText(error), { variant: 'error' });
    }
  };
  return (
    <Dialog open fullWidth maxWidth="md" onClose={close} aria-labelledby="line-title">
      <DialogTitle id="line-title">{words('orders.lineTitle')}</DialogTitle>
      <DialogContent className={styles.dialog}>
        <TextField
          multiline
          fullWidth
          label={words('orders.what_')}
          value={text}
          onChange={({ target }) => write(target.value)}
          slotProps={{ htmlInput: { maxLength: 1000 } }}
        />
        {spec && (
          <VerdictMark
            verdict={missing.length === 0 ? 'fits' : 'care'}
            word={
              missing.length === 0 ? words('order.complete') : words('order.open', { count: missing.length })
            }
          />
        )}
        <div className={styles.pair}>
          <TextField
            type="number"
            size="small"
            label={words('orders.pieces')}
            value={quantity}
            error={!(pieces >= 1)}
            onChange={({ target }) => setQuantity(target.value)}
          />
          <TextField
            size="small"
            label={words('order.note')}
            value={note}
            onChange={({ target }) => setNote(target.value)}
            slotProps={{ htmlInput: { maxLength: 500 } }}
          />
        </div>
        {spec && <SpecFields spec={spec} change={choose} />}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>{words('receiving.cancel')}</Button>
        <Button variant="contained" disabled={!isGood || isLoading} onClick={() => void save()}>
          {words('orders.save')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

import type { OrderLineView } from '@grevik/contracts';
import { type CastingCheck, castingAgainstOrder } from '@grevik/core';
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  TextField,
  useMediaQuery,
} from '@mui/material';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { VerdictMark } from '../../kit/VerdictMark';
import { useFigures } from '../../kit/useFigures';
import { whenWords } from '../../kit/when';
import { newId } from '../../store/new-id';
import { useOutbox } from '../../store/useOutbox';
import { useWords } from '../../words';
import styles from './Orders.module.css';

interface ReceiveDialogProps {
  line: OrderLineView;
  close: () => void;
}

/** At the tailgate: how many came and what is cast on them, held against the line; each difference is named before it stays. */
export function ReceiveDialog({ line, close }: ReceiveDialogProps) {
  const left = line.quantity - line.received;
  const [quantity, setQuantity] = useState(String(left));
  const [casting, setCasting] = useState('');
  const [note, setNote] = useState('');
  const outbox = useOutbox();
  const [isBusy, setBusy] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const isPhone = useMediaQuery('(max-width: 700px)');
  const figures = useFigures();
  const words = useWords();
  const pieces = Number(quantity);
  const isGood = Number.isInteger(pieces) && pieces >= 1 && pieces <= left;
  const check =
    line.spec && casting.trim() !== '' ? castingAgainstOrder(line.spec, casting, figures.system) : undefined;
  const differs = (check?.differences.length ?? 0) > 0;
  const send = async (accepted: boolean): Promise<void> => {
    setBusy(true);
    const sent = await outbox({
      title: words('receiving.receipt', { line: line.text }),
      path: `order-lines/${line.id}/receipts`,
      body: { id: newId(), quantity: pieces, casting, accepted, note },
    });
    setBusy(false);
    if (sent.kind === 'refused') return void enqueueSnackbar(sent.refusal, { variant: 'error' });
    const said = accepted ? 'receiving.done' : 'receiving.returned';
    enqueueSnackbar(words(sent.kind === 'waits' ? 'receiving.waits' : said, { count: pieces }));
    close();
  };
  return (
    <Dialog open fullWidth fullScreen={isPhone} maxWidth="sm" onClose={close} aria-labelledby="receive-title">
      <DialogTitle id="receive-title">{words('receiving.title')}</DialogTitle>
      <DialogContent className={styles.dialog}>
        <p className={styles.ordered}>
          <b>{line.text}</b>
          <span>
            {line.positions.map(({ tag }) => tag).join(' ')} ·{' '}
            {words('receiving.stillToCome', { left, quantity: line.quantity })}
          </span>
        </p>
        <TextField
          type="number"
          label={words('receiving.pieces')}
          value={quantity}
          error={!isGood}
          onChange={({ target }) => setQuantity(target.value)}
          slotProps={{ htmlInput: { min: 1, max: left, inputMode: 'numeric' } }}
        />
        <TextField
          autoFocus
          label={words('receiving.casting')}
          helperText={words('receiving.castingHelp')}
          value={casting}
          onChange={({ target }) => setCasting(target.value)}
          slotProps={{ htmlInput: { maxLength: 500, autoCapitalize: 'characters' } }}
        />
        {check && <Check check={check} />}
        <TextField
          label={words('receiving.note')}
          value={note}
          onChange={({ target }) => setNote(target.value)}
          slotProps={{ htmlInput: { maxLength: 500 } }}
        />
        {line.receipts.length > 0 && (
          <ul className={styles.receipts}>
            {line.receipts.map(({ id: key, quantity: came, at, by, accepted, note: said, casting: cast }) => (
              <li key={key}>
                {words('receiving.log', { when: whenWords(at), quantity: came, by })}
                {!accepted && `, ${words('receiving.wentBack')}`}
                {[cast, said].filter(Boolean).map((one) => ` · ${one}`)}
              </li>
            ))}
          </ul>
        )}
      </DialogContent>
      <DialogActions className={styles.large}>
        <Button onClick={close}>{words('receiving.cancel')}</Button>
        <Button
          variant={differs ? 'contained' : 'text'}
          disabled={!isGood || isBusy}
          onClick={() => void send(false)}
        >
          {words('receiving.back')}
        </Button>
        <Button
          variant={differs ? 'outlined' : 'contained'}
          disabled={!isGood || isBusy}
          onClick={() => void send(true)}
        >
          {words(differs ? 'receiving.keep' : 'receiving.take')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Check({ check: { differences, agree, unseen, unread } }: { check: CastingCheck }) {
  const words = useWords();
  const fields = (of: readonly string[]): string =>
    of.map((field) => words(`specFields.${field as 'type'}`)).join(', ');
  return (
    <div className={styles.check} aria-live="polite">
      {differences.map(({ field, ordered, found }) => (
        <p key={field}>
          <VerdictMark verdict="out" word={words('receiving.wrong')} />{' '}
          {words('receiving.differs', { field: words(`specFields.${field as 'type'}`), ordered, found })}
        </p>
      ))}
      {agree.length > 0 && (
        <p>
          <VerdictMark verdict="fits" word={words('receiving.same')} />{' '}
          {words('receiving.agrees', { fields: fields(agree).toLowerCase() })}
        </p>
      )}
      {unseen.length > 0 && (
        <p>
          <VerdictMark verdict="care" word={words('receiving.look')} />{' '}
          {words('receiving.unseen', { fields: fields(unseen).toLowerCase() })}
        </p>
      )}
      {unread.length > 0 && <p>{words('receiving.unread', { words: unread.join(' ') })}</p>}
    </div>
  );
}

import { MOST_ORDER_LINES } from '@grevik/contracts';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, LinearProgress } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useEffect, useRef } from 'react';
import { readTextFile } from '../../kit/read-text-file';
import { useWords } from '../../words';
import styles from './Orders.module.css';
import { useListImport } from './useListImport';

/** A long list brought onto the order, with its progress; cancelled without a trace. */
export function ImportPartsList({ jobId, close }: { jobId: string; close: () => void }) {
  const text = useRef<HTMLTextAreaElement>(null);
  const { state, read, put, cancel } = useListImport(jobId);
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  /** The same lines with the same ids, however often they are sent. */
  const ready = state.at === 'read' || state.at === 'trouble' ? state.read : undefined;
  const isBusy = state.at === 'reading' || state.at === 'adding';
  useEffect(() => {
    if (state.at !== 'added') return;
    enqueueSnackbar(words('orderList.added', { count: state.count }));
    close();
  }, [state, enqueueSnackbar, words, close]);
  const giveUp = (): void => {
    const hadBegun = isBusy;
    cancel();
    if (hadBegun) enqueueSnackbar(words('orderList.cancelled'));
    close();
  };
  return (
    <Dialog open fullWidth maxWidth="md" onClose={giveUp} aria-labelledby="list-title">
      <DialogTitle id="list-title">{words('orderList.title')}</DialogTitle>
      <DialogContent className={styles.dialog}>
        <p>{words('orderList.lead')}</p>
        {/* Kept by the browser: a list of megabytes is not laid out again with every step of its reading. */}
        <label className={styles.list}>
          {words('orderList.text')}
          <textarea ref={text} rows={10} spellCheck={false} disabled={isBusy} onChange={cancel} />
        </label>
        <div aria-live="polite">
          {state.at === 'reading' && (
            <>
              <p>{words('orderList.reading', { done: state.done, all: state.all })}</p>
              <LinearProgress
                variant="determinate"
                aria-label={words('orderList.title')}
                value={(state.done / state.all) * 100}
              />
            </>
          )}
          {state.at === 'adding' && (
            <>
              <p>{words('orderList.adding', { count: state.count })}</p>
              <LinearProgress aria-label={words('orderList.title')} />
            </>
          )}
          {state.at === 'read' && (
            <p>
              {state.read.lines.length === 0
                ? words('orderList.none')
                : words('orderList.found', {
                    count: state.read.lines.length,
                    open: state.read.open,
                    passed: state.read.passed,
                  })}
            </p>
          )}
          {state.at === 'trouble' && (
            <p role="alert">
              {state.tooMany === undefined
                ? state.message
                : words('orderList.tooMany', { count: state.tooMany, most: MOST_ORDER_LINES })}
            </p>
          )}
        </div>
      </DialogContent>
      <DialogActions className={styles.large}>
        <Button component="label" disabled={isBusy}>
          {words('orderList.file')}
          <input
            hidden
            type="file"
            accept=".txt,.csv,.eml,text/plain"
            onChange={({ target }) => {
              const file = target.files?.[0];
              target.value = '';
              if (file)
                void readTextFile(file).then((read) => {
                  if (text.current) text.current.value = read;
                  cancel();
                });
            }}
          />
        </Button>
        <Button onClick={giveUp}>{words('orderList.cancel')}</Button>
        {ready && ready.lines.length > 0 ? (
          <Button variant="contained" onClick={() => void put(ready)}>
            {words('orderList.add', { count: ready.lines.length })}
          </Button>
        ) : (
          <Button variant="contained" disabled={isBusy} onClick={() => void read(text.current?.value ?? '')}>
            {words('orderList.read')}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

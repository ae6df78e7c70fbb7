import { readOrderList } from '@grevik/core';
import { Button, TextField } from '@mui/material';
import { useSnackbar } from 'notistack';
import { useDeferredValue, useMemo, useState } from 'react';
import { saveCsv } from '../../kit/figure/save-file';
import { useWords } from '../../words';
import { readTextFile } from '../../kit/read-text-file';
import styles from './PartsListPage.module.css';
import { PartsListRow } from './PartsListRow';
import { ToJob } from './ToJob';
import { type LineEdits, withEdits } from './parts-list-line';

/** A list of so many valves is a job's; more is brought where orders are stored. */
const MOST_LINES = 2000;

/** A list as it was scribbled, read valve by valve and said back in full. */
export function PartsListPage() {
  const words = useWords();
  const { enqueueSnackbar } = useSnackbar();
  const [text, setText] = useState('');
  /** By the line as it was written, so that correcting another line keeps what was chosen here. */
  const [edits, setEdits] = useState<Readonly<Record<string, LineEdits>>>({});
  const read = useDeferredValue(text);
  const list = useMemo(() => readOrderList(read.split('\n').slice(0, MOST_LINES).join('\n')), [read]);
  const isCut = read.split('\n').length > MOST_LINES;
  const lines = useMemo(
    () => list.lines.map((line) => withEdits(line, edits[keyOf(line)])),
    [list.lines, edits],
  );
  const complete = lines.filter(({ reading }) => reading.missing.length === 0).length;

  const takeFile = async (file: File | undefined): Promise<void> => {
    if (file) setText(await readTextFile(file));
  };
  const takeCsv = (): void => {
    const rows = lines.map(({ quantity, reading, said }) => [
      quantity,
      reading.text,
      reading.missing.map(({ field }) => words(`specFields.${field as 'type'}`)).join(', '),
      reading.unread.join(' '),
      said,
    ]);
    saveCsv('parts-list.csv', [
      ['quantity', 'order line', 'missing', 'not understood', 'as written'],
      ...rows,
    ]);
  };
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(
        lines.map(({ quantity, reading }) => `${quantity}  ${reading.text}`).join('\n'),
      );
      enqueueSnackbar(words('counter.copied'));
    } catch {
      enqueueSnackbar(words('counter.notCopied'), { variant: 'warning' });
    }
  };

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('counter.title')}</h1>
        <p>{words('counter.lead')}</p>
      </header>
      <section className={`${styles.paste} no-print`}>
        <TextField
          multiline
          fullWidth
          minRows={6}
          maxRows={18}
          label={words('counter.list')}
          placeholder={words('counter.example')}
          value={text}
          onChange={({ target }) => setText(target.value)}
          slotProps={{ htmlInput: { spellCheck: false, maxLength: 400_000 } }}
        />
        <div className={styles.acts}>
          <Button component="label" size="small" variant="outlined">
            {words('counter.file')}
            <input
              hidden
              type="file"
              accept=".txt,.csv,.eml,text/plain"
              onChange={({ target }) => {
                void takeFile(target.files?.[0]);
                target.value = '';
              }}
            />
          </Button>
          <Button
            size="small"
            disabled={text === ''}
            onClick={() => {
              setText('');
              setEdits({});
            }}
          >
            {words('counter.clear')}
          </Button>
        </div>
      </section>
      <section aria-label={words('counter.back')} className={styles.lines}>
        {lines.length === 0 ? (
          <p role="status">{words(read.trim() === '' ? 'counter.none' : 'counter.noLines')}</p>
        ) : (
          <>
            <header>
              <h2 aria-live="polite">{words('counter.summary', { complete, count: lines.length })}</h2>
              <span className={`${styles.acts} no-print`}>
                <Button size="small" variant="contained" onClick={() => void copy()}>
                  {words('counter.copy')}
                </Button>
                <Button size="small" variant="outlined" onClick={takeCsv}>
                  {words('counter.csv')}
                </Button>
                <ToJob lines={lines} />
              </span>
            </header>
            {isCut && <p role="alert">{words('counter.tooLong', { most: MOST_LINES })}</p>}
            <ol>
              {lines.map((line) => (
                <PartsListRow
                  key={`${line.line} ${line.said}`}
                  line={line}
                  edit={(next) => setEdits((before) => ({ ...before, [keyOf(line)]: next }))}
                />
              ))}
            </ol>
          </>
        )}
        {list.passed.length > 0 && (
          <details className={styles.passed}>
            <summary>{words('counter.passed', { count: list.passed.length })}</summary>
            {list.passed.map(({ line, said }) => (
              <p key={line}>
                {words('counter.ofLine', { line })}: {said}
              </p>
            ))}
          </details>
        )}
      </section>
    </div>
  );
}

const keyOf = ({ line, said }: { line: number; said: string }): string => `${line} ${said}`;

import { type OpenField, type ValveSpec, orderChoice } from '@grevik/core';
import { Button } from '@mui/material';
import { VerdictMark } from '../../kit/VerdictMark';
import { translated, useWords } from '../../words';
import styles from './PartsListPage.module.css';
import { EndsChoice } from './EndsChoice';
import type { Choice, CounterLine, LineEdits } from './parts-list-line';

interface CounterRowProps {
  line: CounterLine;
  edit: (edits: LineEdits) => void;
}

/** One valve: how many, said back in full, and what is missing with its choices. */
export function PartsListRow({ line, edit }: CounterRowProps) {
  const words = useWords();
  const { quantity, saysQuantity, said, reading, edits } = line;
  const { missing, unread, text } = reading;
  const isComplete = missing.length === 0;
  const choose = (choice: Choice): void => edit({ ...edits, choices: [...edits.choices, choice] });
  const fieldWords = (field: keyof ValveSpec): string => words(`specFields.${field as 'type'}`);
  const asksQuantity = !saysQuantity && edits.quantity === undefined;
  return (
    <li className={styles.line} data-complete={isComplete || undefined}>
      <label className={styles.quantity}>
        {words('counter.quantity')}
        <input
          type="number"
          min={1}
          max={1_000_000}
          value={quantity}
          aria-label={`${words('counter.quantity')}, ${words('counter.ofLine', { line: line.line })}`}
          onChange={({ target }) => {
            const pieces = Math.round(Number(target.value));
            if (pieces >= 1 && pieces <= 1_000_000) edit({ ...edits, quantity: pieces });
          }}
        />
      </label>
      <div className={styles.said}>
        <p className={styles.text} lang={text === '' ? undefined : 'en'}>
          {text === '' ? words('counter.nothingYet') : text}
        </p>
        {translated(text) !== text && <p>{translated(text)}</p>}
        <p className={styles.written}>{words('counter.saidAs', { said })}</p>
        {asksQuantity && <p className={styles.ask}>{words('counter.askQuantity')}</p>}
        {unread.length > 0 && (
          <Unread unread={unread} missing={missing.map(({ field }) => fieldWords(field))} />
        )}
      </div>
      <VerdictMark
        verdict={isComplete ? 'fits' : 'care'}
        word={isComplete ? words('counter.complete') : words('counter.open', { count: missing.length })}
      />
      {(!isComplete || edits.choices.length > 0) && (
        <div className={`${styles.missing} no-print`}>
          {missing.map((open) => (
            <Missing key={open.field} open={open} spec={reading.spec} line={line.line} choose={choose} />
          ))}
          {edits.choices.length > 0 && (
            <p className={styles.chosen}>
              {words('counter.chosen', { words: edits.choices.map((choice) => choice.words).join(', ') })}{' '}
              <Button size="small" onClick={() => edit({ ...edits, choices: edits.choices.slice(0, -1) })}>
                {words('counter.undo')}
              </Button>
            </p>
          )}
        </div>
      )}
    </li>
  );
}

/** What was not understood; “standard” is answered with what it leaves open. */
function Unread({ unread, missing }: { unread: readonly string[]; missing: readonly string[] }) {
  const words = useWords();
  const isStandard = unread.some((word) => /^(?:standard|std\.?|regular)$/i.test(word));
  return (
    <p className={styles.ask}>
      {words('counter.unread', { words: unread.join(' ') })}
      {isStandard &&
        missing.length > 0 &&
        ` ${words('counter.standard', { fields: missing.join(', ').toLowerCase() })}`}
    </p>
  );
}

interface MissingProps {
  open: OpenField;
  spec: ValveSpec;
  line: number;
  choose: (choice: Choice) => void;
}

/** A missing fact: why it matters, and what there is to choose. */
function Missing({ open: { field, why, choices }, spec, line, choose }: MissingProps) {
  const words = useWords();
  const name = words(`specFields.${field as 'type'}`);
  if (field === 'ends')
    return (
      <EndsChoice
        isStop={spec.family === 'stop'}
        why={translated(why)}
        line={line}
        take={(said) => choose({ field, words: said })}
      />
    );
  return (
    <label className={styles.field}>
      <b>{name}</b>
      <select
        value=""
        aria-label={`${name}, ${words('counter.ofLine', { line })}`}
        onChange={({ target }) =>
          target.value !== '' && choose({ field, words: orderChoice(field, target.value) })
        }
      >
        <option value="">{words('counter.choose')}</option>
        {choices.map((choice) => (
          <option key={choice} value={choice}>
            {translated(orderChoice(field, choice))}
          </option>
        ))}
      </select>
      <span>{translated(why)}</span>
    </label>
  );
}

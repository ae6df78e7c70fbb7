import { InvalidInput, type Reason, claimAndOptions } from '@grevik/core';
import { memo, use, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import { AnsweringContext, choicesFor } from './answers';
import { readQuantity } from '../../kit/read-quantity';
import styles from './Reasons.module.css';

interface ReasonsProps {
  reasons: readonly Reason[];
  /** Of which model they are said, where a question among them may be answered in place. */
  modelId?: string;
}

/** Reasons in sentences: the weightiest in full, the rest behind a line that counts them. */
export const Reasons = memo(function Reasons({ reasons, modelId }: ReasonsProps) {
  const [first, ...more] = reasons;
  const words = useWords();
  if (!first) return <p className={styles.nothing}>{words('lineUp.nothingAgainst')}</p>;
  const own = modelId === undefined ? {} : { modelId };
  return (
    <div className={styles.reasons}>
      <Sentence reason={first} {...own} />
      {more.length > 0 && (
        <details>
          <summary>{words('lineUp.moreReasons', { count: more.length })}</summary>
          {more.map((reason) => (
            <Sentence key={reason.rule} reason={reason} {...own} />
          ))}
        </details>
      )}
    </div>
  );
});

/** One reason, with what was measured against what limit, and every option of a house rule where one decided. */
function Sentence({
  reason: { rule, verdict, text, measured },
  modelId,
}: {
  reason: Reason;
  modelId?: string;
}) {
  const figures = useFigures();
  const words = useWords();
  const { claim, options } = claimAndOptions(text);
  return (
    <div className={styles[verdict]} data-rule={rule}>
      {figures.sentence(claim)}
      {measured && <b> {figures.measured(measured)}.</b>}
      {rule.startsWith(UNKNOWN) && modelId !== undefined && (
        <Answer field={rule.slice(UNKNOWN.length)} modelId={modelId} />
      )}
      {options && (
        <details>
          <summary>{words('lineUp.houseRule')}</summary>
          {translated(options)}
        </details>
      )}
    </div>
  );
}

const UNKNOWN = 'unknown-';

/** Takes the answer where the question stands: one of a few, or a bore as people type it. */
function Answer({ field, modelId }: { field: string; modelId: string }) {
  const answering = use(AnsweringContext);
  const figures = useFigures();
  const words = useWords();
  const choices = choicesFor(field, figures, words);
  if (!answering) return null;
  if (field === 'boreM') return <BoreAnswer answer={(boreM) => answering.answer(modelId, { boreM })} />;
  if (choices.length === 0) return null;
  return (
    <select
      className={styles.answer}
      aria-label={words('answers.label')}
      value=""
      onChange={({ target }) => {
        const choice = choices[Number(target.value)];
        if (choice) answering.answer(modelId, choice.fact);
      }}
    >
      <option value="">{words('answers.choose')}</option>
      {choices.map(({ say }, at) => (
        <option key={say} value={at}>
          {say}
        </option>
      ))}
    </select>
  );
}

function BoreAnswer({ answer }: { answer: (boreM: number) => void }) {
  const [trouble, setTrouble] = useState<string>();
  const words = useWords();
  const read = (typed: string): void => {
    if (typed.trim() === '') return;
    try {
      answer(readQuantity(typed, 'length'));
    } catch (error) {
      if (!(error instanceof InvalidInput)) throw error;
      setTrouble(translated(error.message));
    }
  };
  return (
    <>
      <input
        className={styles.answer}
        aria-label={words('answers.label')}
        placeholder={words('answers.bore')}
        autoComplete="off"
        onBlur={({ target }) => read(target.value)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') read(event.currentTarget.value);
        }}
      />
      {trouble !== undefined && <span role="alert">{trouble}</span>}
    </>
  );
}

import type { LineView, PositionView } from '@grevik/contracts';
import {
  type FactOrigin,
  type OpenQuestion,
  type PositionDuty,
  type TriedValue,
  modelWords,
  withFact,
} from '@grevik/core';
import { Button } from '@mui/material';
import { useState } from 'react';
import { FactField } from '../duty/FactField';
import { factName, factWords, originKey, quantityOf, sentenceFact } from '../duty/field-words';
import { useChangeDuty } from '../duty/useChangeDuty';
import { useSayFacts } from '../duty/useSayFacts';
import { useFigures } from '../useFigures';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './Outlook.module.css';
import type { LookedAhead } from './useAhead';

/** Questions shown at once. */
const SHOWN = 3;

interface AskFirstProps {
  line: LineView;
  position: PositionView;
  looked: LookedAhead;
  /** What the list is called where it is not the line-up’s. */
  title?: string;
}

/** The facts that could change the pick, those that change most first, each answered by a tap or typed. */
export function AskFirst({ line, position, looked: { ahead, order, isSlow }, title }: AskFirstProps) {
  const words = useWords();
  const questions = ahead?.questions;
  if (!questions) return isSlow ? <p className={styles.pending}>{words('ask.working')}</p> : null;
  const asked = questions.questions.filter(({ matters }) => matters !== 'others');
  const rest = questions.questions.length - asked.length + questions.idle.length;
  return (
    <section className={styles.ask} aria-label={title ?? words('ask.title')}>
      <h2>{asked.length > 0 ? (title ?? words('ask.title')) : words('ask.nothing')}</h2>
      {asked.slice(0, SHOWN).map((question) => (
        <Question
          key={question.fact}
          line={line}
          position={position}
          question={question}
          top={questions.top}
          nameOf={(index) => (order[index] ? modelWords(order[index].model).from : '')}
        />
      ))}
      {asked.length > SHOWN && (
        <p>
          {words('ask.also', {
            facts: asked
              .slice(SHOWN)
              .map(({ fact }) => factName(sentenceFact(fact)))
              .join(', '),
          })}
        </p>
      )}
      <p>{words('ask.idle', { count: rest })}</p>
    </section>
  );
}

interface QuestionProps {
  line: LineView;
  position: PositionView;
  question: OpenQuestion;
  top: number | null;
  nameOf: (index: number) => string;
}

function Question({ line, position, question: { fact, values }, top, nameOf }: QuestionProps) {
  const [isTyping, setTyping] = useState(false);
  const mayChange = useMay('change-duty');
  const save = useChangeDuty(position, line.id);
  const { replace } = useSayFacts(position, line.id);
  const figures = useFigures();
  const words = useWords();
  const { duty } = position;
  const shown = sentenceFact(fact);
  const quantity = quantityOf(shown);
  const answered = (value: unknown, origin: FactOrigin = 'said'): PositionDuty => ({
    ...withFact(duty, fact, value),
    origins: { ...duty.origins, [originKey(shown)]: origin },
  });
  const then = (one: TriedValue): string => {
    if (one.top === null) return words('ask.none');
    if (one.top !== top) return words('ask.then', { model: nameOf(one.top) });
    return top !== null && one.changed.includes(top) && one.topVerdict
      ? words(`verdicts.${one.topVerdict}`)
      : '';
  };
  return (
    <div className={styles.question} role="group" aria-label={factName(shown)}>
      <b>{factName(shown)}</b>
      <div className={styles.answers}>
        {values.map((one) => (
          <Button
            key={String(one.value)}
            size="small"
            variant="outlined"
            disabled={!mayChange}
            onClick={() => void replace(answered(one.value))}
          >
            <span>
              {factWords(answered(one.value), shown, figures)}
              <i>{then(one)}</i>
            </span>
          </Button>
        ))}
        {quantity && mayChange && (
          <Button size="small" onClick={() => setTyping(!isTyping)} aria-expanded={isTyping}>
            {words('ask.other')}
          </Button>
        )}
      </div>
      {isTyping && quantity && (
        <FactField
          label={factName(shown)}
          quantity={quantity}
          shown=""
          origin={undefined}
          save={(typed, origin) => save(answered(typed, origin))}
          close={() => setTyping(false)}
        />
      )}
    </div>
  );
}

import type { StartUpView } from '@grevik/contracts';
import {
  HOLD_RULES,
  MEDIUM_FACTS,
  type StartedLine,
  hasPlastic,
  heldLine,
  isBuried,
  lineKindOf,
} from '@grevik/core';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { useWords } from '../../words';
import { HoldReading } from './HoldReading';
import { HoldStart } from './HoldStart';
import styles from './StartUp.module.css';

interface HoldStepProps {
  line: StartedLine;
  view: StartUpView;
  mayRecord: boolean;
}

/** The hold of a line: what it is asked, the reading that runs or ended last, and a new one. */
export function HoldStep({ line, view, mayRecord }: HoldStepProps) {
  const words = useWords();
  const figures = useFigures();
  const kind = lineKindOf({ medium: line.medium, isBuried: isBuried(line) });
  const rule = kind && HOLD_RULES[kind];
  const held = heldLine(line);
  const [latest, ...earlier] = view.readings;
  const isRunning = latest?.endedAt === null;
  return (
    <>
      <p>
        {rule
          ? words('hold.rule', { kind: rule.words, asks: rule.asks, source: rule.source })
          : words('hold.noRule', { medium: MEDIUM_FACTS[line.medium].words })}
      </p>
      {latest && (
        <HoldReading key={latest.id} reading={latest} isPlastic={hasPlastic(line)} mayRecord={mayRecord} />
      )}
      {mayRecord && !isRunning && (
        <HoldStart
          line={line}
          by={rule?.by ?? 'water'}
          pressurePa={rule?.pressurePa(held)}
          holdS={rule?.holdS(held)}
        />
      )}
      {earlier.length > 0 && (
        <section className={styles.earlier}>
          <h3>{words('hold.earlier')}</h3>
          <ul>
            {earlier.map(({ id, startedAt, startedBy, given, result }) => (
              <li key={id}>
                <b>{result && words(`hold.verdict.${result.verdict}`)}</b> {dateWords(startedAt)} ·{' '}
                {startedBy} · {figures.quantity(given.testPressurePa, 'pressure')},{' '}
                {Math.round(given.holdS / 60)} {words('hold.minutes')}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

import type { StartUpView } from '@grevik/contracts';
import {
  MEDIUM_FACTS,
  type StartedLine,
  hasPlastic,
  heldLine,
  holdRule,
  isBuried,
  lineKindOf,
} from '@grevik/core';
import { useFigures } from '../../kit/useFigures';
import { Link } from 'react-router';
import { dateWords } from '../../kit/when';
import { useCompanyQuery } from '../../store/api';
import { translated, useWords } from '../../words';
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
  const { data: company } = useCompanyQuery();
  const rule = kind && holdRule(kind, company?.holdRules ?? {});
  const held = heldLine(line);
  const [pressurePa, holdS] = [rule?.pressurePa(held), rule?.holdS(held)];
  const [latest, ...earlier] = view.readings.filter((reading) => reading.step === 'hold');
  const isRunning = latest?.endedAt === null;
  return (
    <>
      <p>
        {says()} <Link to="/house-rules#hold-rules">{words('hold.changeRules')}</Link>
      </p>
      {latest && (
        <HoldReading key={latest.id} reading={latest} isPlastic={hasPlastic(line)} mayRecord={mayRecord} />
      )}
      {mayRecord && !isRunning && company && (
        <HoldStart line={line} by={rule?.by ?? 'water'} pressurePa={pressurePa} holdS={holdS} />
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

  /** The rule that holds here, and by whose word. */
  function says(): string {
    if (!rule) return words('hold.noRule', { medium: translated(MEDIUM_FACTS[line.medium].words) });
    const { words: kindWords, asks, source, isOwn } = rule;
    if (!isOwn)
      return words('hold.rule', {
        kind: translated(kindWords),
        asks: translated(asks),
        source: translated(source),
      });
    return words('hold.ownRule', {
      kind: translated(kindWords),
      asks: translated(asks),
      source: translated(source),
      pressure:
        pressurePa === undefined ? words('hold.noPressure') : figures.quantity(pressurePa, 'pressure'),
      time: holdS === undefined ? words('hold.noTime') : figures.quantity(holdS, 'time'),
    });
  }
}

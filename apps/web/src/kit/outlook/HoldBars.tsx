import { type Duty, type MarginFact, type Margins, MARGIN_FACT_TABLE, factOf } from '@grevik/core';
import { factName, figureWords, sentenceFact } from '../duty/field-words';
import { useFigures } from '../useFigures';
import { useWords } from '../../words';
import styles from './Outlook.module.css';

/** Figures that can be dragged, in the order of the sentence. */
const DRAGGED: readonly MarginFact[] = [
  'pressurePa',
  'temperatureC',
  'flowM3s',
  'closureTimeS',
  'startsPerHour',
  'headroomM',
];
const STEPS = 400;
/** Beyond the farther of duty and edge, so that both stand inside the bar. */
const ROOM = 1.35;

interface HoldBarsProps {
  duty: Duty;
  margins: Margins | undefined;
  /** Name of the valve they are drawn for. */
  model: string;
  /** Tries another figure; left out where nothing may be tried. */
  attempt: (fact: MarginFact, value: number) => void;
}

/** The duty as a point inside what the valve can take, a bar for each figure; dragged, the whole line-up follows. */
export function HoldBars({ duty, margins, model, attempt }: HoldBarsProps) {
  const figures = useFigures();
  const words = useWords();
  const shown = DRAGGED.filter((fact) => factOf(duty, fact) !== undefined);
  if (shown.length === 0) return null;
  return (
    <section className={styles.bars} aria-label={words('holds.bars', { model })}>
      <h3>{words('holds.bars', { model })}</h3>
      {shown.map((fact) => {
        const value = factOf(duty, fact) as number;
        const edges = margins?.edges.filter((edge) => edge.fact === fact) ?? [];
        const up = edges.find(({ direction }) => direction === 'up');
        const down = edges.find(({ direction }) => direction === 'down');
        const [least, limit] = MARGIN_FACT_TABLE[fact].range(duty);
        const most = Math.min(
          Math.max(limit, value),
          ROOM * Math.max(value, up?.value ?? value, least + 1e-9),
        );
        const share = (of: number): number =>
          Math.min(100, Math.max(0, (100 * (of - least)) / (most - least || 1)));
        const said = figureWords(sentenceFact(fact), value, figures);
        const from = share(down?.value ?? least);
        const to = share(up?.value ?? most);
        return (
          <label key={fact} className={styles.bar}>
            <span>{factName(sentenceFact(fact))}</span>
            <span className={styles.track}>
              <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                <rect x="0" y="3" width="100" height="4" className={styles.beyond} />
                {margins && (
                  <rect
                    x={from}
                    y="2"
                    width={Math.max(0.5, to - from)}
                    height="6"
                    className={styles.inside}
                  />
                )}
              </svg>
              <input
                type="range"
                min={0}
                max={STEPS}
                value={Math.round((share(value) / 100) * STEPS)}
                aria-valuetext={said}
                onChange={({ target }) =>
                  attempt(
                    fact,
                    Number((least + (Number(target.value) / STEPS) * (most - least)).toPrecision(3)),
                  )
                }
              />
            </span>
            <b>{said}</b>
          </label>
        );
      })}
    </section>
  );
}

import { type Duty, FUNCTION_WORDS, MEDIUM_FACTS, capitalized } from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords, type Words } from '../../../words';
import { en } from '@grevik/words';
import styles from '../Drills.module.css';

type Flag = keyof typeof en.drills.yes;
const FLAGS = Object.keys(en.drills.yes) as Flag[];

/** A duty in a sentence, and its facts. */
export function DutyAsked({ duty }: { duty: Duty }) {
  const words = useWords();
  const figures = useFigures();
  const { function: asked, medium, dn, pressurePa, temperatureC, flowM3s, pipe, distanceToApplianceM } = duty;
  const facts: readonly (readonly [name: string, value: string | undefined])[] = [
    [words('drills.asks.pressure'), said(pressurePa, (pa) => figures.quantity(pa, 'pressure'))],
    [words('drills.asks.temperature'), said(temperatureC, (c) => figures.quantity(c, 'temperature'))],
    [words('drills.asks.flow'), said(flowM3s, (flow) => figures.quantity(flow, 'flow'))],
    [words('drills.asks.pipe'), said(pipe?.lengthUpstreamM, (m) => figures.quantity(m, 'length'))],
    [words('drills.asks.place'), duty.place && words(`places.${duty.place}`)],
    [words('drills.asks.orientation'), duty.orientation && words(`directions.${duty.orientation}`)],
    [words('drills.asks.solids'), duty.solids && words(`drills.solidsOf.${duty.solids}`)],
    [words('drills.asks.pattern'), duty.flowPattern && words(`drills.patterns.${duty.flowPattern}`)],
    [words('drills.asks.starts'), said(duty.startsPerHour, String)],
    [words('drills.asks.passage'), said(duty.smallestPassageM, (m) => figures.quantity(m, 'length'))],
    [words('drills.asks.distance'), said(distanceToApplianceM, (m) => figures.quantity(m, 'length'))],
    [words('drills.asks.yes'), flagged(duty, words)],
  ];
  return (
    <>
      <p className={styles.said}>
        {capitalized(translated(FUNCTION_WORDS[asked]))}: {translated(MEDIUM_FACTS[medium].words)},{' '}
        {figures.size(dn)}
      </p>
      <dl className={styles.facts}>
        {facts.map(
          ([name, value]) =>
            value !== undefined && (
              <div key={name}>
                <dt>{name}</dt>
                <dd>{value}</dd>
              </div>
            ),
        )}
      </dl>
    </>
  );
}

const said = <T,>(value: T | undefined, say: (value: T) => string): string | undefined =>
  value === undefined ? undefined : say(value);

function flagged(duty: Duty, words: Words): string | undefined {
  const set = FLAGS.filter((flag) => duty[flag] === true).map((flag) => words(`drills.yes.${flag}`));
  return set.length > 0 ? set.join(', ') : undefined;
}

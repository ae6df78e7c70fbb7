import {
  MEDIUM_FACTS,
  type TouchItQuestion,
  VALVE_TYPE_FACTS,
  capitalized,
  typeFound,
  yearsUnturned,
} from '@grevik/core';
import { Cutaway } from '../../../kit/cutaway/Cutaway';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import styles from '../Drills.module.css';

/** An old valve as it was found. */
export function FoundValve({ place: { duty, condition, upstream }, now }: TouchItQuestion) {
  const words = useWords();
  const figures = useFigures();
  const type = typeFound(condition);
  const years = yearsUnturned(condition, new Date(now));
  const { turning } = condition;
  const facts = [
    words('drills.carries', { medium: translated(MEDIUM_FACTS[duty.medium].words) }),
    turning === undefined ? words('drills.notLooked') : words(`drills.turning.${turning}`),
    years === undefined
      ? words('drills.turnedUnknown')
      : years < 1
        ? words('drills.turnedLately')
        : words('drills.turnedAgo', { count: Math.floor(years) }),
    ...(upstream === undefined ? [] : [words('drills.upstream', { tag: upstream })]),
  ];
  return (
    <>
      <p className={styles.said}>
        {type ? capitalized(translated(VALVE_TYPE_FACTS[type].words)) : words('drills.found')},{' '}
        {figures.size(duty.dn)}
      </p>
      {type && (
        <div className={styles.drawing}>
          <Cutaway model={{ type }} opening={1} />
        </div>
      )}
      <ul>
        {facts.map((fact) => (
          <li key={fact}>{fact}</li>
        ))}
      </ul>
      <p className={styles.soft}>{translated(MEDIUM_FACTS[duty.medium].caution)}</p>
    </>
  );
}

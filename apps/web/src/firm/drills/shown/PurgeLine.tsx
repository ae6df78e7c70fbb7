import { MEDIUM_FACTS, type PurgeOrderQuestion } from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { translated, useWords } from '../../../words';
import styles from '../Drills.module.css';

/** The riser and the line that is to be cleared through a sacrificial valve. */
export function PurgeLine({ riser, line }: PurgeOrderQuestion) {
  const words = useWords();
  const figures = useFigures();
  const lengthM = line.segments.reduce((sum, one) => sum + one.lengthM, 0);
  const { caution, words: gas } = MEDIUM_FACTS[line.gas];
  return (
    <>
      <p className={styles.said}>{words(`drills.purge.${riser}`)}</p>
      <p>
        {words('drills.purgeLine', {
          length: figures.about(lengthM),
          gas: translated(gas),
          pressure: figures.quantity(line.pressurePa, 'pressure'),
        })}
      </p>
      {line.excessFlowTripM3h !== undefined && (
        <p>{words('drills.purgeTrip', { flow: figures.quantity(line.excessFlowTripM3h, 'gas flow') })}</p>
      )}
      <p className={styles.soft}>{translated(caution)}</p>
    </>
  );
}

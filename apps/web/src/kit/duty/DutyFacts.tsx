import { type Duty, closingLine, pipeBoreM, pipeVelocityMs } from '@grevik/core';
import { useWords } from '../../words';
import { useFigures } from '../useFigures';
import styles from './Duty.module.css';

/** What follows from the duty: bore, speed and the time inside which a closing hammers fully. */
export function DutyFacts({ duty }: { duty: Duty }) {
  const figures = useFigures();
  const words = useWords();
  const boreM = pipeBoreM(duty);
  const line = closingLine(duty);
  const facts = [
    boreM !== undefined && [words('duty.bore'), figures.quantity(boreM, 'length')],
    boreM !== undefined &&
      duty.flowM3s !== undefined && [
        words('duty.speed'),
        figures.quantity(pipeVelocityMs(duty.flowM3s, boreM), 'velocity'),
      ],
    line &&
      'criticalS' in line && [
        words('duty.fullHammer'),
        words('duty.seconds', { figure: line.criticalS.toPrecision(2) }),
      ],
  ].filter((fact) => Array.isArray(fact));
  return (
    <dl className={styles.facts}>
      {facts.map(([what, figure]) => (
        <div key={what}>
          <dt>{what}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

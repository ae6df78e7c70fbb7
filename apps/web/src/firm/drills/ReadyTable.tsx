import { type TakenDrill, drillReadiness } from '@grevik/core';
import { dateWords } from '../../kit/when';
import { useWords } from '../../words';
import styles from './Drills.module.css';

/** What a person is ready for, drill by drill. */
export function ReadyTable({ taken }: { taken: readonly TakenDrill[] }) {
  const words = useWords();
  return (
    <div className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{words('drills.kind')}</th>
            <th scope="col">{words('drills.ready')}</th>
            <th scope="col">{words('drills.rightHead')}</th>
          </tr>
        </thead>
        <tbody>
          {drillReadiness(taken).map(({ kind, level, since, taken: answers, passed }) => (
            <tr key={kind}>
              <th scope="row">{words(`drills.kinds.${kind}`)}</th>
              <td>
                {level === 0 || since === undefined
                  ? words('drills.notReady')
                  : words('drills.readySince', {
                      level: words('drills.level', { level }),
                      date: dateWords(since),
                    })}
              </td>
              <td>{answers === 0 ? '–' : words('drills.rightOf', { passed, taken: answers })}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

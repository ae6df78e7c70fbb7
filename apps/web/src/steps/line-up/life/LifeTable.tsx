import { modelWords } from '@grevik/core';
import { translated, useWords } from '../../../words';
import styles from './LifePage.module.css';
import type { CandidateOverYears } from './useCandidateCosts';

interface LifeTableProps {
  all: readonly CandidateOverYears[];
  years: number;
  say: (amount: number) => string;
}

/** Each candidate’s costs by what they are for, and what they rest on. */
export function LifeTable({ all, years, say }: LifeTableProps) {
  const words = useWords();
  const rows: [name: string, cell: (one: CandidateOverYears) => string][] = [
    [words('life.purchase'), ({ option }) => say(option.purchase)],
    [
      words('life.install'),
      ({ option, hours }) => words('life.forHours', { cost: say(option.install), hours }),
    ],
    [
      words('life.visits'),
      ({ option, minutesAYear }) =>
        words('life.forMinutes', {
          cost: say(option.maintenancePerYear),
          minutes: Math.round(minutesAYear),
        }),
    ],
    [
      words('life.lasts'),
      ({ life }) =>
        words('life.lastsYears', {
          years: Math.round(life.medianYears),
          low: Math.round(life.medianBand[0]),
          high: Math.round(life.medianBand[1]),
        }),
    ],
    [
      words('life.failures', { years }),
      ({ over }) =>
        words('life.failuresSaid', {
          count: Number(over.expectedFailures.toPrecision(2)),
          chance: notSure(1 - over.chanceOfNoFailure),
        }),
    ],
    [
      words('life.eachFailure'),
      ({ option: { failure } }) =>
        words('life.failureSaid', {
          replace: say(failure.replaceCost),
          damage: say(failure.damageCost),
          chance: Math.round(100 * failure.chance),
        }),
    ],
    [words('life.present', { years }), ({ over }) => say(over.presentCost)],
  ];
  return (
    <div className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            <td />
            {all.map(({ model }) => (
              <th key={model.id} scope="col">
                {modelWords(model).from}
                <span>{translated(modelWords(model).name)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, cell]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {all.map((one) => (
                <td key={one.model.id}>{cell(one)}</td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">{words('life.because')}</th>
            {all.map(({ model, because }) => (
              <td key={model.id}>
                <details>
                  <summary>{words('life.show')}</summary>
                  <ul>
                    {because.map((one) => (
                      <li key={one}>{translated(one)}</li>
                    ))}
                  </ul>
                </details>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** A chance in per cent; one that is all but sure does not stand as sure. */
function notSure(chance: number): string {
  const percent = Math.round(100 * chance);
  return percent >= 100 ? '> 99' : percent < 1 ? '< 1' : String(percent);
}

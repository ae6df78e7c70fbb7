import { COUNTED, type Counted, FIXTURES, MAIN_SHUT_OFF } from '@grevik/core';
import { translated, useWords } from '../../words';
import { CountField } from './CountField';
import styles from './Takeoff.module.css';
import type { TakeoffCase } from './useTakeoffCase';

const MOST_COUNT = 100_000;
const MOST_STOPS = 20;

interface FixtureTableProps {
  of: TakeoffCase;
  walkedOf: (kind: Counted) => number;
  countOf: (kind: Counted) => number;
}

/** How many there are of each fixture and of main shut-offs, and the stops each takes. */
export function FixtureTable({ of, walkedOf, countOf }: FixtureTableProps) {
  const words = useWords();
  const nameOf = (kind: Counted): string =>
    kind === MAIN_SHUT_OFF ? words('takeoff.mainShutOff') : translated(FIXTURES[kind].words);
  return (
    <table className={styles.table}>
      <thead>
        <tr>
          <th>{words('takeoff.fixture')}</th>
          <th>{words('takeoff.count')}</th>
          <th>{words('takeoff.each')}</th>
          <th>{words('takeoff.stops')}</th>
        </tr>
      </thead>
      <tbody>
        {COUNTED.map((kind) => {
          const name = nameOf(kind);
          const stops = kind === MAIN_SHUT_OFF ? 1 : of.template[kind];
          return (
            <tr key={kind} data-none={countOf(kind) === 0 || undefined}>
              <th scope="row">{name}</th>
              <td>
                <CountField
                  label={words('takeoff.countOf', { kind: name })}
                  value={countOf(kind)}
                  most={MOST_COUNT}
                  set={(count) => of.setCount(kind, count)}
                />{' '}
                {of.counts[kind] !== undefined && of.counts[kind] !== walkedOf(kind) ? (
                  <button
                    type="button"
                    className={styles.yours}
                    aria-label={words('takeoff.reset', { kind: name })}
                    onClick={() => of.setCount(kind, undefined)}
                  >
                    {words('takeoff.yours')}
                  </button>
                ) : (
                  walkedOf(kind) > 0 && <span>{words('takeoff.walked')}</span>
                )}
              </td>
              <td>
                {kind === MAIN_SHUT_OFF ? (
                  stops
                ) : (
                  <CountField
                    label={words('takeoff.eachOf', { kind: name })}
                    value={stops}
                    most={MOST_STOPS}
                    set={(to) => of.setEach(kind, to)}
                  />
                )}
              </td>
              <td data-number>{countOf(kind) * stops}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

import type { GasLine, SizedRun } from '@grevik/core';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import styles from './Gas.module.css';
import { endOf } from './run-words';

const WIDTH = 760;
const ROW = 46;
const LEFT = 20;
const RIGHT = 560;

/** The line as it runs, each run as long as it is on the longest way, its thickness by its bore; what is too small is broken and crossed. */
export function LineMap({ sized }: { sized: GasLine }) {
  const figures = useFigures();
  const words = useWords();
  const rows = sized.appliances;
  const placed = place(sized);
  const height = Math.max(1, rows.length) * ROW + 22;
  const widest = Math.max(...sized.runs.map(({ diameterM }) => diameterM), 1e-3);
  return (
    <svg
      data-picture
      className={styles.map}
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={sized.runs
        .map(
          (run, at) =>
            `${words('gas.run')} ${at + 1}: ${words(run.verdict === 'over' ? 'gas.over' : 'gas.within')}`,
        )
        .join(', ')}
    >
      <circle cx={LEFT} cy={ROW / 2} r="8" className={styles.source} />
      {placed.map(({ run, number, x1, x2, y, fromY }) => (
        <g key={run.item.id}>
          {fromY !== y && <path d={`M${x1} ${fromY}V${y}`} className={styles.branch} />}
          <path
            d={`M${x1} ${y}H${x2}`}
            className={run.verdict === 'over' ? styles.small : styles.run}
            style={{ strokeWidth: 3 + 8 * (run.diameterM / widest) }}
          />
          <text x={(x1 + x2) / 2} y={y - 10} className={styles.number}>
            {number} · {run.item.dn === undefined ? '' : figures.size(run.item.dn)} ·{' '}
            {figures.quantity(run.item.lengthM ?? 0, 'length')}
          </text>
          {run.valves.map((valve, at) => {
            const x = x2 - 14 - at * 22;
            return (
              <path
                key={valve.item.id}
                d={`M${x - 9} ${y - 7}L${x + 9} ${y + 7}V${y - 7}L${x - 9} ${y + 7}Z`}
                className={styles.valve}
              />
            );
          })}
        </g>
      ))}
      {rows.map(({ item }) => {
        const end = placed.findLast(({ ends }) => ends.includes(item.id));
        if (!end) return null;
        return (
          <text key={item.id} x={end.x2 + 10} y={end.y + 5} className={styles.end}>
            {endOf(item)}
          </text>
        );
      })}
    </svg>
  );
}

interface PlacedRun {
  run: SizedRun;
  number: number;
  x1: number;
  x2: number;
  y: number;
  fromY: number;
  /** Appliances right behind it. */
  ends: string[];
}

/** Lays the runs out: along the way by their length, a row for each that branches off. */
function place({ runs, longest, appliances, ways }: GasLine): PlacedRun[] {
  const longestM = Math.max(
    ...ways.map(({ runIds }) =>
      runIds.reduce((sum, id) => sum + lengthOf(runs.find((run) => run.item.id === id)), 0),
    ),
    1e-3,
  );
  const scale = (RIGHT - LEFT) / longestM;
  const placed = new Map<string, PlacedRun>();
  let row = 0;
  const mainFirst = [...ways].sort(
    (a, b) => Number(b.itemId === longest.at(-1)?.id) - Number(a.itemId === longest.at(-1)?.id),
  );
  for (const { itemId, runIds } of mainFirst) {
    let x = LEFT;
    let y = ROW / 2;
    let isNew = false;
    for (const id of runIds) {
      const known = placed.get(id);
      const run = runs.find((one) => one.item.id === id);
      if (!run) continue;
      if (known) {
        ({ x2: x, y } = known);
        continue;
      }
      const fromY = y;
      if (!isNew && placed.size > 0) {
        row += 1;
        y = ROW / 2 + row * ROW;
      }
      isNew = true;
      const x2 = x + Math.max(40, lengthOf(run) * scale);
      placed.set(id, { run, number: runs.indexOf(run) + 1, x1: x, x2, y, fromY, ends: [] });
      x = x2;
    }
    const last = runIds.at(-1);
    if (last !== undefined && appliances.some(({ item }) => item.id === itemId))
      placed.get(last)?.ends.push(itemId);
  }
  return [...placed.values()];
}

const lengthOf = (run: SizedRun | undefined): number => run?.item.lengthM ?? 0;

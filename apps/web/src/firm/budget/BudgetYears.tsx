import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { BudgetView, ServedValveView } from '@grevik/contracts';
import type { Budget, BudgetLine, MovedByHand } from '@grevik/core';
import { Button } from '@mui/material';
import { type ReactNode, useState } from 'react';
import { useWords } from '../../words';
import styles from './Budget.module.css';
import { BudgetRow } from './BudgetRow';
import { moneyIn } from './money-in';

/** Rows shown of a longer year. */
const SHOWN = 40;

interface BudgetYearsProps {
  view: BudgetView;
  budget: Budget;
  isOfJob: boolean;
  move: (moved: MovedByHand, done: string) => void;
}

/** The list of each year, what saves most first; a valve is dragged to another year, or put there by its field. */
export function BudgetYears({ view, budget, isOfJob, move }: BudgetYearsProps) {
  const words = useWords();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const served = new Map(view.valves.map((valve) => [valve.id, valve]));
  const put = (id: string, year: number | undefined): void => {
    const { [id]: _before, ...others } = view.moved;
    const tag = served.get(id)?.tag ?? '';
    if (year === undefined) move(others, words('budget.movedBack', { tag }));
    else
      move({ ...others, [id]: year }, words(year === 0 ? 'budget.movedOut' : 'budget.moved', { tag, year }));
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over) return;
    const id = String(active.id);
    const year = Number(over.id);
    if (budget.lines.find(({ valve }) => valve.id === id)?.year !== year) put(id, year);
  };
  const money = moneyIn(view.currency);
  const years = [...Array.from({ length: view.settings.years }, (_, at) => at + 1), 0];
  return (
    <DndContext sensors={sensors} onDragEnd={drop}>
      {years.map((year) => {
        const lines = budget.lines
          .filter((line) => line.year === year)
          .sort((a, b) => savedBy(b) - savedBy(a) || b.consequence - a.consequence);
        const spend = budget.byYear[year - 1]?.spend ?? 0;
        return (
          <Year
            key={year}
            year={year}
            head={
              year === 0
                ? words('budget.never', { count: lines.length })
                : words('budget.yearHead', {
                    year,
                    count: lines.length,
                    spend: money(spend),
                    money: money(view.settings.money[year - 1] ?? view.settings.money.at(-1) ?? 0),
                  })
            }
            note={year === 0 ? '' : oneShutdown(lines, served, words)}
          >
            {lines.flatMap((line) => {
              const here = served.get(line.valve.id);
              return here
                ? [
                    <BudgetRow
                      key={here.id}
                      line={line}
                      served={here}
                      isOfJob={isOfJob}
                      isMoved={view.moved[here.id] !== undefined}
                      years={view.settings.years}
                      money={money}
                      put={(to) => put(here.id, to)}
                    />,
                  ]
                : [];
            })}
          </Year>
        );
      })}
    </DndContext>
  );
}

/** What planning it for its year saves against never. */
export const savedBy = ({ present, year }: BudgetLine): number => (present[0] ?? 0) - (present[year] ?? 0);

/** Lines on which one shutdown serves several valves of a year. */
function oneShutdown(
  lines: readonly BudgetLine[],
  served: ReadonlyMap<string, ServedValveView>,
  words: ReturnType<typeof useWords>,
): string {
  const byLine = new Map<string, string[]>();
  for (const { valve } of lines) {
    const { lineName = '', tag = '' } = served.get(valve.id) ?? {};
    byLine.set(lineName, [...(byLine.get(lineName) ?? []), tag]);
  }
  return [...byLine]
    .filter(([, tags]) => tags.length > 1)
    .map(([line, tags]) => words('budget.together', { line, tags: tags.join(', ') }))
    .join(' ');
}

interface YearProps {
  year: number;
  head: string;
  note: string;
  children: readonly ReactNode[];
}

function Year({ year, head, note, children }: YearProps) {
  const words = useWords();
  const { setNodeRef, isOver } = useDroppable({ id: String(year) });
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? children : children.slice(0, SHOWN);
  return (
    <section ref={setNodeRef} className={styles.year} data-over={isOver} aria-label={head}>
      <h2>{head}</h2>
      {note !== '' && <p className={styles.note}>{note}</p>}
      {children.length === 0 ? <p className={styles.note}>{words('budget.empty')}</p> : <ul>{shown}</ul>}
      {shown.length < children.length && (
        <Button onClick={() => setWhole(true)}>{words('budget.all', { count: children.length })}</Button>
      )}
    </section>
  );
}

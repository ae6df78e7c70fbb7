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
import { type Budget, type BudgetLine, type MovedByHand, wholeAmounts } from '@grevik/core';
import { Button } from '@mui/material';
import { type ReactNode, useState } from 'react';
import { useWords } from '../../words';
import styles from './Budget.module.css';
import { BudgetRow } from './BudgetRow';
import { useDragWords } from '../../kit/useDragWords';

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
  const dragWords = useDragWords();
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
  const money = wholeAmounts(view.currency);
  const years = [...Array.from({ length: view.settings.years }, (_, at) => at + 1), 0];
  return (
    <DndContext accessibility={dragWords} sensors={sensors} onDragEnd={drop}>
      {years.map((year) => {
        const lines = budget.lines
          .filter((line) => line.year === year)
          .sort((a, b) => savedBy(b) - savedBy(a) || b.consequence - a.consequence);
        const planned = budget.byYear[year - 1];
        return (
          <Year
            key={year}
            year={year}
            head={
              planned
                ? words('budget.yearHead', {
                    year,
                    count: lines.length,
                    spend: money(planned.spend),
                    money: money(planned.money),
                  })
                : words('budget.never', { count: lines.length })
            }
            note={planned ? oneShutdown(lines, served, words) : ''}
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
const savedBy = ({ present, year }: BudgetLine): number => (present[0] ?? 0) - (present[year] ?? 0);

/** Lines on which one shutdown serves several valves of a year. */
function oneShutdown(
  lines: readonly BudgetLine[],
  served: ReadonlyMap<string, ServedValveView>,
  words: ReturnType<typeof useWords>,
): string {
  const byLine = new Map<string, ServedValveView[]>();
  for (const { valve } of lines) {
    const here = served.get(valve.id);
    if (here) byLine.set(here.lineId, [...(byLine.get(here.lineId) ?? []), here]);
  }
  return [...byLine.values()]
    .filter((valves) => valves.length > 1)
    .map((valves) =>
      words('budget.together', {
        line: valves[0]?.lineName ?? '',
        tags: valves.map(({ tag }) => tag).join(', '),
      }),
    )
    .join(' ');
}

interface YearProps {
  /** 0 for never. */
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

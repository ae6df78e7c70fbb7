import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { RoundStopView, RoundView } from '@grevik/contracts';
import { NOT_DONE, TASK_WORDS, valveTypeFacts } from '@grevik/core';
import { Alert, IconButton } from '@mui/material';
import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { Close, DragHandle } from '../../kit/icons';
import { useUndoable } from '../../kit/useUndoable';
import { useFigures } from '../../kit/useFigures';
import { dateWords } from '../../kit/when';
import { failureText } from '../../store/failure';
import { useMay } from '../../store/people-api';
import { useChangeRoundMutation } from '../../store/rounds-api';
import { translated, useWords } from '../../words';
import styles from './RoundPage.module.css';
import { shownPlace } from '../../kit/shown-place';
import { timeNeeded } from './time-needed';
import type { RoundHere } from './useRoundHere';
import { useDragWords } from '../../kit/useDragWords';

interface RoundStopsProps {
  round: RoundView;
  visitOf: RoundHere['visitOf'];
}

/** The stops day by day; dragged into another order, or removed. */
export function RoundStops({ round, visitOf }: RoundStopsProps) {
  const words = useWords();
  const dragWords = useDragWords();
  const undoable = useUndoable();
  const [change, { error }] = useChangeRoundMutation();
  /** The order that was just dragged, until the server has answered. */
  const [dragged, setDragged] = useState<readonly string[]>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const byId = new Map(round.stopsInOrder.map((stop) => [stop.positionId, stop]));
  const order = dragged ?? [...byId.keys()];
  const put = async (to: readonly string[], done: string): Promise<void> => {
    setDragged(to);
    const { data } = await change({ id: round.id, version: round.version, order: [...to] });
    setDragged(undefined);
    if (data) undoable(done, data.changeId === null ? null : { id: data.changeId });
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    if (!over || active.id === over.id) return;
    const [from, to] = [order.indexOf(String(active.id)), order.indexOf(String(over.id))];
    const tag = byId.get(String(active.id))?.tag ?? '';
    void put(arrayMove([...order], from, to), words('rounds.moved', { tag }));
  };
  const remove = (stop: RoundStopView): void =>
    void put(
      order.filter((id) => id !== stop.positionId),
      words('rounds.removed', { tag: stop.tag }),
    );
  const stops = order.flatMap((id) => byId.get(id) ?? []);
  const days = [...new Set(stops.map(({ on }) => on))];
  return (
    <>
      {error !== undefined && <Alert severity="error">{failureText(error)}</Alert>}
      <DndContext
        accessibility={dragWords}
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
      >
        <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
          <ol className={styles.stops}>
            {stops.map((stop, at) => (
              <Fragment key={stop.positionId}>
                {stop.on !== stops[at - 1]?.on && (
                  <li className={styles.day}>
                    <h2>
                      {words('rounds.dayHead', { day: days.indexOf(stop.on) + 1, date: dateWords(stop.on) })}
                    </h2>
                  </li>
                )}
                <Stop roundId={round.id} stop={stop} visited={visitOf(stop)} remove={() => remove(stop)} />
              </Fragment>
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </>
  );
}

interface StopProps {
  roundId: string;
  stop: RoundStopView;
  visited: ReturnType<RoundHere['visitOf']>;
  remove: () => void;
}

function Stop({ roundId, stop, visited, remove }: StopProps) {
  const words = useWords();
  const figures = useFigures();
  const mayPlan = useMay('rounds');
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: stop.positionId });
  const { tag, type, dn, tasks, minutes, lineName, jobName } = stop;
  const state = !visited ? undefined : visited.visit.done.length > 0 ? 'done' : 'not-done';
  return (
    <li
      ref={setNodeRef}
      className={styles.stop}
      data-state={state}
      style={{ transform: CSS.Transform.toString(transform), transition }}
    >
      {mayPlan && (
        <IconButton
          size="small"
          className="no-print"
          {...attributes}
          {...listeners}
          aria-label={words('rounds.drag', { tag })}
        >
          <DragHandle fontSize="small" />
        </IconButton>
      )}
      <div>
        <Link to={`/rounds/${roundId}/${stop.positionId}`}>{tag}</Link> {shownPlace(stop)}
        <small>
          {[type && `${translated(valveTypeFacts(type).words)} ${figures.size(dn)}`, lineName, jobName]
            .filter(Boolean)
            .join(' · ')}
        </small>
      </div>
      <div>
        {tasks.map((task) => translated(TASK_WORDS[task])).join(', ')}
        <small>{timeNeeded(minutes, words)}</small>
      </div>
      <div className={styles.state}>
        {visited &&
          (state === 'done'
            ? `✓ ${words('rounds.isDone')}`
            : `– ${words('rounds.isNotDone')}${visited.visit.notDone ? `: ${NOT_DONE[visited.visit.notDone]}` : ''}`)}
        <small>
          {visited?.waits
            ? words('rounds.waits')
            : visited && `${dateWords(visited.happenedAt)}, ${visited.by}`}
        </small>
      </div>
      {mayPlan && !visited && (
        <IconButton
          size="small"
          className="no-print"
          aria-label={words('rounds.remove', { tag })}
          onClick={remove}
        >
          <Close fontSize="small" />
        </IconButton>
      )}
    </li>
  );
}

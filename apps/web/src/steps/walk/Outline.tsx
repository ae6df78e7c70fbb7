import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import type { LineView } from '@grevik/contracts';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, type MouseEvent, useEffect, useRef, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import { asTyped, itemWords } from '../../kit/isolation/item-words';
import styles from './Outline.module.css';
import { OutlineRow } from './OutlineRow';
import { type Edit, branchEnd, indent, move, step, takeOut } from './outline-edits';
import type { Walked } from '../../kit/isolation/useWalk';
import { useEditWalk } from './useEditWalk';
import { WriteField } from './WriteField';
import { useDragWords } from '../../kit/useDragWords';

const ROW_PX = 28;
const TOUCH_ROW_PX = 46;

/** The place of the row an event comes from; -1 where it comes from none. */
const rowOf = ({ target }: MouseEvent): number =>
  Number((target as Element).closest<HTMLElement>('[data-index]')?.dataset.index ?? -1);

interface OutlineProps {
  line: LineView;
  walk: Walked;
  chosen: string | undefined;
  choose: (itemId: string) => void;
}

/** The line as it was walked, indented where it branches: written, moved and looked at in its order. */
export function Outline({ line, walk, chosen, choose }: OutlineProps) {
  const { items } = walk;
  const scroller = useRef<HTMLDivElement>(null);
  const field = useRef<HTMLInputElement>(null);
  const [rewriting, setRewriting] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const edit = useEditWalk(line);
  const mayWalk = useMay('walk');
  const figures = useFigures();
  const words = useWords();
  const dragWords = useDragWords();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const at = Math.max(
    0,
    items.findIndex(({ id }) => id === chosen),
  );
  const touch = window.matchMedia('(pointer: coarse)').matches;
  // Its functions change with every scroll, so that the compiler leaves this component as it is written.
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => (touch ? TOUCH_ROW_PX : ROW_PX),
    overscan: 6,
    getItemKey: (index) => items[index]?.id ?? index,
  });
  // On a phone it is one of three sides, and comes up where one stands.
  const isShown = (rows.scrollRect?.height ?? 0) > 0;
  useEffect(() => {
    rows.scrollToIndex(at, { align: 'auto' });
    // Only where one stands moves the list, not what is written.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [chosen, isShown]);

  const nameAt = (index: number): string => {
    const item = items[index];
    return item ? itemWords(item, walk.positionOf(item), figures, words).name : '';
  };
  const change = async (to: Edit | undefined, done: string): Promise<void> => {
    if (!to || !mayWalk) return;
    const edited = await edit(to, done);
    setTrouble(typeof edited === 'string' ? edited : undefined);
  };
  const onKey = (event: KeyboardEvent): void => {
    const name = nameAt(at);
    const act: Record<string, () => void> = {
      ArrowUp: () => choose(items[at - 1]?.id ?? items[at]?.id ?? ''),
      ArrowDown: () => choose(items[at + 1]?.id ?? items[at]?.id ?? ''),
      Home: () => choose(items[0]?.id ?? ''),
      End: () => choose(items.at(-1)?.id ?? ''),
      Enter: () => field.current?.focus(),
      n: () => field.current?.focus(),
      F2: () => rewrite(at),
      Delete: () => void change(takeOut(items, at), words('walk.takenOut', { name })),
      'Alt+ArrowUp': () => void change(step(items, at, -1), words('walk.moved', { name })),
      'Alt+ArrowDown': () => void change(step(items, at, 1), words('walk.moved', { name })),
      'Alt+ArrowRight': () => void change(indent(items, at, 1), words('walk.branched', { name })),
      'Alt+ArrowLeft': () => void change(indent(items, at, -1), words('walk.branched', { name })),
    };
    const action = act[`${event.altKey ? 'Alt+' : ''}${event.key}`];
    if (!action || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    action();
  };
  const rewrite = (index: number): void => {
    const item = items[index];
    if (!mayWalk || !item || item.kind === 'valve') return;
    setRewriting(item.id);
    field.current?.focus();
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    const from = items.findIndex(({ id }) => id === active.id);
    const onto = items.findIndex(({ id }) => id === over?.id);
    if (from < 0 || onto < 0 || from === onto) return;
    const to = onto > from ? branchEnd(items, onto) : onto;
    void change(move(items, from, to), words('walk.moved', { name: nameAt(from) }));
  };
  const rewritten = items.find(({ id }) => id === rewriting);

  return (
    <section className={styles.outline} aria-labelledby="outline-title">
      <header>
        <h2 id="outline-title">{words('walk.title')}</h2>
        <span>{words('walk.hint')}</span>
      </header>
      <DndContext accessibility={dragWords} sensors={sensors} onDragEnd={drop}>
        {/* A long line keeps only what is in sight. */}
        <div
          ref={scroller}
          className={styles.scroller}
          role="tree"
          aria-label={words('walk.tree', { line: line.name })}
          tabIndex={0}
          aria-activedescendant={chosen === undefined ? undefined : `item-${items[at]?.id}`}
          onKeyDown={onKey}
          onClick={(event) => {
            const item = items[rowOf(event)];
            if (item) choose(item.id);
          }}
          onDoubleClick={(event) => rewrite(rowOf(event))}
        >
          <div style={{ height: rows.getTotalSize(), position: 'relative' }} role="presentation">
            {rows.getVirtualItems().map(({ index, key, start, size }) => {
              const item = items[index];
              return (
                item && (
                  <OutlineRow
                    key={key}
                    item={item}
                    index={index}
                    of={items.length}
                    {...itemWords(item, walk.positionOf(item), figures, words)}
                    isChosen={index === at}
                    isMovable={mayWalk && index > 0}
                    top={start}
                    height={size}
                  />
                )
              );
            })}
          </div>
        </div>
      </DndContext>
      {trouble !== undefined && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      {mayWalk && (
        <WriteField
          ref={field}
          key={rewriting ?? 'new'}
          items={items}
          after={at}
          medium={line.medium}
          {...(rewritten && { rewritten, typed: asTyped(rewritten, figures) })}
          edit={edit}
          done={(lastId) => {
            setRewriting(undefined);
            if (lastId !== undefined) choose(lastId);
          }}
        />
      )}
    </section>
  );
}

import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { WalkItem } from '@grevik/core';
import type { ItemWords } from './item-words';
import styles from './Outline.module.css';

interface OutlineRowProps {
  item: WalkItem;
  place: number;
  of: number;
  said: ItemWords;
  isChosen: boolean;
  isMovable: boolean;
  top: number;
  height: number;
  choose: () => void;
  rewrite: () => void;
}

const MARKS: Record<WalkItem['kind'], string> = { source: '◉', run: '│', valve: '⋈', tee: '├', fixture: '▢' };

/** One item of the walk: its mark, what it is, what is known of it. */
export function OutlineRow({
  item,
  place,
  of,
  said,
  isChosen,
  isMovable,
  top,
  height,
  choose,
  rewrite,
}: OutlineRowProps) {
  const drag = useDraggable({ id: item.id, disabled: !isMovable });
  const { setNodeRef, isOver } = useDroppable({ id: item.id });
  return (
    <div
      id={`item-${item.id}`}
      ref={(node) => {
        drag.setNodeRef(node);
        setNodeRef(node);
      }}
      role="treeitem"
      aria-level={item.depth + 1}
      aria-posinset={place}
      aria-setsize={of}
      aria-selected={isChosen}
      data-kind={item.kind}
      className={[
        styles.row,
        isChosen && styles.chosen,
        isOver && styles.over,
        drag.isDragging && styles.dragged,
      ]
        .filter(Boolean)
        .join(' ')}
      style={{ top, height, paddingLeft: 12 + item.depth * 20 }}
      onClick={choose}
      onDoubleClick={rewrite}
      {...(isMovable && { onPointerDown: drag.listeners?.onPointerDown as never })}
    >
      <i aria-hidden="true">{MARKS[item.kind]}</i>
      <b>{said.name}</b>
      <span>{said.facts}</span>
    </div>
  );
}

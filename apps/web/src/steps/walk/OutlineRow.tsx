import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { WalkItem } from '@grevik/core';
import { memo } from 'react';
import type { ItemWords } from '../../kit/isolation/item-words';
import styles from './Outline.module.css';

interface OutlineRowProps extends ItemWords {
  item: WalkItem;
  /** Its place in the walk, from 0. */
  index: number;
  of: number;
  isChosen: boolean;
  isMovable: boolean;
  top: number;
  height: number;
}

const MARKS: Record<WalkItem['kind'], string> = { source: '◉', run: '│', valve: '⋈', tee: '├', fixture: '▢' };

/** One item of the walk: its mark, what it is, what is known of it. Drawn again only when it changes: a long list scrolls past many. */
export const OutlineRow = memo(function OutlineRow({
  item,
  index,
  of,
  name,
  facts,
  isChosen,
  isMovable,
  top,
  height,
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
      aria-posinset={index + 1}
      aria-setsize={of}
      aria-selected={isChosen}
      data-kind={item.kind}
      data-index={index}
      className={[
        styles.row,
        isChosen && styles.chosen,
        isOver && styles.over,
        drag.isDragging && styles.dragged,
      ]
        .filter(Boolean)
        .join(' ')}
      style={{ top, height, paddingLeft: 12 + item.depth * 20 }}
      {...(isMovable && { onPointerDown: drag.listeners?.onPointerDown as never })}
    >
      <i aria-hidden="true">{MARKS[item.kind]}</i>
      <b>{name}</b>
      <span>{facts}</span>
    </div>
  );
});

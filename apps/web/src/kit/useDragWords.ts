import type { DndContextProps } from '@dnd-kit/core';
import { useWords } from '../words';

/** What a screen reader is told of dragging, in the person's language. */
export function useDragWords(): DndContextProps['accessibility'] {
  const words = useWords();
  return {
    screenReaderInstructions: { draggable: words('app.drag') },
    announcements: {
      onDragStart: () => words('app.dragged'),
      onDragOver: ({ over }) => (over ? words('app.draggedOver', { place: String(over.id) }) : undefined),
      onDragEnd: () => words('app.dropped'),
      onDragCancel: () => words('app.dragCancelled'),
    },
  };
}

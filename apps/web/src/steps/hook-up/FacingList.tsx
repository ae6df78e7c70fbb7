import type { Facing } from '@grevik/core';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './HookUp.module.css';

/** What must face where, with the room it takes. */
export function FacingList({ facing }: { facing: readonly Facing[] }) {
  const figures = useFigures();
  const words = useWords();
  if (facing.length === 0) return <p>{words('hookUp.noFacing')}</p>;
  return (
    <dl className={styles.facing}>
      {facing.map(({ about, text, roomM }) => (
        <div key={about}>
          <dt>{words(`hookUp.facingAbout.${about}`)}</dt>
          <dd>
            {translated(text)}
            {roomM !== undefined && <i> {words('hookUp.room', { room: figures.about(roomM) })}</i>}
          </dd>
        </div>
      ))}
    </dl>
  );
}

import { type Facing, type FacingAbout, isQuarterTurn } from '@grevik/core';
import type { ModelView } from '@grevik/contracts';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './InstallCard.module.css';

/** The valve as it is held up: cut open with the flow and the height it needs, and from above with the swing of its handle. */
export function FacingPicture({ facing, model }: { facing: readonly Facing[]; model: ModelView }) {
  const figures = useFigures();
  const words = useWords();
  const of = (about: FacingAbout): Facing | undefined => facing.find((one) => one.about === about);
  const head = of('headroom')?.roomM;
  const handle = of('handle')?.roomM;
  return (
    <div className={styles.pictures}>
      <figure>
        <div className={styles.cut}>
          <Cutaway model={model} opening={1} isLarge />
          <svg viewBox="0 0 180 118" aria-hidden="true">
            <path className={styles.arrow} d="M6 10h36m-9 -5l9 5l-9 5" />
            <text x="48" y="14">
              {words('hookUp.flow')}
            </text>
            {head !== undefined && <path className={styles.arrow} d="M172 60V4m-4 7l4 -7l4 7M168 60h8" />}
          </svg>
        </div>
        {head !== undefined && (
          <figcaption>{words('hookUp.roomHead', { room: figures.about(head) })}</figcaption>
        )}
      </figure>
      {isQuarterTurn(model.type) && handle !== undefined && (
        <figure>
          <svg
            viewBox="0 0 180 118"
            className={styles.above}
            role="img"
            aria-label={translated(of('handle')?.text ?? '')}
          >
            <path className={styles.pipe} d="M0 80H180V104H0Z" />
            <path className={styles.handle} d="M90 86H152V98H90Z" />
            <path className={styles.ghost} d="M84 92V30H96V92Z" />
            <circle cx="90" cy="92" r="11" className={styles.handle} />
            <path className={styles.arrow} d="M150 76A62 62 0 0 0 106 34m9 -2l-9 2l4 8" />
            <text x="112" y="66">
              {figures.about(handle)}
            </text>
          </svg>
          <figcaption>{words('hookUp.swing')}</figcaption>
        </figure>
      )}
    </div>
  );
}

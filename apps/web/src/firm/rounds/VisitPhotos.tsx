import { Alert } from '@mui/material';
import { PHOTO_SHOWS } from '@grevik/contracts';
import { CameraButton } from '../../kit/photo/CameraButton';
import { useTakePhoto } from '../../kit/photo/useTakePhoto';
import { useWords } from '../../words';
import { KeptPicture } from './KeptPicture';
import styles from './VisitPage.module.css';
import { SHOWN_PHOTOS } from './useRoundHere';

interface VisitPhotosProps {
  positionId: string;
  tag: string;
  /** On the server already, the newest first. */
  photos: readonly string[];
}

/** Photos before and after, sent when there is a network; and how it looked before. */
export function VisitPhotos({ positionId, tag, photos }: VisitPhotosProps) {
  const words = useWords();
  const { take, isBusy, trouble, taken, waits } = useTakePhoto({ id: positionId, tag });
  return (
    <section aria-labelledby="photos">
      <h2 id="photos">{words('visit.photos')}</h2>
      <div className={styles.row}>
        {PHOTO_SHOWS.map((when) => (
          <CameraButton
            key={when}
            label={words(`visit.${when}`)}
            isBusy={isBusy}
            take={(file) => take(file, when)}
          />
        ))}
      </div>
      {(taken > 0 || waits > 0) && (
        <p role="status">
          {words('visit.taken', { count: Math.max(taken, waits) })}
          {waits > 0 && `, ${words('rounds.waits')}`}
        </p>
      )}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
      {photos.length > 0 && (
        <div className={styles.photos} role="group" aria-label={words('visit.photosOf')}>
          {photos.slice(0, SHOWN_PHOTOS).map((id, index) => (
            <KeptPicture
              key={id}
              path={`positions/${positionId}/photos/${id}`}
              alt={words('walk.photoOf', { number: index + 1, tag })}
            />
          ))}
        </div>
      )}
    </section>
  );
}

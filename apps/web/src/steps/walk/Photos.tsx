import type { PositionView } from '@grevik/contracts';
import { Alert } from '@mui/material';
import { CameraButton } from '../../kit/photo/CameraButton';
import { PhotoLinks } from '../../kit/photo/PhotoLinks';
import { useTakePhoto } from '../../kit/photo/useTakePhoto';
import { useMay } from '../../store/people-api';
import { useWords } from '../../words';
import styles from './WhatIsHere.module.css';

/** Pictures of a position, and the camera. */
export function Photos({ position }: { position: PositionView }) {
  const { take, isBusy, trouble, waits } = useTakePhoto(position);
  const mayRecord = useMay('record');
  const words = useWords();
  return (
    <div className={styles.photos}>
      <PhotoLinks positionId={position.id} tag={position.tag} photos={position.photos} />
      {mayRecord && (
        <CameraButton label={words(isBusy ? 'app.saving' : 'walk.photo')} isBusy={isBusy} take={take} />
      )}
      {waits > 0 && <p role="status">{words('walk.photoWaits', { count: waits })}</p>}
      {trouble !== undefined && <Alert severity="error">{trouble}</Alert>}
    </div>
  );
}

import type { PositionView } from '@grevik/contracts';
import { Alert, Button } from '@mui/material';
import { type ChangeEvent, useState } from 'react';
import { failureText, refusalOf } from '../../store/failure';
import { newId } from '../../store/new-id';
import { useMay } from '../../store/people-api';
import { useAddPhotoMutation } from '../../store/walk-api';
import { useWords } from '../../words';
import { scaledPhoto } from './scaled-photo';
import styles from './WhatIsHere.module.css';

/** Pictures of a position, and the camera. */
export function Photos({ position, lineId }: { position: PositionView; lineId: string }) {
  const [add, { isLoading, error }] = useAddPhotoMutation();
  const [trouble, setTrouble] = useState<string>();
  /** Taken, and not known to be stored: sent again as it is, under its id. */
  const [waiting, setWaiting] = useState<{ id: string; photo: Blob }>();
  const mayRecord = useMay('record');
  const words = useWords();
  const send = async (taken: { id: string; photo: Blob }): Promise<void> => {
    setWaiting(taken);
    const { error: failed } = await add({ positionId: position.id, lineId, ...taken });
    if (!failed || refusalOf(failed)) setWaiting(undefined);
  };
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = target.files?.[0];
    target.value = '';
    if (!file) return;
    try {
      const photo = await scaledPhoto(file);
      setTrouble(undefined);
      await send({ id: newId(), photo });
    } catch {
      setTrouble(words('walk.noPhoto', { name: file.name }));
    }
  };
  return (
    <div className={styles.photos}>
      {position.photos.map((id, index) => (
        <a key={id} href={`/api/positions/${position.id}/photos/${id}`} target="_blank" rel="noreferrer">
          <img
            src={`/api/positions/${position.id}/photos/${id}`}
            loading="lazy"
            alt={words('walk.photoOf', { number: index + 1, tag: position.tag })}
          />
        </a>
      ))}
      {mayRecord && (
        <Button component="label" variant="outlined" disabled={isLoading}>
          {words(isLoading ? 'app.saving' : 'walk.photo')}
          <input
            type="file"
            accept="image/*"
            capture="environment"
            hidden
            onChange={(event) => void take(event)}
          />
        </Button>
      )}
      {waiting && !isLoading && (
        <Button variant="contained" onClick={() => void send(waiting)}>
          {words('walk.sendPhoto')}
        </Button>
      )}
      {(trouble !== undefined || error !== undefined) && (
        <Alert severity="error">{trouble ?? failureText(error)}</Alert>
      )}
    </div>
  );
}

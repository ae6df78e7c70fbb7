import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { positionOpened } from '../store/presence-slice';
import { useWords } from '../words';
import styles from './LineFrame.module.css';

/** Says who else has a position open, and tells them that it is open here. */
export function AlsoHere({ positionId }: { positionId: string | undefined }) {
  const dispatch = useAppDispatch();
  const told = useAppSelector(({ presence }) => presence.told);
  const words = useWords();
  useEffect(() => {
    dispatch(positionOpened(positionId ?? null));
    return () => {
      dispatch(positionOpened(null));
    };
  }, [dispatch, positionId]);
  const names = told?.positionId === positionId ? (told?.people ?? []).map(({ name }) => name) : [];
  return (
    <span className={styles.also} aria-live="polite">
      {names.length > 0 && words('line.alsoHere', { count: names.length, names: names.join(', ') })}
    </span>
  );
}

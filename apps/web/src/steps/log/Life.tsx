import type { EntryView, PhotoShows } from '@grevik/contracts';
import { NOT_DONE, TASK_WORDS, highestTorqueNm } from '@grevik/core';
import { Suspense, lazy } from 'react';
import { PhotoLinks } from '../../kit/photo/PhotoLinks';
import { dateWords } from '../../kit/when';
import { useFigures } from '../../kit/useFigures';
import { usePhotosQuery } from '../../store/log-api';
import { translated, useWords } from '../../words';
import styles from './LogPage.module.css';

const LifeChart = lazy(() => import('./LifeChart'));

interface LifeProps {
  entries: readonly EntryView[];
  positionId: string;
  tag: string;
  photos: readonly string[];
}

/** The life of a valve at a glance: turns and torque over the years, since when it stands there, photos side by side. */
export function Life({ entries, positionId, tag, photos }: LifeProps) {
  const words = useWords();
  const listed = usePhotosQuery(positionId, { skip: photos.length === 0 }).data ?? [];
  const operated = entries
    .map(({ happenedAt, turns, visit }) => ({
      at: happenedAt,
      turns: turns ?? visit?.turns,
      torqueNm: highestTorqueNm(visit?.curve ?? []),
    }))
    .filter(({ turns, torqueNm }) => turns !== undefined || torqueNm !== undefined)
    .reverse();
  const replaced = entries.find(({ kind }) => kind === 'replaced');
  const captionOf = (shows: PhotoShows | null, takenAt: string): string =>
    [shows && words(`log.photoShows.${shows}`), dateWords(takenAt)].filter(Boolean).join(' · ');
  if (operated.length < 2 && photos.length === 0 && !replaced) return null;
  return (
    <section className={styles.life} aria-labelledby="life">
      <h2 id="life">{words('log.life')}</h2>
      {replaced && <p>{words('log.replacedOn', { date: dateWords(replaced.happenedAt) })}</p>}
      {operated.length > 1 && (
        <Suspense fallback={null}>
          <LifeChart operated={operated} />
        </Suspense>
      )}
      {photos.length > 0 && (
        <div className={styles.photos} role="group" aria-label={words('log.photos')}>
          <PhotoLinks
            positionId={positionId}
            tag={tag}
            photos={photos}
            captions={new Map(listed.map(({ id, shows, takenAt }) => [id, captionOf(shows, takenAt)]))}
          />
        </div>
      )}
    </section>
  );
}

/** What was done on a visit, in words. */
export function VisitSaid({ visit }: { visit: NonNullable<EntryView['visit']> }) {
  const words = useWords();
  const { quantity } = useFigures();
  const torqueNm = highestTorqueNm(visit.curve ?? []);
  const said = [
    ...visit.done.map((task) => translated(TASK_WORDS[task])),
    visit.notDone && words('log.notDone', { why: NOT_DONE[visit.notDone] }),
    visit.turns !== undefined && words('log.turnsFigure', { turns: visit.turns }),
    torqueNm !== undefined && words('log.torque', { torque: quantity(torqueNm, 'torque') }),
    visit.turning && visit.turning !== 'not-tried' && words(`visit.turnings.${visit.turning}`),
    visit.holding && visit.holding !== 'not-tried' && words(`visit.holdings.${visit.holding}`),
    visit.left && `${words('visit.leftIs')} ${words(`visit.lefts.${visit.left}`)}`,
  ];
  return <p>{said.filter(Boolean).join(' · ')}</p>;
}

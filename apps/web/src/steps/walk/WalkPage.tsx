import type { PositionView } from '@grevik/contracts';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useWalkFrame } from '../../shell/useLineFrame';
import { useWords } from '../../words';
import { Answer } from '../../kit/isolation/Answer';
import { Outline } from './Outline';
import { Plan } from '../../kit/plan/Plan';
import { useIsolation, useWalk } from '../../kit/isolation/useWalk';
import styles from './WalkPage.module.css';
import { WhatIsHere } from './WhatIsHere';

const VIEWS = ['here', 'outline', 'plan'] as const;
type View = (typeof VIEWS)[number];

/** The line as it is found: its outline, its plan with the isolation answer, and what is at the position one stands at. */
export function WalkPage() {
  const { line, settings, models, position, addressOf } = useWalkFrame();
  const [query, setQuery] = useSearchParams();
  const [view, setView] = useState<View>('here');
  const navigate = useNavigate();
  const words = useWords();
  const walk = useWalk(line, settings);
  const itemOf = (of: PositionView | undefined): string | undefined =>
    walk.items.find(({ positionId }) => of && positionId === of.id)?.id;
  const asked = query.get('at');
  const chosen = asked !== null && walk.itemOf.has(asked) ? asked : (itemOf(position) ?? walk.items[0]?.id);
  const isolated = useIsolation(walk, chosen);

  const choose = (itemId: string): void => {
    const to = walk.positionOf(walk.itemOf.get(itemId));
    // At once: the next key works on what was chosen with this one.
    const now = { replace: true, flushSync: true };
    if (to) void navigate(addressOf(to), now);
    else setQuery(itemId === '' ? {} : { at: itemId }, now);
  };
  const next = (): void => {
    const after = position && line.positions[line.positions.indexOf(position) + 1];
    if (after) void navigate(addressOf(after));
  };

  return (
    <div className={styles.page} data-view={view}>
      <h1 className={styles.spoken}>{words('walk.pageTitle', { line: line.name })}</h1>
      <div className={styles.views} role="group" aria-label={words('walk.views')}>
        {VIEWS.map((of) => (
          <button key={of} type="button" aria-pressed={of === view} onClick={() => setView(of)}>
            {words(`walk.view.${of}`)}
          </button>
        ))}
      </div>
      <div className={styles.outline}>
        <Outline line={line} walk={walk} chosen={chosen} choose={choose} />
      </div>
      <div className={styles.plan}>
        <header>
          <h2>{words('walk.burst')}</h2>
          <span>{words('walk.burstHint')}</span>
        </header>
        {isolated && (
          <Plan
            walk={isolated.walk}
            chosen={chosen}
            answer={isolated.answer}
            choose={choose}
            medium={line.medium}
          />
        )}
        {isolated?.answer && <Answer line={line} walk={isolated.walk} answer={isolated.answer} />}
      </div>
      <div className={styles.here}>
        {position ? (
          <WhatIsHere
            key={position.id}
            line={line}
            walk={walk}
            settings={settings}
            models={models}
            position={position}
            next={next}
          />
        ) : (
          <p className={styles.nobody}>{words('walk.noValves')}</p>
        )}
      </div>
    </div>
  );
}

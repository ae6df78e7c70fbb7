import {
  type IsolationAnswer,
  type Medium,
  type NetworkLink,
  type WalkItem,
  MEDIUM_FACTS,
} from '@grevik/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Loading } from '../Notice';
import { useFigures } from '../useFigures';
import { useWords } from '../../words';
import { itemWords } from '../isolation/item-words';
import type { Walked } from '../isolation/useWalk';
import styles from './Plan.module.css';
import { groundLayout } from './ground-layout';
import type { PlanLayout } from './lay-out';
import { planGraph } from './plan-graph';
import { ScaleAndNorth } from './ScaleAndNorth';
import { usePlanLayout } from './usePlanLayout';

/** Smaller, nobody reads it: a longer plan is scrolled. */
const LEAST_SCALE = 0.72;

interface PlanProps {
  walk: Walked;
  /** What is looked at: where it bursts. */
  chosen: string | undefined;
  answer: IsolationAnswer | undefined;
  choose: (itemId: string) => void;
  medium: Medium;
}

/** The line as a plan, drawn from the walk: the water from left to right, what is cut off in red, what to close filled. */
export function Plan({ walk, chosen, answer, choose, medium }: PlanProps) {
  const words = useWords();
  const graph = useMemo(
    () => planGraph(walk.items, walk.network, walk.items.length > 400 ? chosen : undefined),
    [walk, chosen],
  );
  const laid = usePlanLayout(graph);
  const ground = useMemo(() => groundLayout(graph, walk), [graph, walk]);
  const [isSchematic, setSchematic] = useState(false);
  const isOnGround = ground !== undefined && !isSchematic;
  const state = useMemo(() => stateOf(answer), [answer]);
  const linkOf = useMemo(() => new Map(walk.network.links.map((link) => [link.id, link])), [walk]);
  const scroller = useRef<HTMLDivElement>(null);
  useEffect(() => {
    scroller.current?.querySelector('[data-here]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [chosen, laid]);
  if (!laid && !isOnGround) return <Loading what={words('walk.plan')} />;
  const { layout, graph: drawn } = isOnGround || !laid ? { layout: ground ?? EMPTY, graph } : laid;
  return (
    <>
      {ground && (
        <div className={styles.views} role="group" aria-label={words('walk.planView')}>
          {([false, true] as const).map((schematic) => (
            <button
              key={String(schematic)}
              type="button"
              aria-pressed={isSchematic === schematic}
              onClick={() => setSchematic(schematic)}
            >
              {words(schematic ? 'walk.schematic' : 'walk.onGround')}
            </button>
          ))}
        </div>
      )}
      <div
        className={styles.plan}
        ref={scroller}
        role="region"
        aria-label={words('walk.planOf')}
        tabIndex={0}
      >
        {/* The outline beside it is the same list for those who do not see the plan. */}
        <svg
          aria-hidden="true"
          data-pipe={MEDIUM_FACTS[medium].family}
          viewBox={`0 0 ${layout.width} ${layout.height}`}
          style={{ minWidth: layout.width * LEAST_SCALE, maxWidth: layout.width * 1.3 }}
        >
          {drawn.pipes.map(({ id, from, to, runs }) => {
            const a = layout.at[from];
            const b = layout.at[to];
            if (!a || !b) return null;
            const path = layout.laid[id];
            const target = runs[0] ?? id;
            const isCut = state.cut.has(target) || state.cut.has(id);
            const isDry = !isCut && (state.dry.has(to) || state.dry.has(from));
            return (
              <g
                key={id}
                className={isCut ? styles.cut : isDry ? styles.dry : styles.pipe}
                onClick={() => choose(runs.at(-1) ?? id)}
              >
                <path d={path} className={styles.wall} />
                <path d={path} className={styles.inside} />
                <path d={path} className={styles.target} />
                {runs.includes(chosen ?? '') && <Burst x={(a.x + b.x) / 2} y={(a.y + b.y) / 2} />}
              </g>
            );
          })}
          {drawn.places.map((id) => {
            const at = layout.at[id];
            const item = walk.itemOf.get(id);
            if (!at || !item) return null;
            return (
              <g
                key={id}
                data-here={id === chosen || undefined}
                transform={`translate(${at.x} ${at.y})`}
                onClick={() => choose(id)}
                className={styles.place}
              >
                <Place
                  item={item}
                  link={linkOf.get(id)}
                  walk={walk}
                  state={{
                    isChosen: id === chosen,
                    closes: state.close.has(id),
                    isUnused: state.unused.has(id),
                    isDry: state.dry.has(id),
                  }}
                />
              </g>
            );
          })}
          {isOnGround && <ScaleAndNorth layout={ground} />}
        </svg>
      </div>
    </>
  );
}

const EMPTY: PlanLayout = { width: 0, height: 0, at: {}, laid: {} };

interface Standing {
  isChosen: boolean;
  closes: boolean;
  isUnused: boolean;
  isDry: boolean;
}

function Place({
  item,
  link,
  walk,
  state,
}: {
  item: WalkItem;
  link: NetworkLink | undefined;
  walk: Walked;
  state: Standing;
}) {
  const figures = useFigures();
  const words = useWords();
  const position = walk.positionOf(item);
  const { name } = itemWords(item, position, figures, words);
  const { isChosen, closes, isUnused, isDry } = state;
  if (item.kind === 'fixture') {
    const said = item.name ?? name;
    return (
      <>
        <rect x="-41" y="-12" width="82" height="24" className={isDry ? styles.dryBox : styles.box} />
        <text y="4" className={isDry ? styles.dryText : undefined}>
          {short(said, 14)}
        </text>
        {isChosen && <Burst x={0} y={0} />}
      </>
    );
  }
  if (item.kind === 'valve')
    return (
      <>
        {link?.kind === 'check' ? (
          <path d="M-12-9v18M-12 9 12-9v18M12 0H3" className={styles.valve} />
        ) : (
          <path d="M-13-9v18l13-9zM13-9v18L0 0z" className={closes ? styles.closes : styles.valve} />
        )}
        {(isUnused || link?.state === 'stuck-closed') && (
          <path d="M-15-12 15 12M15-12-15 12" className={styles.cross} />
        )}
        <text y={isChosen ? -22 : -14} className={closes ? styles.closesText : undefined}>
          {position?.tag ?? ''}
        </text>
        {isChosen && <circle r="19" className={styles.chosen} />}
      </>
    );
  if (item.kind === 'source')
    return (
      <>
        <circle r="12" className={styles.valve} />
        <path d="M-7 0c3-6 5-5 7 0s4 6 7 0" className={styles.wave} />
        <text y="27">{short(name, 14)}</text>
      </>
    );
  return (
    <>
      <circle r={item.kind === 'tee' ? 4 : 2.5} className={styles.tee} />
      <title>{name}</title>
      {item.kind === 'tee' && isChosen && <text y="-16">{short(name, 18)}</text>}
      {isChosen && <Burst x={0} y={0} />}
    </>
  );
}

function Burst({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`} className={styles.burst}>
      <circle r="12" />
      <path d="M-6-6 6 6M6-6-6 6" />
    </g>
  );
}

interface PlanState {
  cut: ReadonlySet<string>;
  dry: ReadonlySet<string>;
  close: ReadonlySet<string>;
  unused: ReadonlySet<string>;
}

function stateOf(answer: IsolationAnswer | undefined): PlanState {
  return {
    cut: new Set([...(answer?.segment.links ?? []), ...(answer?.segment.nodes ?? [])]),
    dry: new Set(answer?.outOfService),
    close: new Set(answer?.close),
    unused: new Set(answer?.notUsed.map(({ valveId }) => valveId)),
  };
}

const short = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;

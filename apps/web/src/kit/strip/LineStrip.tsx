import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { MEDIUM_FACTS, pickedNow, valveFailure } from '@grevik/core';
import type { HouseRuleSettings } from '@grevik/core';
import { memo, useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { useSwipeable } from 'react-swipeable';
import { Clock } from '../icons';
import { translated, useWords } from '../../words';
import { useFigures } from '../useFigures';
import { shortName } from '../position-name';
import { PositionSymbol } from './PositionSymbol';
import styles from './LineStrip.module.css';
import pipe from './Pipe.module.css';

/** Of a long line the strip keeps so many to each side of where one stands. */
const STRETCH = 40;

interface LineStripProps {
  line: LineView;
  /** Where one stands; nowhere where the tag in the address is not on the line. */
  current: PositionView | undefined;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
  /** Positions at which something is overdue. */
  overdue: ReadonlySet<string>;
  /** Where a position's screen is. */
  addressOf: (position: PositionView) => string;
  /** Walks by a number of positions: 1 with the water, -1 against it. */
  walk: (by: number) => void;
}

/** The line as it runs: source on the left, positions hung on it in order, with how far each is decided. */
export function LineStrip({ line, current, models, settings, overdue, addressOf, walk }: LineStripProps) {
  const words = useWords();
  const here = useRef<HTMLLIElement>(null);
  const swipe = useSwipeable({
    onSwipedLeft: () => walk(1),
    onSwipedRight: () => walk(-1),
    trackMouse: false,
  });
  useEffect(() => {
    const reduced = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    here.current?.scrollIntoView({
      inline: 'center',
      block: 'nearest',
      behavior: reduced ? 'auto' : 'smooth',
    });
  }, [current?.id]);

  const at = current ? line.positions.indexOf(current) : 0;
  const isLong = line.positions.length > 3 * STRETCH;
  const from = isLong ? Math.max(0, at - STRETCH) : 0;
  const to = isLong ? Math.min(line.positions.length, at + STRETCH) : line.positions.length;

  return (
    <nav className={styles.strip} aria-label={words('line.fromSource', { line: line.name })} {...swipe}>
      <ol className={`${styles.run} ${pipe.pipe}`} data-pipe={MEDIUM_FACTS[line.medium].family}>
        <li
          className={styles.source}
          title={words('line.source', { medium: translated(MEDIUM_FACTS[line.medium].words) })}
        >
          <svg
            viewBox="0 0 36 36"
            width="34"
            height="34"
            aria-hidden="true"
            fill="var(--bright)"
            stroke="var(--ink)"
            strokeWidth="1.8"
          >
            <circle cx="18" cy="18" r="16" />
            <path d="M8 18c4-8 7-6 10 0s6 8 10 0" fill="none" />
          </svg>
        </li>
        {from > 0 && <li className={styles.more}>{words('line.before', { count: from })}</li>}
        {line.positions.slice(from, to).map((position) => (
          <li key={position.id} ref={position.id === current?.id ? here : null}>
            <StripPosition
              position={position}
              line={line}
              models={models}
              settings={settings}
              address={addressOf(position)}
              isCurrent={position.id === current?.id}
              isOverdue={overdue.has(position.id)}
            />
          </li>
        ))}
        {to < line.positions.length && (
          <li className={styles.more}>{words('line.after', { count: line.positions.length - to })}</li>
        )}
      </ol>
    </nav>
  );
}

interface StripPositionProps extends Pick<LineStripProps, 'line' | 'models' | 'settings'> {
  position: PositionView;
  address: string;
  isCurrent: boolean;
  isOverdue: boolean;
}

/** Judges what is picked: only where that, or what it is judged by, is another. */
const StripPosition = memo(function StripPosition({
  position,
  line,
  models,
  settings,
  address,
  isCurrent,
  isOverdue,
}: StripPositionProps) {
  const figures = useFigures();
  const words = useWords();
  const { tag, duty } = position;
  const picked = pickedNow(position, line, models, settings);
  const nowOut = picked?.verdict === 'out';
  const isCrossed = (picked?.crossed.length ?? 0) > 0;
  const isPicked = picked !== undefined && !nowOut;
  const dutyKnown = duty.pipe !== undefined;
  const wasFound = position.condition.at !== undefined;
  const isFailing = valveFailure(position.condition, line.medium) !== undefined;
  const spoken = [
    words(wasFound ? 'line.walked' : 'line.notWalked'),
    words(dutyKnown ? 'line.dutyKnown' : 'line.dutyUnknown'),
    words(
      nowOut
        ? 'line.noLongerFits'
        : isCrossed
          ? 'line.pickCrossed'
          : isPicked
            ? 'line.picked'
            : 'line.notPicked',
    ),
    ...(line.handedOverAt !== null ? [words('line.inService')] : []),
    ...(isFailing ? [words('board.states.act')] : []),
    ...(isOverdue ? [words('rounds.isOverdue')] : []),
  ];
  return (
    <Link
      to={address}
      className={styles.position}
      aria-current={isCurrent ? 'step' : undefined}
      data-tag={tag}
      draggable={false}
    >
      <span className={styles.steps}>
        <i className={wasFound ? styles.done : undefined} />
        <i className={dutyKnown ? styles.done : undefined} />
        <i className={isPicked ? styles.done : undefined} />
        {line.handedOverAt !== null && <i className={styles.inService} />}
        {(nowOut || isCrossed) && <b className={styles.warning}>!</b>}
        {isOverdue && (
          <Clock className={styles.overdue} aria-hidden="true" titleAccess={words('rounds.isOverdue')} />
        )}
      </span>
      <PositionSymbol type={picked?.model.type} asked={duty.function} isFailing={isFailing} />
      <span className={styles.tag}>
        {tag} · {figures.size(duty.dn)}
      </span>
      <span className={styles.name}>{shortName(position)}</span>
      <span className={styles.spoken}>{spoken.join(', ')}</span>
    </Link>
  );
});

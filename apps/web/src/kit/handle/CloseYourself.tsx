import type { BenchValve, HandlePoint } from '@grevik/core';
import { Button } from '@mui/material';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useWords } from '../../words';
import styles from './CloseYourself.module.css';

const SIZE = 168;
const MIDDLE = SIZE / 2;
const QUARTER = Math.PI / 2;
const KEY_STEP = 0.05;
const LEAST_S = 0.001;

interface CloseYourselfProps {
  valve: Pick<BenchValve, 'turns'>;
  /** Given the closing once the handle is let go. */
  closed: (points: HandlePoint[]) => void;
}

/** The handle from above, shut by whoever takes it at their own speed: a lever goes a quarter turn, a wheel as many turns as its stem. */
export function CloseYourself({ valve, closed }: CloseYourselfProps) {
  const words = useWords();
  const isLever = valve.turns <= 0.25;
  const travel = isLever ? QUARTER : Math.min(valve.turns, MOST_TURNS) * 2 * Math.PI;
  const [opening, setOpening] = useState(1);
  const held = useRef<{ angle: number; opening: number }>(undefined);
  const record = useRef<HandlePoint[]>([]);
  const since = useRef(0);

  const move = (to: number): void => {
    const next = Math.min(1, Math.max(0, to));
    const now = performance.now();
    if (record.current.length === 0) {
      since.current = now;
      record.current.push({ timeS: 0, opening });
    }
    const timeS = (now - since.current) / 1000;
    const last = record.current.at(-1);
    // Two moves in one moment are a millisecond apart.
    record.current.push({ timeS: Math.max(timeS, (last?.timeS ?? 0) + LEAST_S), opening: next });
    setOpening(next);
  };
  const letGo = (): void => {
    held.current = undefined;
    if (record.current.length > 1) closed([...record.current]);
  };
  const again = (): void => {
    record.current = [];
    setOpening(1);
  };

  const take = (event: PointerEvent<SVGSVGElement>): void => {
    if (opening === 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    held.current = { angle: angleOf(event), opening };
  };
  const turn = (event: PointerEvent<SVGSVGElement>): void => {
    const from = held.current;
    if (!from) return;
    const angle = angleOf(event);
    const by = within(angle - from.angle);
    const next = Math.min(1, Math.max(0, from.opening - by / travel));
    held.current = { angle, opening: next };
    move(next);
  };
  const key = (event: KeyboardEvent): void => {
    const by = {
      ArrowRight: -KEY_STEP,
      ArrowDown: -KEY_STEP,
      ArrowLeft: KEY_STEP,
      ArrowUp: KEY_STEP,
      End: -1,
      Home: 1,
    }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    move(opening + by);
  };

  const degrees = ((1 - opening) * travel * 180) / Math.PI;
  return (
    <div className={styles.hand}>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className={styles.handle}
        role="slider"
        tabIndex={0}
        aria-label={words('hammer.handle')}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(opening * 100)}
        onPointerDown={take}
        onPointerMove={turn}
        onPointerUp={letGo}
        onPointerCancel={letGo}
        onKeyDown={key}
        onKeyUp={(event) => {
          if (event.key.startsWith('Arrow') || event.key === 'End') letGo();
        }}
      >
        <path d={`M0 ${MIDDLE - 17}H${SIZE}V${MIDDLE + 17}H0Z`} className={styles.water} />
        <path d={`M0 ${MIDDLE - 17}H${SIZE}M0 ${MIDDLE + 17}H${SIZE}`} className={styles.wall} />
        <g transform={`rotate(${degrees} ${MIDDLE} ${MIDDLE})`}>
          {isLever ? (
            <path
              d={`M${MIDDLE - 9} ${MIDDLE - 9}H${SIZE - 18}a9 9 0 0 1 0 18H${MIDDLE - 9}a9 9 0 0 1 0-18Z`}
              className={styles.lever}
            />
          ) : (
            <>
              <circle cx={MIDDLE} cy={MIDDLE} r="56" className={styles.wheel} />
              <path
                d={`M${MIDDLE} ${MIDDLE - 52}V${MIDDLE + 52}M${MIDDLE - 52} ${MIDDLE}H${MIDDLE + 52}`}
                className={styles.spokes}
              />
              <circle cx={MIDDLE + 56} cy={MIDDLE} r="8" className={styles.lever} />
            </>
          )}
          <circle cx={MIDDLE} cy={MIDDLE} r="5" className={styles.pin} />
        </g>
      </svg>
      <div>
        <p>
          <b>{words('hammer.handHint')}</b> {words('hammer.handKeys')}
        </p>
        <p className={styles.percent}>{Math.round(opening * 100)} %</p>
        <Button size="small" variant="outlined" disabled={opening === 1} onClick={again}>
          {words('hammer.openAgain')}
        </Button>
      </div>
    </div>
  );
}

/** A wheel of more turns is dragged as one of so many: nobody turns fourteen times on a screen. */
const MOST_TURNS = 3;

function angleOf(event: PointerEvent<SVGSVGElement>): number {
  const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
  return Math.atan2(event.clientY - top - height / 2, event.clientX - left - width / 2);
}

/** An angle the short way round. */
const within = (angle: number): number => Math.atan2(Math.sin(angle), Math.cos(angle));

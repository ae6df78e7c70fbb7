import {
  CONSUMED,
  type HookUp,
  type JoinedSide,
  type Part,
  PIPE_FACTS,
  partKey,
  partWords,
} from '@grevik/core';
import type { ModelView } from '@grevik/contracts';
import { useId } from 'react';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { pipeAxis } from '../../kit/cutaway/pipe-axes';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './ExplodedRow.module.css';
import { PART_SHAPES, PIPE_END, type PartShape } from './part-shapes';

/** As the cutaway beside it: its drawing is 118 high. */
const HEIGHT = 118;
const SCALE = 150 / HEIGHT;
const GAP = 16;
/** Height of the numbers. */
const NUMBER = 14;

interface Drawn {
  key: string;
  shape: PartShape;
  /** Its place in the kit; the pipe has none. */
  number?: number;
  isMirrored: boolean;
}

/** The parts in a row along their axis, from the supply to the far side, numbered as the kit lists them. */
export function ExplodedRow({ joined, model }: { joined: HookUp; model: ModelView }) {
  const figures = useFigures();
  const words = useWords();
  const [first, second] = joined.sides;
  const axis = pipeAxis(model.type);
  const numberOf = (part: Part): number => joined.kit.findIndex((one) => partKey(one) === partKey(part)) + 1;
  const rowOf = (side: JoinedSide): Drawn[] => [
    { key: 'pipe', shape: PIPE_END, isMirrored: side.side === 'out' },
    ...drawable(side).map((part, at) => ({
      key: `${at} ${part.id}`,
      shape: PART_SHAPES[part.id] ?? PIPE_END,
      number: numberOf(part),
      // A reducer is drawn from large to small.
      isMirrored: (side.side === 'out') !== (part.toDn !== undefined && part.toDn > (part.dn ?? 0)),
    })),
  ];
  const said = [first, second].flatMap((side) =>
    side ? drawable(side).map((part) => translated(partWords(part, figures.system))) : [],
  );
  const caption = (side: JoinedSide): string =>
    `${translated(PIPE_FACTS[side.pipe.material].words)} ${figures.size(side.pipe.dn)}`;
  return (
    <figure className={styles.figure} aria-label={words('hookUp.row')} tabIndex={0}>
      <div
        className={styles.row}
        role="img"
        aria-label={words('hookUp.rowLabel', { parts: said.join('; ') })}
      >
        {first && <Strip parts={rowOf(first)} caption={caption(first)} axis={axis} />}
        <div className={styles.valve}>
          <Cutaway model={model} opening={1} />
        </div>
        {second && <Strip parts={rowOf(second).reverse()} caption={caption(second)} axis={axis} isFar />}
      </div>
    </figure>
  );
}

/** What is drawn of a side, from the pipe to the valve; what is used up is not. */
const drawable = ({ taken, beside }: JoinedSide): Part[] =>
  [...beside, ...(taken?.parts ?? [])].filter(({ id }) => !CONSUMED.has(id) && PART_SHAPES[id] !== undefined);

interface StripProps {
  parts: readonly Drawn[];
  caption: string;
  /** Height of the valve's axis in its drawing: parts stand on it. */
  axis: number;
  isFar?: boolean;
}

function Strip({ parts, caption, axis, isFar = false }: StripProps) {
  const hatch = useId();
  const widthOf = (some: readonly Drawn[]): number =>
    some.reduce((sum, { shape }) => sum + shape.width + GAP, 0);
  const placed = parts.map((part, index) => ({ ...part, at: widthOf(parts.slice(0, index)) }));
  const width = Math.max(widthOf(parts), 40);
  return (
    <svg
      className={styles.strip}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      style={{ width: width * SCALE }}
      aria-hidden="true"
    >
      <defs>
        <pattern
          id={hatch}
          width="4.5"
          height="4.5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4.5" height="4.5" className={styles.metal} />
          <path d="M0 0V4.5" className={styles.hatch} />
        </pattern>
      </defs>
      <path className={styles.axis} d={`M0 ${axis}H${width}`} />
      {placed.map(({ key, shape, at, number, isMirrored }) => (
        <g key={key} transform={`translate(${at + GAP / 2} ${axis})`}>
          <g transform={isMirrored ? `translate(${shape.width} 0) scale(-1 1)` : undefined}>
            {[1, -1].map((half) => (
              <g key={half} transform={`scale(1 ${half})`}>
                {shape.metal && <path d={shape.metal} fill={`url(#${hatch})`} className={styles.outline} />}
                {shape.seal && <path d={shape.seal} className={styles.seal} />}
                {shape.lines && <path d={shape.lines} className={styles.lines} />}
              </g>
            ))}
          </g>
          {number !== undefined && (
            <g className={styles.number} transform={`translate(${shape.width / 2} ${NUMBER - axis})`}>
              <path d={`M0 10V${axis - NUMBER - 44}`} />
              <circle r="10" />
              <text y="4.5">{number}</text>
            </g>
          )}
        </g>
      ))}
      <text className={styles.caption} x={isFar ? width - 2 : 2} y="12" textAnchor={isFar ? 'end' : 'start'}>
        {caption}
      </text>
      {!isFar && <path className={styles.flow} d="M8 24h34m-8 -5l8 5l-8 5" />}
    </svg>
  );
}

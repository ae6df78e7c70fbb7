import { type HammerCase, type HammerFilm, inUnits } from '@grevik/core';
import { Figure } from '../../../kit/figure/Figure';
import { useFigures } from '../../../kit/useFigures';
import { useWords } from '../../../words';
import styles from './Hammer.module.css';
import { PlaybackBar } from '../PlaybackBar';
import { usePlayback } from '../usePlayback';

/** However short the closing, its film lasts so long on the screen. */
const SHOWN_S = 6;
const WIDTH = 600;
const LEFT = 84;
const RIGHT = 520;
const TOP = 14;
const FLOOR = 142;
const PIPE = 168;

interface PipeDrawingProps {
  of: HammerCase;
  film: HammerFilm;
  file: string;
}

/** The pipe from its source to the valve, over it the pressure as it is, as high and as low as it went, and the limit. */
export function PipeDrawing({ of, film, file }: PipeDrawingProps) {
  const figures = useFigures();
  const words = useWords();
  const { takenS, alongPa, nodes, envelope } = film;
  const clock = usePlayback(SHOWN_S);
  const picture = Math.round(clock.share * Math.max(0, takenS.length - 1));
  const { symbol } = inUnits(of.limitPa, 'pressure', figures.system);
  const shown = (pa: number): number => inUnits(pa, 'pressure', figures.system, symbol).figure;

  const highPa = Math.max(of.limitPa, ...envelope.map(({ maxPa }) => maxPa)) * 1.06;
  const lowPa = Math.min(0, ...envelope.map(({ minPa }) => minPa));
  const y = (pa: number): number => FLOOR - ((pa - lowPa) / (highPa - lowPa)) * (FLOOR - TOP);
  const x = (node: number): number => LEFT + (node / (nodes - 1)) * (RIGHT - LEFT);
  const place = (pa: number, node: number): string => `${x(node).toFixed(1)} ${y(pa).toFixed(1)}`;
  const now = Array.from({ length: nodes }, (_, node) => alongPa[picture * nodes + node] ?? 0);
  const band = `M${envelope.map(({ maxPa }, node) => place(maxPa, node)).join('L')}L${envelope
    .map(({ minPa }, node) => place(minPa, node))
    .reverse()
    .join('L')}Z`;
  const peakPa = Math.max(...envelope.map(({ maxPa }) => maxPa));
  const troughPa = Math.min(...envelope.map(({ minPa }) => minPa));
  const isOver = peakPa > of.limitPa;
  return (
    <Figure
      title={words('hammer.along')}
      unit={symbol}
      file={file}
      data={() => [
        ['distance m', 'highest Pa', 'lowest Pa', ...takenS.map((taken) => `at ${taken.toFixed(4)} s, Pa`)],
        ...envelope.map(({ distanceM, maxPa, minPa }, node) => [
          distanceM,
          maxPa,
          minPa,
          ...takenS.map((_, at) => alongPa[at * nodes + node] ?? 0),
        ]),
      ]}
    >
      <svg
        data-picture
        className={styles.pipe}
        viewBox={`0 0 ${WIDTH} 204`}
        role="img"
        aria-label={words('hammer.alongSays', {
          peak: figures.quantity(peakPa, 'pressure'),
          trough: figures.quantity(troughPa, 'pressure'),
          limit: figures.quantity(of.limitPa, 'pressure'),
        })}
      >
        <path d={band} className={styles.band} />
        <path d={`M${LEFT} ${y(0)}H${RIGHT}`} className={styles.axis} />
        <text x={LEFT - 8} y={y(0) + 4} className={styles.scale}>
          0
        </text>
        <path d={`M${LEFT} ${y(of.limitPa)}H${RIGHT}`} className={styles.limit} />
        <text x={LEFT - 8} y={y(of.limitPa) + 4} className={styles.scale}>
          {shown(of.limitPa)}
        </text>
        <text x={RIGHT - 4} y={y(of.limitPa) - 4} className={styles.limitWord}>
          {words('hammer.limitLine', { limit: figures.quantity(of.limitPa, 'pressure') })}
        </text>
        <path d={`M${now.map(place).join('L')}`} className={styles.now} />
        <text x={RIGHT + 8} y={Math.max(y(now[nodes - 1] ?? 0) + 5, 16)} className={styles.reading}>
          {shown(now[nodes - 1] ?? 0)}
        </text>
        {film.cavitates && (
          <text x={RIGHT - 4} y={FLOOR - 5} className={styles.boils}>
            {words('hammer.boils')}
          </text>
        )}
        <path
          d={`M28 ${PIPE - 22}V${PIPE + 14}H${LEFT}V${PIPE + 8}M${LEFT} ${PIPE - 8}V${PIPE - 22}`}
          className={styles.tank}
        />
        <path d={`M30 ${PIPE - 14}H${LEFT - 2}V${PIPE + 12}H30Z`} className={styles.water} />
        <path d={`M${LEFT - 2} ${PIPE - 8}H${RIGHT}V${PIPE + 8}H${LEFT - 2}Z`} className={styles.water} />
        <path d={`M${LEFT} ${PIPE - 8}H${RIGHT}M${LEFT} ${PIPE + 8}H${RIGHT}`} className={styles.wall} />
        <path
          d={`M${RIGHT} ${PIPE - 12}L${RIGHT + 26} ${PIPE + 12}V${PIPE - 12}L${RIGHT} ${PIPE + 12}Z`}
          className={isOver ? styles.valveOver : styles.valve}
        />
        <text x="60" y={PIPE + 32} className={styles.word}>
          {words('hammer.source')}
        </text>
        <text x={(LEFT + RIGHT) / 2} y={PIPE + 32} className={styles.word}>
          {figures.quantity(of.lengthM, 'length')}
        </text>
        <text x={RIGHT + 13} y={PIPE + 32} className={styles.word}>
          {words('hammer.valveEnd')}
        </text>
      </svg>
      <PlaybackBar
        clock={clock}
        lastsS={takenS.at(-1) ?? 0}
        shownS={SHOWN_S}
        playWord={words('hammer.play')}
        stopWord={words('hammer.pause')}
      />
    </Figure>
  );
}

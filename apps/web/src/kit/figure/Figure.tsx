import { useSnackbar } from 'notistack';
import { type ReactNode, useRef } from 'react';
import { useWords } from '../../words';
import styles from './Figure.module.css';
import { pngOf, svgText } from './export-picture';
import { saveCsv, saveFile } from './save-file';

interface FigureProps {
  title: string;
  /** The axis' unit, or what else is said once. */
  unit?: string;
  /** What a file of it is called, without its ending. */
  file: string;
  /** The rows of its plot, a heading first; asked for when they are taken. */
  data: () => (string | number)[][];
  /** Whether there is a drawing to take, beside the rows. */
  hasPicture?: boolean;
  children: ReactNode;
}

/** A picture with its title; what it shows can be taken away as a drawing, as pixels, and as rows. */
export function Figure({ title, unit, file, data, hasPicture = true, children }: FigureProps) {
  const inside = useRef<HTMLDivElement>(null);
  const { enqueueSnackbar } = useSnackbar();
  const words = useWords();
  const drawing = (): SVGSVGElement | null | undefined =>
    inside.current?.querySelector('svg[data-picture], .recharts-surface');

  const takePng = async (): Promise<void> => {
    const svg = drawing();
    if (!svg) return;
    try {
      saveFile(`${file}.png`, await pngOf(svg));
    } catch {
      enqueueSnackbar(words('figure.noPng'), { variant: 'error' });
    }
  };
  const takeSvg = (): void => {
    const svg = drawing();
    if (svg) saveFile(`${file}.svg`, new Blob([svgText(svg)], { type: 'image/svg+xml' }));
  };
  const takeCsv = (): void => saveCsv(`${file}.csv`, data());

  return (
    <figure className={styles.figure}>
      <figcaption>
        <b>{title}</b> {unit !== undefined && <span>{unit}</span>}
        <span className={`${styles.take} no-print`} role="group" aria-label={words('figure.take', { title })}>
          <button type="button" onClick={takeCsv}>
            CSV
          </button>
          {hasPicture && (
            <>
              <button type="button" onClick={takeSvg}>
                SVG
              </button>
              <button type="button" onClick={() => void takePng()}>
                PNG
              </button>
            </>
          )}
        </span>
      </figcaption>
      <div ref={inside}>{children}</div>
    </figure>
  );
}

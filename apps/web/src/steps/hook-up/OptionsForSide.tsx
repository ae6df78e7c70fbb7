import {
  END_WORDS,
  type JoinedSide,
  NOMINAL_SIZES,
  PIPE_FACTS,
  PIPE_MATERIALS,
  type PipeMaterial,
  type PipeSide,
  connectionWords,
} from '@grevik/core';
import { VerdictMark } from '../../kit/VerdictMark';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import styles from './HookUp.module.css';

interface SideWaysProps {
  side: JoinedSide;
  mayChange: boolean;
  setPipe: (pipe: PipeSide) => void;
  setWay: (way: string) => void;
}

/** One side: its pipe, the valve's end, and every way to join them with its verdict. */
export function OptionsForSide({
  side: { side, pipe, end, ways, taken },
  mayChange,
  setPipe,
  setWay,
}: SideWaysProps) {
  const figures = useFigures();
  const words = useWords();
  const name = words(`hookUp.${side}`);
  return (
    <section className={styles.side} aria-label={name}>
      <h2>{name}</h2>
      <p className={styles.pipe}>
        <select
          aria-label={words('hookUp.pipeOf', { side: name })}
          value={pipe.material}
          disabled={!mayChange}
          onChange={({ target }) => setPipe({ ...pipe, material: target.value as PipeMaterial })}
        >
          {PIPE_MATERIALS.map((material) => (
            <option key={material} value={material}>
              {translated(PIPE_FACTS[material].words)}
            </option>
          ))}
        </select>
        <select
          aria-label={words('hookUp.sizeOf', { side: name })}
          value={pipe.dn}
          disabled={!mayChange}
          onChange={({ target }) => setPipe({ ...pipe, dn: Number(target.value) })}
        >
          {NOMINAL_SIZES.map(({ dn }) => (
            <option key={dn} value={dn}>
              {figures.size(dn)}
            </option>
          ))}
        </select>
        <span>{words('hookUp.end', { end: translated(END_WORDS[end]) })}</span>
      </p>
      {!taken && <p role="alert">{words('hookUp.noWay')}</p>}
      <div role="radiogroup" aria-label={words('hookUp.wayOf', { side: name })}>
        <ul className={styles.ways}>
          {ways.map((way) => (
            <li key={way.id} data-verdict={way.verdict}>
              <label>
                <input
                  type="radio"
                  name={`way-${side}`}
                  checked={way.id === taken?.id}
                  disabled={!mayChange || way.verdict === 'out'}
                  onChange={() => setWay(way.id)}
                />
                <b>{translated(connectionWords(way))}</b>
                <VerdictMark verdict={way.verdict} />
              </label>
              {way.reasons.map(({ rule, text, measured }) => (
                <p key={rule}>
                  {translated(text)} {measured && figures.measured(measured)}
                </p>
              ))}
              {way.weakest && way.verdict !== 'out' && (
                <p>
                  {words('hookUp.weakest', {
                    name: translated(way.weakest.name),
                    pressure: figures.quantity(way.weakest.allowablePa, 'pressure'),
                  })}
                </p>
              )}
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}

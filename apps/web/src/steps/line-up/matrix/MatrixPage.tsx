import {
  type Duty,
  type Selected,
  VALVE_STORIES,
  VALVE_TYPES,
  VALVE_TYPE_FACTS,
  type ValveType,
  select,
  valveTypeFacts,
} from '@grevik/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { shortName } from '../../../kit/position-name';
import { useFigures } from '../../../kit/useFigures';
import { useVerdictWords } from '../../../kit/useVerdictWords';
import { VerdictMark } from '../../../kit/VerdictMark';
import { Reasons } from '../Reasons';
import { useLineFrame } from '../../../shell/useLineFrame';
import { translated, useWords } from '../../../words';
import { useOpenTypes } from './useOpenTypes';
import styles from './MatrixPage.module.css';

/** A whole line at once: positions down, types across, each judged as such; a cell opens its reasons. */
export function MatrixPage() {
  const { line, position, settings } = useLineFrame();
  const [open, setOpen] = useState<{ id: string; type: ValveType }>();
  const figures = useFigures();
  const words = useWords();
  const functions = new Set(line.positions.map(({ duty }) => duty.function));
  const types = VALVE_TYPES.filter(
    (type) =>
      valveTypeFacts(type).serves.some((of) => functions.has(of)) &&
      line.positions.some(({ duty }) => isMadeIn(type, duty.dn)),
  );
  const judged = useMemo(
    () =>
      new Map(
        line.positions.map(({ id, duty }) => {
          const asked: Duty = { ...duty, medium: line.medium };
          const made = select(asked, undefined, settings).results.filter(({ type }) =>
            isMadeIn(type, duty.dn),
          );
          return [id, new Map(made.map((result) => [result.type, result]))];
        }),
      ),
    [line, settings],
  );
  const isSoFar = useOpenTypes(line, settings);
  const at = open ?? { id: position.id, type: types[0] ?? 'ball' };
  const chosen = line.positions.find(({ id }) => id === at.id) ?? position;
  const result = judged.get(at.id)?.get(at.type);
  return (
    <div className={styles.page}>
      <div
        className={styles.scroll}
        tabIndex={0}
        role="region"
        aria-label={words('matrix.title', { line: line.name })}
      >
        <table className={styles.matrix}>
          <caption>{words('matrix.title', { line: line.name })}</caption>
          <thead>
            <tr>
              <th scope="col">{words('matrix.position')}</th>
              {types.map((type) => (
                <th key={type} scope="col">
                  <span>{translated(VALVE_TYPE_FACTS[type].words)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {line.positions.map((of) => (
              <tr key={of.id} data-here={of.id === position.id || undefined}>
                <th scope="row">
                  {of.tag}{' '}
                  <small>
                    {figures.size(of.duty.dn)} · {shortName(of)}
                  </small>
                </th>
                {types.map((type) => (
                  <td key={type}>
                    <Cell
                      result={judged.get(of.id)?.get(type)}
                      isSoFar={isSoFar(of.id, type)}
                      name={`${of.tag}, ${translated(VALVE_TYPE_FACTS[type].words)}`}
                      isOpen={of.id === at.id && type === at.type}
                      show={() => setOpen({ id: of.id, type })}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <aside className={styles.why} aria-live="polite">
        <h2>
          {chosen.tag} · {figures.size(chosen.duty.dn)}
        </h2>
        <h3>{translated(VALVE_TYPE_FACTS[at.type].words)}</h3>
        {result ? (
          <>
            <VerdictMark verdict={result.verdict} isSoFar={isSoFar(at.id, at.type)} />
            <Reasons reasons={result.reasons} />
          </>
        ) : (
          <p>{words('matrix.notMade')}</p>
        )}
        <Link to={`/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(chosen.tag)}`}>
          {words('matrix.toLineUp', { tag: chosen.tag })}
        </Link>{' '}
        <Link to={`/catalogue/types/${at.type}`}>{words('matrix.toType')}</Link>
      </aside>
    </div>
  );
}

/** Whether a type is usually made in a size at all. */
function isMadeIn(type: ValveType, dn: number): boolean {
  const [from, to] = VALVE_STORIES[type].typicalDn;
  return dn >= from && dn <= to;
}

function Cell({
  result,
  isSoFar,
  name,
  isOpen,
  show,
}: {
  result: Selected | undefined;
  isSoFar: boolean;
  name: string;
  isOpen: boolean;
  show: () => void;
}) {
  const words = useWords();
  const say = useVerdictWords();
  if (!result) return <span role="img" className={styles.not} aria-label={words('matrix.notMade')} />;
  return (
    <button
      type="button"
      className={styles.cell}
      aria-pressed={isOpen}
      aria-label={`${name}: ${say(result.verdict, isSoFar)}`}
      onClick={show}
    >
      <VerdictMark verdict={result.verdict} word="" isSoFar={isSoFar} />
    </button>
  );
}

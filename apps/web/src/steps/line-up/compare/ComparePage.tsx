import { type Duty, MEDIUM_FACTS, compare, lineUp, modelWords } from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { Suspense, lazy, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Notice } from '../../../kit/Notice';
import { useFigures } from '../../../kit/useFigures';
import { HandledCutaway } from '../AtHandle';
import { HandleSlider } from '../../../kit/handle/HandleSlider';
import { soFar, useAhead } from '../../../kit/outlook/useAhead';
import type { ModelColumn } from '../../../kit/outlook/model-column';
import { pickContext } from '../pick-context';
import { PickDialog } from '../PickDialog';
import { useAlike } from '../useAlike';
import { useLineFrame } from '../../../shell/useLineFrame';
import { useMay } from '../../../store/people-api';
import { useAppSelector } from '../../../store/store';
import { translated, useWords } from '../../../words';
import { type Row, rowsOf } from './compare-rows';
import styles from './ComparePage.module.css';
import { MOST_COMPARED } from './most-compared';
import { Summary } from './Summary';

const CompareCharts = lazy(() => import('./CompareCharts'));

/** Two to six candidates in full, in the order of the ranking, and in a sentence what sets them apart. */
export function ComparePage() {
  const { line, position, models, settings, money } = useLineFrame();
  const [query, setQuery] = useSearchParams();
  const [onlyDifferences, setOnlyDifferences] = useState(false);
  const [picking, setPicking] = useState<ModelColumn>();
  const weights = useAppSelector((state) => state.weights);
  const alike = useAlike(line, position);
  const mayPick = useMay('pick');
  const figures = useFigures();
  const words = useWords();
  const asked = useMemo(() => (query.get('of') ?? '').split(',').filter(Boolean), [query]);
  const duty: Duty = useMemo(() => ({ ...position.duty, medium: line.medium }), [position.duty, line.medium]);
  const judged = useMemo(() => lineUp(duty, models, settings, weights), [duty, models, settings, weights]);
  const chosen = useMemo(
    () =>
      [...judged.columns, ...judged.tray]
        .filter(({ model }) => asked.includes(model.id))
        .slice(0, MOST_COMPARED),
    [judged, asked],
  );
  const open = soFar(useAhead(duty, judged.columns, judged.tray, settings, false));
  const back = `/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(position.tag)}`;
  if (chosen.length < 2)
    return (
      <Notice
        title={words('compare.tooFew', { tag: position.tag, size: figures.size(duty.dn) })}
        action={<Link to={back}>{words('compare.toLineUp')}</Link>}
      >
        <p>{words('compare.tooFewBody')}</p>
      </Notice>
    );
  const compared = compare(chosen, duty, alike);
  const rows = rowsOf({ duty, soFar: open, alike, money, figures, words });
  const differs = ({ text }: Row): boolean => new Set(chosen.map(text)).size > 1;
  const drop = (id: string): void =>
    setQuery({ of: asked.filter((of) => of !== id).join(',') }, { replace: true });
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('compare.title', { tag: position.tag, size: figures.size(duty.dn) })}</h1>
        <label className="no-print">
          <Checkbox
            size="small"
            checked={onlyDifferences}
            onChange={({ target }) => setOnlyDifferences(target.checked)}
          />
          {words('compare.onlyDifferences')}
        </label>
        <Link className="no-print" to={back}>
          {words('compare.toLineUp')}
        </Link>
      </header>
      <Summary compared={compared} soFar={open} alike={alike} money={money} />
      <HandleSlider />
      <div className={styles.scroll} tabIndex={-1}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="row">{words('lineUp.inside')}</th>
              {chosen.map((column) => (
                <th key={column.model.id} scope="col">
                  <HandledCutaway column={column} />
                  <b>{modelWords(column.model).from}</b>
                  <span>{translated(modelWords(column.model).name)}</span>
                  <span className={`${styles.acts} no-print`}>
                    {mayPick && column.verdict !== 'out' && (
                      <Button size="small" variant="contained" onClick={() => setPicking(column)}>
                        {words('lineUp.pick')}
                      </Button>
                    )}
                    <Button size="small" onClick={() => drop(column.model.id)}>
                      {words('compare.drop')}
                    </Button>
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows
              .filter((row) => !onlyDifferences || differs(row))
              .map((row) => (
                <tr key={row.id} data-differs={differs(row) || undefined}>
                  <th scope="row">{row.label}</th>
                  {chosen.map((column) => (
                    <td key={column.model.id}>{row.cell ? row.cell(column) : row.text(column)}</td>
                  ))}
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      <Suspense>
        <CompareCharts duty={duty} columns={chosen} />
      </Suspense>
      <p className={styles.caution}>{translated(MEDIUM_FACTS[line.medium].caution)}</p>
      {picking && (
        <PickDialog
          key={position.id}
          line={line}
          position={position}
          column={picking}
          settings={settings}
          isSoFar={open.has(picking.model.id)}
          context={pickContext(position, picking, judged.columns, undefined)}
          close={() => setPicking(undefined)}
        />
      )}
    </div>
  );
}

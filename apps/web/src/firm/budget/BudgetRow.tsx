import { useDraggable } from '@dnd-kit/core';
import { CSS } from '@dnd-kit/utilities';
import type { ServedValveView } from '@grevik/contracts';
import { type BudgetLine, valveTypeFacts } from '@grevik/core';
import { IconButton, MenuItem, TextField } from '@mui/material';
import { Suspense, lazy, useState } from 'react';
import { Link } from 'react-router';
import { DragHandle } from '../../kit/icons';
import { shownPlace } from '../../kit/shown-place';
import { useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { translated, useWords } from '../../words';
import styles from './Budget.module.css';
import { WetsField } from './WetsField';

const SurvivalChart = lazy(() => import('../../kit/life/SurvivalChart'));

interface BudgetRowProps {
  line: BudgetLine;
  served: ServedValveView;
  isOfJob: boolean;
  isMoved: boolean;
  years: number;
  money: (amount: number) => string;
  /** Another year, 0 for never, or back to what the plan says. */
  put: (year: number | undefined) => void;
}

/** A valve of a budget: chance and consequence, each by itself, what it costs and what each other year would cost. */
export function BudgetRow({ line, served, isOfJob, isMoved, years, money, put }: BudgetRowProps) {
  const words = useWords();
  const figures = useFigures();
  const mayMove = useMay('order');
  const { valve, year, ageYears, present, chanceThisYear, consequence, assumed, because, life } = line;
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: valve.id, disabled: !mayMove });
  const { tag, type, dn, jobName, lineName, dry } = served;
  const [isOpen, setOpen] = useState(false);
  const [low, high] = life.medianBand;
  const differs = (to: number): string => {
    const by = (present[to] ?? 0) - (present[year] ?? 0);
    return to === year ? '' : ` ${by < 0 ? '−' : '+'}${money(Math.abs(by))}`;
  };
  const yearName = (of: number): string =>
    words(of === 0 ? 'budget.neverShort' : 'budget.year', { year: of });
  return (
    <li ref={setNodeRef} className={styles.row} style={{ transform: CSS.Translate.toString(transform) }}>
      {mayMove && (
        <IconButton
          size="small"
          className="no-print"
          aria-label={words('budget.drag', { tag })}
          {...attributes}
          {...listeners}
        >
          <DragHandle fontSize="small" />
        </IconButton>
      )}
      <div className={styles.what}>
        <Link to={`/jobs/${served.jobId}/lines/${served.lineId}/log/${encodeURIComponent(tag)}`}>{tag}</Link>{' '}
        {figures.size(dn)} {translated(valveTypeFacts(type).words).split(',')[0]} · {shownPlace(served)}
        <small>{isOfJob ? lineName : `${jobName}, ${lineName}`}</small>
      </div>
      <div>
        <b>
          {words(line.isFailed ? 'budget.hasFailed' : 'budget.chance', { share: percent(chanceThisYear) })}
        </b>
        <small>
          {ageYears === undefined
            ? words('budget.ageUnknown')
            : words(assumed.includes('age') ? 'budget.ageTaken' : 'budget.age', {
                years: Math.round(ageYears),
              })}
        </small>
      </div>
      <div>
        <b>{money(consequence)}</b>
        <small>
          {words(line.isFailed ? 'budget.asItIs' : 'budget.ifItFails')}
          {dry !== null && dry.length > 0 && `, ${words('budget.dry', { count: dry.length })}`}
        </small>
      </div>
      <div>
        <b>{money(valve.cost)}</b>
        <small>{words('budget.replacing')}</small>
      </div>
      <TextField
        select
        size="small"
        className="no-print"
        label={words('budget.when')}
        value={year}
        disabled={!mayMove}
        onChange={({ target }) => put(target.value === '' ? undefined : Number(target.value))}
        slotProps={{ select: { renderValue: (of) => yearName(Number(of)) + (isMoved ? ' *' : '') } }}
      >
        {Array.from({ length: years + 1 }, (_, of) => (of + 1) % (years + 1)).map((of) => (
          <MenuItem key={of} value={of}>
            {yearName(of)}
            {differs(of)}
          </MenuItem>
        ))}
        {isMoved && <MenuItem value="">{words('budget.byPlan')}</MenuItem>}
      </TextField>
      <details onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
        <summary>{words('budget.why')}</summary>
        <ul>
          <li>{words('budget.median', { low: low.toFixed(0), high: high.toFixed(0) })}</li>
          {because.map((one) => (
            <li key={one}>{translated(one)}</li>
          ))}
          {dry !== null && dry.length > 0 && <li>{words('budget.dryWho', { who: dry.join(', ') })}</li>}
        </ul>
        {isOpen && (
          <Suspense fallback={null}>
            <SurvivalChart life={life} ageYears={ageYears} />
          </Suspense>
        )}
        <WetsField valve={served} />
      </details>
    </li>
  );
}

const percent = (share: number): string => (share < 0.01 ? '< 1' : (share * 100).toFixed(0));

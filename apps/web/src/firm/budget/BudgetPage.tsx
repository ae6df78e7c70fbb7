import type { BudgetFile, BudgetView } from '@grevik/contracts';
import { type MovedByHand, wholeAmounts } from '@grevik/core';
import { Alert, Button } from '@mui/material';
import { Suspense, lazy } from 'react';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { FileButton } from '../../kit/background-task/FileButton';
import { useUndoable } from '../../kit/useUndoable';
import { useBudgetQuery, useChangeBudgetMutation } from '../../store/budget-api';
import { failureText, isStopped } from '../../store/failure';
import { useAskForBudgetFileMutation } from '../../store/tasks-api';
import { spokenLanguage, useWords } from '../../words';
import styles from './Budget.module.css';
import { BudgetSettingsForm } from './BudgetSettingsForm';
import { BudgetYears } from './BudgetYears';
import { MustNotWait } from './MustNotWait';
import { Unplanned } from './Unplanned';
import { usePlan } from './usePlan';

const BudgetCharts = lazy(() => import('./BudgetCharts'));

/** Which valves to replace in which year within the money, of a job or of the company. */
export function BudgetPage() {
  const { jobId } = useParams();
  const words = useWords();
  const undoable = useUndoable();
  const { data: view, error, isError, refetch } = useBudgetQuery(jobId);
  const [change, { error: refused }] = useChangeBudgetMutation();
  const [askForFile] = useAskForBudgetFileMutation();
  const { budget, curve, isPlanning, cancel } = usePlan(view);
  if (isStopped({ data: view, error, isError }))
    return <Failure error={error} retry={() => void refetch()} />;
  if (!view) return <Loading what={words('budget.title')} />;
  const money = wholeAmounts(view.currency);
  const save = async (
    done: string,
    { settings = view.settings, moved = view.moved }: Partial<Pick<BudgetView, 'settings' | 'moved'>>,
  ): Promise<void> => {
    const { data } = await change({
      ...(jobId !== undefined && { jobId }),
      ...{ version: view.version, settings, moved },
    });
    if (data) undoable(done, data.changeId === null ? null : { id: data.changeId });
  };
  const fileOf = async (format: BudgetFile): Promise<string> =>
    (await askForFile({ ...(jobId !== undefined && { jobId }), format, language: spokenLanguage() }).unwrap())
      .taskId;
  const move = (moved: MovedByHand, done: string): void => void save(done, { moved });
  /** What was moved by hand stays, as far as its year is still planned. */
  const stillMoved = (years: number): MovedByHand =>
    Object.fromEntries(Object.entries(view.moved).filter(([, year]) => year <= years));
  const saved = budget && budget.withoutPlanCost - budget.presentCost;
  return (
    <div className={styles.page}>
      <div className={styles.plan}>
        <h1>{words('budget.title')}</h1>
        {refused !== undefined && <Alert severity="error">{failureText(refused)}</Alert>}
        <MustNotWait valves={view.valves} />
        {isPlanning && (
          <p role="status" className={styles.planning}>
            {words('budget.planning', { count: view.valves.length })}{' '}
            <Button size="small" onClick={cancel}>
              {words('budget.cancel')}
            </Button>
          </p>
        )}
        {budget && saved !== undefined && (
          <>
            <p className={styles.sum}>
              {budget.lines.length === 0
                ? words('budget.nothing')
                : words('budget.sum', {
                    years: view.settings.years,
                    with: money(budget.presentCost),
                    without: money(budget.withoutPlanCost),
                    saved: money(saved),
                    gap: (budget.gap * 100).toFixed(1),
                  })}
            </p>
            <Unplanned view={view} budget={budget} />
            {budget.lines.length > 0 && (
              <Suspense fallback={null}>
                <BudgetCharts budget={budget} curve={curve} currency={view.currency} />
              </Suspense>
            )}
            <BudgetYears view={view} budget={budget} isOfJob={jobId !== undefined} move={move} />
          </>
        )}
      </div>
      <aside className={`${styles.aside} no-print`}>
        <BudgetSettingsForm
          key={view.version}
          view={view}
          save={(settings) =>
            void save(words('budget.saved'), { settings, moved: stillMoved(settings.years) })
          }
        />
        <section>
          <h2>{words('budget.files')}</h2>
          <p>{words('budget.filesHint')}</p>
          <FileButton label={words('budget.pdf')} ask={() => fileOf('pdf')} />{' '}
          <FileButton label={words('budget.xlsx')} ask={() => fileOf('xlsx')} />
        </section>
      </aside>
    </div>
  );
}

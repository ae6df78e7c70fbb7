import type { StartUpStep } from '@grevik/core';
import { Button } from '@mui/material';
import { useNavigate, useSearchParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { dateWords } from '../../kit/when';
import { isStopped } from '../../store/failure';
import { useLineFrame } from '../../shell/useLineFrame';
import { translated, useWords } from '../../words';
import { HandOver } from './HandOver';
import styles from './StartUp.module.css';
import { StepPanel } from './StepPanel';
import { useStartUp } from './useStartUp';

/** From installed to handed over: the steps of a line in the order of the work, and one of them to do. */
export function StartUpPage() {
  const { line } = useLineFrame();
  const here = useStartUp();
  const [query] = useSearchParams();
  const words = useWords();
  if (isStopped({ ...here, data: here.view }))
    return <Failure error={here.error} retry={() => void here.refetch()} />;
  if (!here.view || !here.startUp) return <Loading what={words('startUp.what')} />;
  const { steps, isComplete } = here.startUp;
  const asked = query.get('step');
  const current =
    steps.find(({ id }) => id === asked) ?? steps.find(({ state }) => state === 'open') ?? steps[0];
  const done = steps.filter(({ state }) => state === 'done' || state === 'skipped').length;
  return (
    <div className={styles.page} data-chosen={asked !== null || undefined}>
      <aside className={styles.list}>
        <h1>{words('startUp.title', { line: line.name })}</h1>
        <p>{words('startUp.done', { count: steps.length, done })}</p>
        <ol aria-label={words('startUp.steps')}>
          {steps.map((step) => (
            <li key={step.id}>
              <StepLine step={step} isCurrent={step.id === current?.id} />
            </li>
          ))}
        </ol>
        <HandOver line={line} view={here.view} isComplete={isComplete} />
        <p className={styles.caution}>{words('startUp.caution')}</p>
        <Button className="no-print" size="small" onClick={() => window.print()}>
          {words('startUp.print')}
        </Button>
      </aside>
      {current && (
        <StepPanel
          key={current.id}
          step={current}
          line={here.line}
          view={here.view}
          isClosed={here.view.handedOver !== null}
        />
      )}
    </div>
  );
}

function StepLine({ step, isCurrent }: { step: StartUpStep; isCurrent: boolean }) {
  const words = useWords();
  const navigate = useNavigate();
  const { id, title, state, waitsFor, by, at, does, skipped } = step;
  return (
    <button
      type="button"
      className={styles.step}
      data-state={state}
      aria-current={isCurrent ? 'step' : undefined}
      onClick={() => void navigate(`?step=${id}`, { replace: true })}
    >
      <b>{translated(title)}</b>{' '}
      <span>
        {state === 'done' && by !== undefined && at !== undefined
          ? `✓ ${words('startUp.signed', { by, date: dateWords(at) })}`
          : words(`startUp.states.${state}`)}
      </span>
      <small>
        {skipped
          ? skipped.reason
          : state === 'waiting'
            ? words('startUp.waits', { steps: waitsFor.map(translated).join(', ') })
            : translated(does)}
      </small>
    </button>
  );
}

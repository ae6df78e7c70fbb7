import { type Duty, MEDIUM_FACTS, type PositionDuty, benchValve } from '@grevik/core';
import { Suspense, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Loading, Notice } from '../../kit/Notice';
import { StepHead } from '../../kit/StepHead';
import { useSayFacts } from '../../kit/duty/useSayFacts';
import { useMay } from '../../store/people-api';
import { useLineFrame } from '../../shell/useLineFrame';
import { translated, useWords } from '../../words';
import styles from './BenchPage.module.css';
import { benchAt, benchesFor } from './bench-table';
import { IntoDutyContext, type SharedFact } from './case/into-duty';
import { ValveChoice } from './ValveChoice';
import { useBenchValve } from './useBenchValve';

/** Benches whose result hangs on the one valve that is there. */
const OF_ONE_VALVE = ['hammer', 'control', 'dirty-ball', 'part-open-gate'];

/** What the valve of a position does when it moves, with the duty filled in. */
export function BenchPage() {
  const { line, position, models, settings } = useLineFrame();
  const [query, setQuery] = useSearchParams();
  const words = useWords();
  const duty: Duty = useMemo(() => ({ ...position.duty, medium: line.medium }), [position.duty, line.medium]);
  const walkedType = line.walk.items.find(({ positionId }) => positionId === position.id)?.type;
  const choice = useBenchValve({ duty, position, models, settings, asked: query.get('valve'), walkedType });
  const valve = useMemo(() => benchValve(duty, choice.model ?? choice.type), [duty, choice]);
  const mayChange = useMay('change-duty');
  const { say } = useSayFacts(position, line.id);
  const intoDuty = mayChange
    ? (fact: SharedFact, value: PositionDuty[SharedFact]): void => void say({ [fact]: value })
    : undefined;
  const at = benchAt(duty, query.get('of'));
  if (!at)
    return (
      <Notice title={words('bench.none', { medium: translated(MEDIUM_FACTS[line.medium].words) })}>
        <p>{words('bench.noneBody')}</p>
      </Notice>
    );
  const { bench, Screen } = at;
  const chosen = choice.model?.id ?? choice.type;
  return (
    <div className={styles.page}>
      <StepHead position={position} title={words(`benches.${bench}`)}>
        <nav className={`${styles.tabs} no-print`} aria-label={words('bench.label')}>
          {benchesFor(duty).map((one) => (
            <Link
              key={one.bench}
              to={{ search: `?of=${one.bench}` }}
              aria-current={one.bench === bench ? 'page' : undefined}
            >
              {words(`benches.${one.bench}`)}
            </Link>
          ))}
        </nav>
        {OF_ONE_VALVE.includes(bench) && (
          <ValveChoice
            choice={choice}
            choose={(id) => setQuery({ of: bench, valve: id }, { replace: true })}
          />
        )}
      </StepHead>
      <IntoDutyContext value={intoDuty}>
        <Suspense fallback={<Loading what={words('bench.what')} />}>
          <Screen
            key={`${position.id} ${bench} ${chosen}`}
            line={line}
            position={position}
            duty={duty}
            valve={valve}
            model={choice.model}
            models={models}
          />
        </Suspense>
      </IntoDutyContext>
      <p className={styles.caution}>{translated(MEDIUM_FACTS[line.medium].caution)}</p>
    </div>
  );
}

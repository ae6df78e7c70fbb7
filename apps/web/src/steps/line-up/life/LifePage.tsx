import { MEDIUM_FACTS, columnsByType, lifeCost, lineUp, modelWords, wholeAmounts } from '@grevik/core';
import { MenuItem, TextField } from '@mui/material';
import { Suspense, lazy, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Loading, Notice } from '../../../kit/Notice';
import { useFigures } from '../../../kit/useFigures';
import { useLineFrame } from '../../../shell/useLineFrame';
import { useAppSelector } from '../../../store/store';
import { translated, useWords } from '../../../words';
import { MOST_COMPARED } from '../compare/most-compared';
import styles from './LifePage.module.css';
import { LifeTable } from './LifeTable';
import { type CandidateOverYears, USUAL_YEARS, useCandidateCosts } from './useCandidateCosts';

const LifeChart = lazy(() => import('./LifeChart'));
const HORIZONS = [5, 10, 20, 30, 50];
/** Candidates shown where nobody chose some. */
const SHOWN = 4;

/** What candidates cost over the years: bought, put in, visited, failed; and which has paid for itself by when. */
export function LifePage() {
  const { line, position, models, settings } = useLineFrame();
  const words = useWords();
  const figures = useFigures();
  const weights = useAppSelector((state) => state.weights);
  const [query, setQuery] = useSearchParams();
  const years = HORIZONS.find((of) => String(of) === query.get('years')) ?? USUAL_YEARS;
  const asked = query.get('of');
  const columns = useMemo(
    () =>
      lineUp(
        { ...position.duty, medium: line.medium },
        models.filter(({ retired }) => !retired),
        settings,
        weights,
      ).columns,
    [position.duty, line.medium, models, settings, weights],
  );
  const chosen = useMemo(() => {
    const ids = asked?.split(',') ?? [];
    const named = columns.filter(({ model }) => ids.includes(model.id)).slice(0, MOST_COMPARED);
    if (named.length > 0) return named;
    // Models of one type cost nearly the same: the best of each is shown.
    return columnsByType(columns)
      .slice(0, SHOWN)
      .map(({ best }) => best);
  }, [columns, asked]);
  const { basis, costs } = useCandidateCosts({ line, position, settings }, chosen, years);
  const back = `/jobs/${line.jobId}/lines/${line.id}/line-up/${encodeURIComponent(position.tag)}`;
  if (chosen.length === 0)
    return (
      <Notice title={words('lineUp.none')} action={<Link to={back}>{words('compare.toLineUp')}</Link>} />
    );
  if (!basis || !costs) return <Loading what={words('life.title', { tag: position.tag, years })} />;
  const all = [...costs.values()];
  const say = wholeAmounts(basis.currency);
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('life.title', { tag: position.tag, years })}</h1>
        <TextField
          select
          size="small"
          className="no-print"
          label={words('life.horizon')}
          value={years}
          onChange={({ target }) =>
            setQuery(
              (before) => {
                before.set('years', target.value);
                return before;
              },
              { replace: true },
            )
          }
        >
          {HORIZONS.map((of) => (
            <MenuItem key={of} value={of}>
              {words('life.years', { count: of })}
            </MenuItem>
          ))}
        </TextField>
        <Link className="no-print" to={back}>
          {words('compare.toLineUp')}
        </Link>
      </header>
      <BreakEven all={all} years={years} discountRate={basis.settings.discountRate} say={say} />
      <LifeTable all={all} years={years} say={say} />
      <Suspense>
        <LifeChart all={all} discountRate={basis.settings.discountRate} currency={basis.currency} />
      </Suspense>
      <p className={styles.soft}>
        {words('life.basis', {
          rate: (100 * basis.settings.discountRate).toFixed(0),
          hour: say(basis.settings.hourlyRate),
          call: say(basis.settings.emergencyCall),
        })}{' '}
        <Link to={`/jobs/${line.jobId}/budget`}>{words('life.change')}</Link>
      </p>
      <p className={styles.caution}>
        {figures.size(position.duty.dn)} · {translated(MEDIUM_FACTS[line.medium].caution)}
      </p>
    </div>
  );
}

interface BreakEvenProps {
  all: readonly CandidateOverYears[];
  years: number;
  discountRate: number;
  say: (amount: number) => string;
}

/** In words: the cheapest to put in, and by when each dearer one has paid for itself against it. */
function BreakEven({ all, years, discountRate, say }: BreakEvenProps) {
  const words = useWords();
  const [first, ...dearer] = [...all].sort((a, b) => upFront(a) - upFront(b));
  if (!first) return null;
  const name = modelWords(first.model).from;
  const [best] = [...all].sort((a, b) => a.over.presentCost - b.over.presentCost);
  return (
    <ul className={styles.said}>
      <li>
        {words('life.cheapest', {
          years,
          model: modelWords((best ?? first).model).from,
          cost: say((best ?? first).over.presentCost),
        })}
      </li>
      {dearer.map((one) => {
        const { breakEvenYear } = lifeCost({
          horizonYears: years,
          discountRate,
          options: [first.option, one.option],
        });
        const said = {
          model: modelWords(one.model).from,
          other: name,
          more: say(upFront(one) - upFront(first)),
        };
        return (
          <li key={one.model.id}>
            {upFront(one) - upFront(first) < 1
              ? words('life.sameAtFirst', said)
              : breakEvenYear === undefined
                ? words('life.neverPays', { ...said, years })
                : words('life.pays', { ...said, year: breakEvenYear })}
          </li>
        );
      })}
    </ul>
  );
}

const upFront = ({ option }: CandidateOverYears): number => option.purchase + option.install;

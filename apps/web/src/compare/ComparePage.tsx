import {
  BODY_WORDS,
  type Compared,
  type Duty,
  END_WORDS,
  MEDIUM_FACTS,
  SEAT_WORDS,
  VALVE_STORIES,
  compare,
  costOf,
  lineUp,
  modelWords,
  openDropPa,
} from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { type ReactNode, Suspense, lazy, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Notice } from '../kit/Notice';
import { useFigures } from '../kit/useFigures';
import { VerdictMark } from '../kit/VerdictMark';
import { HandledCutaway } from '../line-up/AtHandle';
import { HandleSlider } from '../line-up/HandleSlider';
import type { ModelColumn } from '../line-up/model-column';
import { PickDialog } from '../line-up/PickDialog';
import { Reasons } from '../line-up/Reasons';
import { useAlike } from '../line-up/useAlike';
import { WeakestPart } from '../line-up/WeakestPart';
import { useLineFrame } from '../shell/useLineFrame';
import { useMay } from '../store/people-api';
import { useAppSelector } from '../store/store';
import { useWords } from '../words';
import styles from './ComparePage.module.css';
import { MOST_COMPARED } from './most-compared';

const CompareCharts = lazy(() => import('./CompareCharts'));

/** Two to six candidates in full, in the order of the ranking, and in a sentence what sets them apart. */
export function ComparePage() {
  const { line, position, models, sides, money } = useLineFrame();
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
  const chosen = useMemo(() => {
    const { columns, tray } = lineUp(duty, models, sides, weights);
    return [...columns, ...tray].filter(({ model }) => asked.includes(model.id)).slice(0, MOST_COMPARED);
  }, [duty, models, sides, weights, asked]);
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
  const rows = rowsOf({ duty, alike, money, figures, words });
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
      <Summary compared={compared} alike={alike} money={money} />
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
                  <span>{modelWords(column.model).name}</span>
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
      <p className={styles.caution}>{MEDIUM_FACTS[line.medium].caution}</p>
      {picking && (
        <PickDialog
          key={position.id}
          line={line}
          position={position}
          column={picking}
          sides={sides}
          close={() => setPicking(undefined)}
        />
      )}
    </div>
  );
}

/** What sets each apart from the first, in a sentence a foreman can say. */
function Summary({
  compared,
  alike,
  money,
}: {
  compared: readonly Compared[];
  alike: number;
  money: (amount: number) => string;
}) {
  const figures = useFigures();
  const words = useWords();
  const [first, ...others] = compared;
  if (!first) return null;
  const say = ({ costsMore, losesMorePa, lastsLonger, firstToGo }: Compared): string =>
    [
      costsMore === 0
        ? words('compare.costsSame')
        : words(costsMore > 0 ? 'compare.costsMore' : 'compare.costsLess', {
            money: money(Math.abs(costsMore)),
            count: alike,
          }),
      losesMorePa === undefined || Math.abs(losesMorePa) < LEAST_TOLD_PA
        ? undefined
        : words(losesMorePa > 0 ? 'compare.losesMore' : 'compare.saves', {
            pressure: figures.loss(Math.abs(losesMorePa)),
          }),
      Math.abs(lastsLonger) < 1
        ? undefined
        : words(lastsLonger > 0 ? 'compare.lastsLonger' : 'compare.lastsShorter', {
            years: Math.round(Math.abs(lastsLonger)),
          }),
      words('compare.firstToGo', { part: `${firstToGo.charAt(0).toLowerCase()}${firstToGo.slice(1, -1)}` }),
    ]
      .filter(Boolean)
      .join('; ');
  return (
    <ul className={styles.summary} aria-label={words('compare.inWords')}>
      <li>
        <b>{modelWords(first.column.model).from}</b>{' '}
        {words('compare.first', {
          verdict: words(`verdicts.${first.column.verdict}`),
          part: `${first.firstToGo.charAt(0).toLowerCase()}${first.firstToGo.slice(1, -1)}`,
        })}
      </li>
      {others.map((one) => (
        <li key={modelWords(one.column.model).from}>
          <b>{modelWords(one.column.model).from}</b> {say(one)}.
        </li>
      ))}
    </ul>
  );
}

/** Less than this nobody argues about. */
const LEAST_TOLD_PA = 500;

interface Row {
  id: string;
  label: string;
  /** What it says, to tell whether columns differ. */
  text: (column: ModelColumn) => string;
  cell?: (column: ModelColumn) => ReactNode;
}

function rowsOf({
  duty,
  alike,
  money,
  figures,
  words,
}: {
  duty: Duty;
  alike: number;
  money: (amount: number) => string;
  figures: ReturnType<typeof useFigures>;
  words: ReturnType<typeof useWords>;
}): Row[] {
  const cost = ({ size, life }: ModelColumn) => costOf(size, life, alike);
  const unknown = words('catalogue.unknown');
  return [
    {
      id: 'verdict',
      label: words('lineUp.verdict'),
      text: ({ verdict, score }) => `${verdict} ${Math.round(score ?? 0)}`,
      cell: ({ verdict, score }) => (
        <>
          <VerdictMark verdict={verdict} />{' '}
          {score !== null && words('compare.points', { score: Math.round(score) })}
        </>
      ),
    },
    {
      id: 'because',
      label: words('lineUp.because'),
      text: ({ reasons }) => reasons.map(({ rule, verdict }) => `${rule} ${verdict}`).join(' '),
      cell: ({ reasons, model }) => <Reasons reasons={reasons} modelId={model.id} />,
    },
    {
      id: 'weakest',
      label: words('lineUp.weakest', { temperature: figures.quantity(duty.temperatureC, 'temperature') }),
      text: ({ rating }) => `${rating?.governing} ${rating?.allowablePa}`,
      cell: ({ rating }) => <WeakestPart rating={rating} />,
    },
    {
      id: 'loss',
      label: words('compare.loss'),
      text: (column) => {
        const drop = openDropPa(column, duty);
        return drop === undefined ? unknown : figures.loss(drop);
      },
    },
    {
      id: 'open',
      label: words('lineUp.open'),
      text: ({ open }) =>
        open
          ? `${figures.capacity(open.kv)} ${words(open.source === 'sheet' ? 'lineUp.bySheet' : 'lineUp.estimated')}`
          : words('lineUp.pipeUnknown'),
    },
    {
      id: 'life',
      label: words('catalogue.life'),
      text: ({ life }) => words('lineUp.years', { low: life.years[0], high: life.years[1] }),
      cell: ({ life }) => (
        <>
          <b>{words('lineUp.years', { low: life.years[0], high: life.years[1] })}</b>
          {life.because.length > 0 && (
            <div>
              {words('lineUp.lifeBecause', { reasons: life.because.map(({ text }) => text).join(', ') })}
            </div>
          )}
        </>
      ),
    },
    {
      id: 'wears',
      label: words('types.wears'),
      text: ({ model }) => VALVE_STORIES[model.type].wears,
    },
    { id: 'each', label: words('catalogue.price'), text: (column) => money(cost(column).each) },
    {
      id: 'job',
      label: words('compare.overJob', { count: alike }),
      text: (column) => money(cost(column).overJob),
    },
    { id: 'year', label: words('compare.perYear'), text: (column) => money(cost(column).perYear) },
    {
      id: 'body',
      label: words('catalogue.field.bodyMaterial'),
      text: ({ model }) => (model.bodyMaterial ? BODY_WORDS[model.bodyMaterial] : unknown),
    },
    {
      id: 'seat',
      label: words('compare.closesOn'),
      text: ({ model }) => {
        const closing = model.seatMaterial ?? model.discMaterial;
        return closing ? SEAT_WORDS[closing] : unknown;
      },
    },
    {
      id: 'ends',
      label: words('compare.ends'),
      text: ({ model }) => model.ends?.map((end) => END_WORDS[end]).join(' × ') ?? unknown,
    },
    {
      id: 'operator',
      label: words('catalogue.field.operator'),
      text: ({ model }) => model.operator?.replaceAll('-', ' ') ?? unknown,
    },
    {
      id: 'approvals',
      label: words('catalogue.approvals'),
      text: ({ model }) => (model.approvals ? model.approvals.join(', ') || words('compare.none') : unknown),
    },
    {
      id: 'spares',
      label: words('catalogue.spares'),
      text: ({ model }) =>
        model.spares?.map(({ name, price }) => `${name} ${money(price)}`).join(', ') ?? words('compare.none'),
    },
  ];
}

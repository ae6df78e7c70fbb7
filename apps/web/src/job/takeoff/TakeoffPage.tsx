import type { JobWalkView, ModelView } from '@grevik/contracts';
import {
  type Counted,
  MAIN_SHUT_OFF,
  STOP_KINDS,
  STOP_KIND_FACTS,
  type StopKind,
  coinAmounts,
  countedFixtures,
  decimalSum,
  modelInSize,
  stopsOfKind,
  takeoff,
} from '@grevik/core';
import { Button } from '@mui/material';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { saveCsv } from '../../kit/figure/save-file';
import { useCatalogueQuery, useCompanyQuery } from '../../store/api';
import { useJobWalkQuery } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import { CountField } from './CountField';
import { FixtureTable } from './FixtureTable';
import { Rooms } from './Rooms';
import { type GroupOfStops, StopGroup } from './StopGroup';
import styles from './Takeoff.module.css';
import { UsualHomes } from './UsualHomes';
import { optionOf } from './Ways';
import { useTakeoffCase } from './useTakeoffCase';

/** The stops of a job: fixtures from the walks, stops by the template, and for each kind of stop the ways of equipping the job in money. */
export function TakeoffPage() {
  const { jobId = '' } = useParams();
  const job = useJobWalkQuery(jobId);
  const catalogue = useCatalogueQuery();
  const company = useCompanyQuery();
  const words = useWords();
  const failed = [job, catalogue, company].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!job.data || !catalogue.data || !company.data) return <Loading what={words('takeoff.what')} />;
  return (
    <CountedJob
      jobId={jobId}
      job={job.data}
      models={catalogue.data.filter(({ retired }) => !retired)}
      currency={company.data.currency}
    />
  );
}

/** The two that differ most in what they are: the cheapest, and the first of another type. */
function usualPair(models: readonly ModelView[], dn: number): ModelView[] {
  const price = (model: ModelView): number => model.sizes.find((size) => size.dn === dn)?.price ?? Infinity;
  const [cheapest, ...rest] = [...models].sort((a, b) => price(a) - price(b));
  const other = rest.find(({ type }) => type === 'quarter-turn-stop' && type !== cheapest?.type) ?? rest[0];
  return [cheapest, other].flatMap((model) => model ?? []);
}

/** Main shut-offs of a job, by the size of each. */
const mainShutOffs = ({ lines }: JobWalkView): number[] =>
  lines.flatMap(({ positions }) =>
    positions.filter(({ duty }) => duty.function === 'emergency-shutoff').map(({ duty }) => duty.dn),
  );

interface CountedJobProps {
  jobId: string;
  job: JobWalkView;
  models: readonly ModelView[];
  currency: string;
}

function CountedJob({ jobId, job, models, currency }: CountedJobProps) {
  const words = useWords();
  const of = useTakeoffCase();
  const money = coinAmounts(currency);
  const walked = new Map<Counted, number>(
    countedFixtures(job.lines.map(({ walk }) => walk.items)).map(({ kind, count }) => [kind, count]),
  );
  const mains = mainShutOffs(job);
  walked.set(MAIN_SHUT_OFF, mains.length);
  const walkedOf = (kind: Counted): number => walked.get(kind) ?? 0;
  const countOf = (kind: Counted): number => of.counts[kind] ?? walkedOf(kind);

  const groupOf = (kind: StopKind): GroupOfStops[] => {
    const { serves, suits, dn: usualDn } = STOP_KIND_FACTS[kind];
    const counts = Object.fromEntries(serves.map((one) => [one, countOf(one)]));
    const { fixtures, template } = stopsOfKind(kind, counts, of.template);
    if (fixtures.length === 0) return [];
    const dn = of.dn(kind) ?? (kind === MAIN_SHUT_OFF ? (mostCommon(mains) ?? usualDn) : usualDn);
    const offered = models.flatMap((model) => {
      const size = model.sizes.find((one) => one.dn === dn);
      const made = size && modelInSize(model, size);
      return made && suits(made) ? [made] : [];
    });
    const chosen = of.models(kind);
    const compared = chosen
      ? chosen.flatMap((id) => offered.find((model) => model.id === id) ?? [])
      : usualPair(offered, dn);
    const counted = takeoff({
      fixtures,
      template,
      options: compared.map((model) => optionOf(model, dn)),
      spares: of.sparesPercent / 100,
      currency,
    });
    return [
      {
        kind,
        dn,
        offered,
        compared,
        counted,
        fixtures: fixtures.reduce((sum, { count }) => sum + count, 0),
      },
    ];
  };
  const groups = STOP_KINDS.flatMap(groupOf);
  const pieces = groups.reduce((sum, { counted }) => sum + counted.quantity, 0);
  const needed = groups.flatMap(({ counted }) => counted.lines).reduce((sum, { total }) => sum + total, 0);
  const firstOfEach = decimalSum(groups.flatMap(({ counted }) => counted.options[0]?.total ?? []));
  const isPriced = groups.length > 0 && groups.every(({ counted }) => counted.options.length > 0);
  const add = (more: Partial<Record<Counted, number>>): void =>
    of.setCounts(
      Object.fromEntries(
        Object.entries(more).map(([kind, count]) => [kind, countOf(kind as Counted) + count]),
      ),
    );

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('takeoff.title', { job: job.name })}</h1>
        <p>{words('takeoff.lead')}</p>
      </header>
      <div className={styles.columns}>
        <section>
          {groups.length === 0 && <p role="status">{words('takeoff.none')}</p>}
          <FixtureTable of={of} walkedOf={walkedOf} countOf={countOf} />
          <UsualHomes add={add} />
          <Rooms add={add} />
          <label className={styles.spares}>
            {words('takeoff.spares')}
            <CountField
              label={words('takeoff.spares')}
              value={of.sparesPercent}
              most={100}
              set={of.setSpares}
            />
          </label>
          <p className={styles.quantity} role="status">
            {words('takeoff.quantity', { count: pieces, spares: pieces - needed })}
          </p>
        </section>
        <section aria-label={words('takeoff.ways')}>
          <header className={styles.ways}>
            <h2>{words('takeoff.ways')}</h2>
            {isPriced && <b>{words('takeoff.firstOfEach', { amount: money(firstOfEach) })}</b>}
            <Button
              size="small"
              variant="outlined"
              className="no-print"
              disabled={groups.length === 0}
              onClick={() =>
                saveCsv(
                  `${job.name}-takeoff.csv`,
                  groups.flatMap((group) => rowsOf(group, currency)),
                )
              }
            >
              {words('takeoff.csv')}
            </Button>
          </header>
          {groups.map((group) => (
            <StopGroup key={group.kind} {...{ group, jobId, of, currency, money }} />
          ))}
          <p className={styles.rounding}>{words('takeoff.rounding')}</p>
        </section>
      </div>
    </div>
  );
}

/** The value that stands most often in a list; the first of those that stand equally often. */
function mostCommon(values: readonly number[]): number | undefined {
  const times = new Map<number, number>();
  for (const value of values) times.set(value, (times.get(value) ?? 0) + 1);
  return [...times].sort(([, a], [, b]) => b - a)[0]?.[0];
}

function rowsOf({ kind, dn, counted }: GroupOfStops, currency: string): (string | number)[][] {
  const { lines, options, quantity } = counted;
  return [
    [translated(STOP_KIND_FACTS[kind].words), `DN${dn}`],
    ['fixture', 'how many', 'stops each', 'stops'],
    ...lines.map(({ kind: fixture, count, each, total }) => [fixture, count, each, total]),
    ['with spares', '', '', quantity],
    ['way', `each ${currency}`, `in all ${currency}`, `a year ${currency}`],
    ...options.map(({ name, unit, total, perYear }) => [name, unit, total, perYear?.toFixed(2) ?? '']),
    [],
  ];
}

import type { ModelView } from '@grevik/contracts';
import {
  FIXTURES,
  TAKEOFF_FIXTURES,
  type Takeoff,
  type TakeoffFixture,
  type TakeoffInput,
  breakEvenYear,
  countedFixtures,
  modelWords,
  takeoff,
} from '@grevik/core';
import { Button, Checkbox } from '@mui/material';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { Failure, Loading } from '../../kit/Notice';
import { saveCsv } from '../../kit/figure/save-file';
import { useCatalogueQuery, useCompanyQuery } from '../../store/api';
import { useJobWalkQuery } from '../../store/walk-api';
import { useWords } from '../../words';
import { CountField } from './CountField';
import { PartsToGoWithIt } from './PartsToGoWithIt';
import { Rooms } from './Rooms';
import styles from './Takeoff.module.css';
import { useTakeoffCase } from './useTakeoffCase';

const MOST_COUNT = 100_000;
const MOST_STOPS = 20;
const SMALL_DN = 15;

/** The stops of a job: fixtures from the walks, stops by the template, and ways of equipping it all in money. */
export function TakeoffPage() {
  const { jobId = '' } = useParams();
  const job = useJobWalkQuery(jobId);
  const catalogue = useCatalogueQuery();
  const company = useCompanyQuery();
  const words = useWords();
  const failed = [job, catalogue, company].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} retry={() => void failed.refetch()} />;
  if (!job.data || !catalogue.data || !company.data) return <Loading what={words('takeoff.what')} />;
  const stops = catalogue.data.filter(
    ({ type, retired, sizes }) =>
      !retired && type.includes('stop') && sizes.some(({ dn }) => dn === SMALL_DN),
  );
  return (
    <Counted
      jobId={jobId}
      jobName={job.data.name}
      walked={countedFixtures(job.data.lines.map(({ walk }) => walk.items))}
      stops={stops}
      currency={company.data.currency}
    />
  );
}

interface CountedProps {
  jobId: string;
  jobName: string;
  walked: readonly { kind: TakeoffFixture; count: number }[];
  stops: readonly ModelView[];
  currency: string;
}

/** The two that differ most in what they are: the cheapest, and the first of another type. */
function usualPair(stops: readonly ModelView[]): string[] {
  const price = (model: ModelView): number =>
    model.sizes.find(({ dn }) => dn === SMALL_DN)?.price ?? Infinity;
  const [cheapest, ...rest] = [...stops].sort((a, b) => price(a) - price(b));
  const other = rest.find(({ type }) => type === 'quarter-turn-stop' && type !== cheapest?.type) ?? rest[0];
  return [cheapest, other].flatMap((model) => (model ? [model.id] : []));
}

function Counted({ jobId, jobName, walked, stops, currency }: CountedProps) {
  const words = useWords();
  const usual = useMemo(() => usualPair(stops), [stops]);
  const of = useTakeoffCase(usual);
  const money = (amount: number): string =>
    new Intl.NumberFormat('en', { style: 'currency', currency }).format(amount);
  const walkedOf = (kind: TakeoffFixture): number => walked.find((one) => one.kind === kind)?.count ?? 0;
  const countOf = (kind: TakeoffFixture): number => of.counts[kind] ?? walkedOf(kind);
  const compared = of.models.flatMap((id) => stops.find((model) => model.id === id) ?? []);
  const input: TakeoffInput = {
    fixtures: TAKEOFF_FIXTURES.map((kind) => ({ kind, count: countOf(kind) })).filter(
      ({ count }) => count > 0,
    ),
    template: of.template,
    options: compared.map(optionOf),
    spares: of.sparesPercent / 100,
    currency,
  };
  const counted = takeoff(input);
  const needed = counted.lines.reduce((sum, { total }) => sum + total, 0);
  const fixtures = input.fixtures.reduce((sum, { count }) => sum + count, 0);
  const toggle = (id: string): void =>
    of.setModels(of.models.includes(id) ? of.models.filter((one) => one !== id) : [...of.models, id]);

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1>{words('takeoff.title', { job: jobName })}</h1>
        <p>{words('takeoff.lead')}</p>
      </header>
      <div className={styles.columns}>
        <section>
          {fixtures === 0 && <p role="status">{words('takeoff.none')}</p>}
          <table className={styles.table}>
            <thead>
              <tr>
                <th>{words('takeoff.fixture')}</th>
                <th>{words('takeoff.count')}</th>
                <th>{words('takeoff.each')}</th>
                <th>{words('takeoff.stops')}</th>
              </tr>
            </thead>
            <tbody>
              {TAKEOFF_FIXTURES.map((kind) => (
                <tr key={kind} data-none={countOf(kind) === 0 || undefined}>
                  <th scope="row">{FIXTURES[kind].words}</th>
                  <td>
                    <CountField
                      label={words('takeoff.countOf', { kind: FIXTURES[kind].words })}
                      value={countOf(kind)}
                      most={MOST_COUNT}
                      set={(count) => of.setCount(kind, count)}
                    />{' '}
                    {of.counts[kind] !== undefined && of.counts[kind] !== walkedOf(kind) ? (
                      <button
                        type="button"
                        className={styles.yours}
                        aria-label={words('takeoff.reset', { kind: FIXTURES[kind].words })}
                        onClick={() => of.setCount(kind, undefined)}
                      >
                        {words('takeoff.yours')}
                      </button>
                    ) : (
                      walkedOf(kind) > 0 && <span>{words('takeoff.walked')}</span>
                    )}
                  </td>
                  <td>
                    <CountField
                      label={words('takeoff.eachOf', { kind: FIXTURES[kind].words })}
                      value={of.template[kind]}
                      most={MOST_STOPS}
                      set={(each) => of.setEach(kind, each)}
                    />
                  </td>
                  <td data-number>{countOf(kind) * of.template[kind]}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Rooms
            add={(more) =>
              of.setCounts(
                Object.fromEntries(
                  (Object.entries(more) as [TakeoffFixture, number][]).map(([kind, count]) => [
                    kind,
                    countOf(kind) + count,
                  ]),
                ),
              )
            }
          />
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
            {words('takeoff.quantity', {
              count: counted.quantity,
              spares: counted.quantity - needed,
            })}
          </p>
        </section>
        <section aria-label={words('takeoff.ways')}>
          <header className={styles.ways}>
            <h2>{words('takeoff.ways')}</h2>
            <Button
              size="small"
              variant="outlined"
              className="no-print"
              disabled={counted.options.length === 0}
              onClick={() => saveCsv(`${jobName}-takeoff.csv`, rowsOf(counted, currency))}
            >
              {words('takeoff.csv')}
            </Button>
          </header>
          {stops.length === 0 && <p role="status">{words('takeoff.noModels')}</p>}
          <div className={`${styles.models} no-print`} role="group" aria-label={words('takeoff.choose')}>
            {stops.map((model) => (
              <label key={model.id}>
                <Checkbox
                  size="small"
                  checked={of.models.includes(model.id)}
                  onChange={() => toggle(model.id)}
                />
                {modelWords(model).from}, {modelWords(model).name.toLowerCase()}
              </label>
            ))}
          </div>
          {counted.options.length > 0 && <Ways {...{ counted, compared, fixtures, money }} />}
          {compared.map((model, at) => (
            <PartsToGoWithIt
              key={model.id}
              {...{ jobId, model, of, currency, dn: SMALL_DN, quantity: counted.quantity }}
              unit={counted.options[at]?.unit ?? 0}
            />
          ))}
          <p className={styles.rounding}>{words('takeoff.rounding')}</p>
        </section>
      </div>
    </div>
  );
}

const middle = (life: readonly number[] | undefined): number | undefined =>
  life ? ((life[0] ?? 0) + (life[1] ?? 0)) / 2 : undefined;

function optionOf(model: ModelView): TakeoffInput['options'][number] {
  const size = model.sizes.find(({ dn }) => dn === SMALL_DN);
  const lifeYears = middle(model.lifeYears);
  return {
    name: modelWords(model).from,
    unitPrice: size?.price ?? 0,
    ...(size?.breaks && { breaks: size.breaks.map(({ from, price }) => ({ from, unitPrice: price })) }),
    ...(lifeYears !== undefined && { lifeYears }),
  };
}

interface WaysProps {
  counted: Takeoff;
  compared: readonly ModelView[];
  fixtures: number;
  money: (amount: number) => string;
}

/** Each way in money, in all, a piece, a fixture and a year; of two what they differ by and when the dearer comes out. */
function Ways({ counted, compared, fixtures, money }: WaysProps) {
  const words = useWords();
  const { options, difference, quantity } = counted;
  const [first, second] = options;
  const year =
    difference && first && second
      ? breakEvenYear(
          { total: first.total, lifeYears: middle(compared[0]?.lifeYears) },
          { total: second.total, lifeYears: middle(compared[1]?.lifeYears) },
        )
      : undefined;
  return (
    <>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              {(['way', 'unit', 'total', 'perFixture', 'perYear'] as const).map((name) => (
                <th key={name}>{words(`takeoff.${name}`)}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {options.map(({ name, unit, total, perYear }, at) => {
              const model = compared[at];
              const next = model && nextBreak(model, quantity);
              const life = middle(model?.lifeYears);
              return (
                <tr key={name}>
                  <th scope="row">
                    {name}
                    {life !== undefined && <span>{words('takeoff.life', { years: life })}</span>}
                    {next && (
                      <span>
                        {words('takeoff.breakAt', {
                          from: next.from,
                          price: money(next.price),
                          missing: next.from - quantity,
                        })}
                      </span>
                    )}
                  </th>
                  <td data-number>{money(unit)}</td>
                  <td data-number>{money(total)}</td>
                  <td data-number>{fixtures === 0 ? '–' : money(total / fixtures)}</td>
                  <td data-number>{perYear === undefined ? '–' : money(perYear)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {difference && first && second && (
        <p className={styles.difference}>
          {difference.total === 0
            ? words('takeoff.same')
            : words(difference.total > 0 ? 'takeoff.more' : 'takeoff.less', {
                first: first.name,
                second: second.name,
                total: money(Math.abs(difference.total)),
                each: money(Math.abs(difference.perUnit)),
                fixture: money(Math.abs(difference.perFixture)),
              })}{' '}
          {difference.total !== 0 &&
            (year === undefined ? words('takeoff.noBreakEven') : words('takeoff.breakEven', { year }))}
        </p>
      )}
    </>
  );
}

/** The next price break, where it is within a tenth of what is bought. */
function nextBreak(model: ModelView, quantity: number): { from: number; price: number } | undefined {
  const breaks = model.sizes.find(({ dn }) => dn === SMALL_DN)?.breaks ?? [];
  return breaks
    .filter(({ from }) => from > quantity && from <= quantity * 1.1)
    .sort((a, b) => a.from - b.from)[0];
}

function rowsOf({ lines, options, quantity }: Takeoff, currency: string): (string | number)[][] {
  return [
    ['fixture', 'how many', 'stops each', 'stops'],
    ...lines.map(({ kind, count, each, total }) => [kind, count, each, total]),
    ['with spares', '', '', quantity],
    [],
    ['way', `each ${currency}`, `in all ${currency}`, `a year ${currency}`],
    ...options.map(({ name, unit, total, perYear }) => [name, unit, total, perYear?.toFixed(2) ?? '']),
  ];
}

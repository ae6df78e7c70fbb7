import {
  BODY_WORDS,
  type Duty,
  END_WORDS,
  SEAT_WORDS,
  VALVE_STORIES,
  costOf,
  openDropPa,
} from '@grevik/core';
import type { ReactNode } from 'react';
import type { Figures } from '../../../kit/useFigures';
import { VerdictMark } from '../../../kit/VerdictMark';
import type { ModelColumn } from '../../../kit/outlook/model-column';
import { Reasons } from '../Reasons';
import { WeakestPart } from '../WeakestPart';
import type { Words } from '../../../words';
import { translated } from '../../../words';

/** One fact of every column. */
export interface Row {
  id: string;
  label: string;
  /** What it says, to tell whether columns differ. */
  text: (column: ModelColumn) => string;
  cell?: (column: ModelColumn) => ReactNode;
}

/** What is compared, as the eye goes: verdict, strength, flow, life, money, make. */
export function rowsOf({
  duty,
  soFar,
  alike,
  money,
  figures,
  words,
}: {
  duty: Duty;
  /** Models whose verdict an open question could change. */
  soFar: ReadonlySet<string>;
  alike: number;
  money: (amount: number) => string;
  figures: Figures;
  words: Words;
}): Row[] {
  const cost = ({ size, life }: ModelColumn) => costOf(size, life, alike);
  const unknown = words('catalogue.unknown');
  return [
    {
      id: 'verdict',
      label: words('lineUp.verdict'),
      text: ({ verdict, score, model }) => `${verdict} ${soFar.has(model.id)} ${Math.round(score ?? 0)}`,
      cell: ({ verdict, score, model }) => (
        <>
          <VerdictMark verdict={verdict} isSoFar={soFar.has(model.id)} />{' '}
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
              {words('lineUp.lifeBecause', {
                reasons: life.because.map(({ text }) => translated(text)).join(', '),
              })}
            </div>
          )}
        </>
      ),
    },
    {
      id: 'wears',
      label: words('types.wears'),
      text: ({ model }) => translated(VALVE_STORIES[model.type].wears),
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
      text: ({ model }) => (model.bodyMaterial ? translated(BODY_WORDS[model.bodyMaterial]) : unknown),
    },
    {
      id: 'seat',
      label: words('compare.closesOn'),
      text: ({ model }) => {
        const closing = model.seatMaterial ?? model.discMaterial;
        return closing ? translated(SEAT_WORDS[closing]) : unknown;
      },
    },
    {
      id: 'ends',
      label: words('compare.ends'),
      text: ({ model }) => model.ends?.map((end) => translated(END_WORDS[end])).join(' × ') ?? unknown,
    },
    {
      id: 'operator',
      label: words('catalogue.field.operator'),
      text: ({ model }) => (model.operator ? translated(model.operator.replaceAll('-', ' ')) : unknown),
    },
    {
      id: 'approvals',
      label: words('catalogue.approvals'),
      text: ({ model }) =>
        model.approvals ? translated(model.approvals.join(', ')) || words('compare.none') : unknown,
    },
    {
      id: 'spares',
      label: words('catalogue.spares'),
      text: ({ model }) =>
        model.spares?.map(({ name, price }) => `${name} ${money(price)}`).join(', ') ?? words('compare.none'),
    },
  ];
}

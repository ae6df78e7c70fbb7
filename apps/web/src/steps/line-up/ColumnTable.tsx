import type { ModelView } from '@grevik/contracts';
import {
  type Duty,
  type Margins,
  type TypeColumn,
  VALVE_TYPE_FACTS,
  type ValveType,
  costOf,
  modelWords,
} from '@grevik/core';
import { Button } from '@mui/material';
import { type ReactNode, memo } from 'react';
import { VerdictMark } from '../../kit/VerdictMark';
import { type Figures, useFigures } from '../../kit/useFigures';
import { useMay } from '../../store/people-api';
import { translated, useWords, type Words } from '../../words';
import { Drop, DropLabel, HandledCutaway } from './AtHandle';
import styles from './ColumnTable.module.css';
import type { ModelColumn } from '../../kit/outlook/model-column';
import { HoldsUntil } from '../../kit/outlook/HoldsUntil';
import { Price } from './Price';
import { Reasons } from './Reasons';
import { WeakestPart } from './WeakestPart';

interface ColumnTableProps {
  duty: Duty;
  columns: readonly ModelColumn[];
  pickedId: string | undefined;
  /** Positions of the job that ask the same, this one among them. */
  alike: number;
  money: (amount: number) => string;
  pick: (column: ModelColumn) => void;
  /** What would lift a column’s verdict. */
  help: (column: ModelColumn) => ReactNode;
  /** Ids of those ticked to be compared. */
  compared: readonly string[];
  toggle: (modelId: string) => void;
  /** Models whose verdict an open question could change. */
  soFar?: ReadonlySet<string>;
  /** Until when verdicts hold, by model. */
  margins?: ReadonlyMap<string, Margins>;
  /** Where each column stands for a type: its models and a way to them. */
  types?: ReadonlyMap<string, TypeColumn<ModelView>>;
  openType?: (type: ValveType) => void;
  /** What a column costs over the years. */
  overYears?: (column: ModelColumn) => ReactNode;
}

/** The candidates side by side: the eye goes down a column, the foreman compares along a row. */
export const ColumnTable = memo(function ColumnTable({
  duty,
  columns,
  pickedId,
  alike,
  money,
  pick,
  help,
  compared,
  toggle,
  soFar,
  margins,
  types,
  openType,
  overYears,
}: ColumnTableProps) {
  const words = useWords();
  const cheapest = Math.min(...columns.map(({ size, life }) => costOf(size, life, alike).overJob));
  const figures = useFigures();
  const rows: { id: string; label: ReactNode; cell: (column: ModelColumn, index: number) => ReactNode }[] = [
    {
      id: 'verdict',
      label: words('lineUp.verdict'),
      cell: (column, index) => (
        <div className={styles.verdict}>
          <div>
            <VerdictMark verdict={column.verdict} isSoFar={soFar?.has(column.model.id) ?? false} />
            <span className={styles.order}>
              {words('lineUp.order', { place: index + 1, score: Math.round(column.score ?? 0) })}
            </span>
          </div>
          <PickButton
            column={column}
            isPicked={column.model.id === pickedId}
            isFirst={index === 0 && pickedId === undefined}
            pick={pick}
          />
        </div>
      ),
    },
    {
      id: 'because',
      label: words('lineUp.because'),
      cell: (column) => (
        <>
          <Reasons reasons={column.reasons} modelId={column.model.id} />
          {column.verdict === 'care' && help(column)}
        </>
      ),
    },
    ...(margins
      ? [
          {
            id: 'holds',
            label: words('holds.label'),
            cell: (column: ModelColumn) => (
              <HoldsUntil column={column} margins={margins.get(column.model.id)} />
            ),
          },
        ]
      : []),
    {
      id: 'weakest',
      label: words('lineUp.weakest', { temperature: figures.quantity(duty.temperatureC, 'temperature') }),
      cell: ({ rating }) => <WeakestPart rating={rating} />,
    },
    {
      id: 'drop',
      label: <DropLabel />,
      cell: (column) => <Drop column={column} duty={duty} />,
    },
    {
      id: 'open',
      label: words('lineUp.open'),
      cell: ({ open }) =>
        open ? (
          <Capacity kv={open.kv} source={open.source} figures={figures} words={words} />
        ) : (
          words('lineUp.pipeUnknown')
        ),
    },
    {
      id: 'price',
      label: words('lineUp.price'),
      cell: (column) => (
        <Price column={column} alike={alike} cheapest={cheapest} money={money} over={overYears?.(column)} />
      ),
    },
  ];
  return (
    <div className={styles.scroll} tabIndex={-1}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="row">{words('lineUp.inside')}</th>
            {columns.map((column) => (
              <th
                key={column.model.id}
                scope="col"
                className={column.model.id === pickedId ? styles.picked : undefined}
                data-model={modelWords(column.model).from}
              >
                <HandledCutaway column={column} />
                <ModelName column={column} />
                <OfType type={types?.get(column.model.id)} money={money} open={openType} />
                <label className={`${styles.compare} no-print`}>
                  <input
                    type="checkbox"
                    checked={compared.includes(column.model.id)}
                    aria-label={words('compare.add', { model: modelWords(column.model).from })}
                    onChange={() => toggle(column.model.id)}
                  />
                  {words('compare.tick')}
                </label>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, label, cell }) => (
            <tr key={id}>
              <th scope="row">{label}</th>
              {columns.map((column, index) => (
                <td
                  key={column.model.id}
                  className={column.model.id === pickedId ? styles.picked : undefined}
                >
                  {cell(column, index)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});

interface OfTypeProps {
  type: TypeColumn<ModelView> | undefined;
  money: (amount: number) => string;
  open: ((type: ValveType) => void) | undefined;
}

/** How many models of its type there are and what they cost, with a way to them. */
function OfType({ type: of, money, open }: OfTypeProps) {
  const words = useWords();
  if (!of) return null;
  const {
    type,
    models,
    prices: [low, high],
  } = of;
  const range = low === high ? money(low) : `${money(low)}–${money(high)}`;
  return (
    <span className={styles.details}>
      {models.length > 1 && open ? (
        <button
          type="button"
          className={styles.openType}
          aria-label={words('lineUp.openType', {
            type: translated(VALVE_TYPE_FACTS[type].words),
            count: models.length,
          })}
          onClick={() => open(type)}
        >
          {words('lineUp.models', { count: models.length })} ▾
        </button>
      ) : (
        words('lineUp.models', { count: models.length })
      )}{' '}
      · {range}
    </span>
  );
}

interface PickButtonProps {
  column: ModelColumn;
  isPicked: boolean;
  isFirst: boolean;
  pick: (column: ModelColumn) => void;
}

const PickButton = memo(function PickButton({ column, isPicked, isFirst, pick }: PickButtonProps) {
  const words = useWords();
  if (!useMay('pick')) return isPicked ? <b>{words('lineUp.picked')}</b> : null;
  const { from: model } = modelWords(column.model);
  return (
    <Button
      className="no-print"
      variant={isPicked || isFirst ? 'contained' : 'outlined'}
      color={isPicked ? 'secondary' : 'primary'}
      onClick={() => pick(column)}
      aria-label={words(isPicked ? 'lineUp.pickedModel' : 'lineUp.pickModel', { model })}
    >
      {words(isPicked ? 'lineUp.picked' : 'lineUp.pick')}
    </Button>
  );
});

function ModelName({ column: { model } }: { column: ModelColumn }) {
  const { name, details, from } = modelWords(model);
  return (
    <>
      <span className={styles.name}>{translated(name)}</span>
      <span className={styles.details}>
        {translated(details)} · {from}
      </span>
    </>
  );
}

interface CapacityProps {
  kv: number;
  source: 'sheet' | 'estimate';
  figures: Figures;
  words: Words;
}

function Capacity({ kv, source, figures, words }: CapacityProps) {
  return (
    <>
      <b>{figures.capacity(kv)}</b> {words(source === 'sheet' ? 'lineUp.bySheet' : 'lineUp.estimated')}
    </>
  );
}

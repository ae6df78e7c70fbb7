import type { ModelView } from '@grevik/contracts';
import { type Column, type Duty, atHandle, modelWords } from '@grevik/core';
import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { VerdictMark } from '../kit/VerdictMark';
import { Cutaway } from '../kit/cutaway/Cutaway';
import { type Figures, useFigures } from '../kit/useFigures';
import { useAppSelector } from '../store/store';
import styles from './ColumnTable.module.css';
import { Reasons } from './Reasons';
import { WeakestPart } from './WeakestPart';

export type ModelColumn = Column<ModelView>;

interface ColumnTableProps {
  duty: Duty;
  columns: readonly ModelColumn[];
  pickedId: string | undefined;
  money: (amount: number) => string;
  pick: (column: ModelColumn) => void;
}

/** The candidates side by side: the eye goes down a column, the foreman compares along a row. */
export function ColumnTable({ duty, columns, pickedId, money, pick }: ColumnTableProps) {
  const figures = useFigures();
  const opening = useAppSelector(({ handle }) => handle);
  const rows: { label: string; cell: (column: ModelColumn, index: number) => ReactNode }[] = [
    {
      label: 'Verdict',
      cell: (column, index) => (
        <div className={styles.verdict}>
          <VerdictMark verdict={column.verdict} />
          <PickButton
            column={column}
            isPicked={column.model.id === pickedId}
            isFirst={index === 0 && pickedId === undefined}
            pick={pick}
          />
        </div>
      ),
    },
    { label: 'Because', cell: ({ reasons }) => <Reasons reasons={reasons} /> },
    {
      label: `Weakest part at ${figures.quantity(duty.temperatureC, 'temperature')}`,
      cell: ({ rating }) => <WeakestPart rating={rating} />,
    },
    {
      label: `Drop at ${Math.round(opening * 100)} %`,
      cell: (column) => <Drop column={column} duty={duty} opening={opening} figures={figures} />,
    },
    {
      label: 'Fully open',
      cell: ({ open }) =>
        open ? <Capacity kv={open.kv} source={open.source} figures={figures} /> : 'pipe not known',
    },
    {
      label: 'Price, life',
      cell: ({ size, model }) => (
        <>
          <b>{money(size.price)}</b> each,{' '}
          {model.lifeYears ? `${model.lifeYears.join('–')} years` : 'life not known'}
        </>
      ),
    },
  ];
  return (
    <div className={styles.scroll} tabIndex={-1}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="row">Inside</th>
            {columns.map((column) => (
              <th
                key={column.model.id}
                scope="col"
                className={column.model.id === pickedId ? styles.picked : undefined}
                data-model={modelWords(column.model).from}
              >
                <Cutaway model={column.model} opening={opening} boreRatio={column.open?.boreRatio} />
                <ModelName column={column} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, cell }) => (
            <tr key={label}>
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
}

interface PickButtonProps {
  column: ModelColumn;
  isPicked: boolean;
  isFirst: boolean;
  pick: (column: ModelColumn) => void;
}

function PickButton({ column, isPicked, isFirst, pick }: PickButtonProps) {
  return (
    <Button
      className="no-print"
      variant={isPicked || isFirst ? 'contained' : 'outlined'}
      color={isPicked ? 'secondary' : 'primary'}
      onClick={() => pick(column)}
      aria-label={`${isPicked ? 'Picked' : 'Pick'} ${modelWords(column.model).from}`}
    >
      {isPicked ? 'Picked' : 'Pick'}
    </Button>
  );
}

function ModelName({ column: { model } }: { column: ModelColumn }) {
  const { name, details, from } = modelWords(model);
  return (
    <>
      <span className={styles.name}>{name}</span>
      <span className={styles.details}>
        {details} · {from}
      </span>
    </>
  );
}

interface DropProps {
  column: ModelColumn;
  duty: Duty;
  opening: number;
  figures: Figures;
}

/** Pressure lost and flow passed with the handle where it is. */
function Drop({ column: { model, open }, duty, opening, figures }: DropProps) {
  if (duty.flowM3s === undefined) return <>give the flow to see it</>;
  const at = open && atHandle(duty, model.type, open.kv, opening);
  if (!at) return <>not for this medium</>;
  return (
    <>
      <b>{figures.loss(at.dropPa)}</b> {figures.quantity(at.flowM3s, 'flow')}
    </>
  );
}

function Capacity({ kv, source, figures }: { kv: number; source: 'sheet' | 'estimate'; figures: Figures }) {
  return (
    <>
      <b>{figures.capacity(kv)}</b> {source === 'sheet' ? 'by its sheet' : 'estimated'}
    </>
  );
}

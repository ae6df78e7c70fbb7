import { type Duty, atHandle } from '@grevik/core';
import { memo } from 'react';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { useFigures } from '../../kit/useFigures';
import { useAppSelector } from '../../store/store';
import { useWords } from '../../words';
import type { ModelColumn } from '../../kit/outlook/model-column';

/** Where the handle is. Only what moves with it asks: the rest of the table stands still while it is dragged. */
const useOpening = (): number => useAppSelector(({ handle }) => handle);

/** A column's valve, sawn in half and moved by the handle. */
export const HandledCutaway = memo(function HandledCutaway({ column }: { column: ModelColumn }) {
  const { model, open } = column;
  return <Cutaway model={model} opening={useOpening()} boreRatio={open?.boreRatio} />;
});

/** Names the row of drops by where the handle is. */
export function DropLabel() {
  const words = useWords();
  return <>{words('lineUp.drop', { percent: Math.round(useOpening() * 100) })}</>;
}

/** Pressure lost and flow passed with the handle where it is. */
export const Drop = memo(function Drop({ column, duty }: { column: ModelColumn; duty: Duty }) {
  const { model, open } = column;
  const figures = useFigures();
  const words = useWords();
  const opening = useOpening();
  if (duty.flowM3s === undefined) return <>{words('lineUp.giveFlow')}</>;
  const at = open && atHandle(duty, model.type, open.kv, opening);
  if (!at) return <>{words('lineUp.notThisMedium')}</>;
  return (
    <>
      <b>{figures.loss(at.dropPa)}</b> {figures.quantity(at.flowM3s, 'flow')}
    </>
  );
});

/** Marks on a chart where the handle is. */
export function OpeningMark({ className }: { className: string | undefined }) {
  return <i className={className} style={{ '--opening': useOpening() } as React.CSSProperties} />;
}

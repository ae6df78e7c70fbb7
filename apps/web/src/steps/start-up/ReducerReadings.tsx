import type { ReducerReadingView, StartUpView } from '@grevik/contracts';
import type { StartUpItem } from '@grevik/core';
import { ReducerReading } from './ReducerReading';
import { ReducerStart } from './ReducerStart';

interface ReducerReadingsProps {
  item: StartUpItem;
  view: StartUpView;
  mayRecord: boolean;
}

/** Readings of a reducer: the one that runs or ended last, and a new one. */
export function ReducerReadings({ item, view, mayRecord }: ReducerReadingsProps) {
  const latest = view.readings.find(
    (reading): reading is ReducerReadingView => reading.step === 'reducer' && reading.item === item.id,
  );
  const setPa = item.figures.find(({ quantity }) => quantity === 'pressure')?.value;
  return (
    <>
      {latest && <ReducerReading key={latest.id} reading={latest} mayRecord={mayRecord} />}
      {mayRecord && latest?.endedAt !== null && <ReducerStart item={item.id} setPa={setPa} />}
    </>
  );
}

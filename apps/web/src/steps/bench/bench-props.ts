import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import type { BenchValve, Duty } from '@grevik/core';

/** What every simulation is opened with. */
export interface BenchProps {
  line: LineView;
  position: PositionView;
  duty: Duty;
  valve: BenchValve;
  /** The valve on the bench, where it is a model of the catalogue. */
  model: ModelView | undefined;
  models: readonly ModelView[];
}

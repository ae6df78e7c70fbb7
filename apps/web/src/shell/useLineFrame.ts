import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import type { HouseSides } from '@grevik/core';
import { useOutletContext } from 'react-router';

/** What every screen of a line works on. */
export interface LineFrameContext {
  line: LineView;
  position: PositionView;
  models: readonly ModelView[];
  sides: HouseSides;
  companyName: string;
  jobName: string;
  money: (amount: number) => string;
}

export const useLineFrame = (): LineFrameContext => useOutletContext<LineFrameContext>();

import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import type { HouseRuleSettings } from '@grevik/core';
import { useOutletContext } from 'react-router';

/** What every screen of a line works on; on a line that has none yet there is no position. */
interface WalkFrameContext {
  line: LineView;
  position: PositionView | undefined;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
  companyName: string;
  jobName: string;
  money: (amount: number) => string;
  /** Where a position's screen is, on the step one is on. */
  addressOf: (position: Pick<PositionView, 'tag'>) => string;
}

export interface LineFrameContext extends WalkFrameContext {
  position: PositionView;
}

export const useLineFrame = (): LineFrameContext => useOutletContext<LineFrameContext>();

/** The same for the walk, which also begins a line. */
export const useWalkFrame = (): WalkFrameContext => useOutletContext<WalkFrameContext>();

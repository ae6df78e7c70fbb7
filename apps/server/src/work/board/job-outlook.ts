import {
  type AskedPosition,
  type CatalogueModel,
  type HouseRuleSettings,
  type JobOutlook,
  jobOutlook,
} from '@grevik/core';

export interface JobOutlookTask {
  positions: readonly AskedPosition[];
  models: readonly CatalogueModel[];
  settings: HouseRuleSettings;
}

/** What to ask first on a job, in a thread: many duties times a whole catalogue. */
export const workOutJobOutlook = ({ positions, models, settings }: JobOutlookTask): Promise<JobOutlook> =>
  Promise.resolve(jobOutlook(positions, models, settings));

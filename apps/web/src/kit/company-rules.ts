import type { CompanyView, JobView } from '@grevik/contracts';
import { type HouseRuleSettings, followedHouseRules, houseRuleSettings } from '@grevik/core';

/** House rules of a company as they are in force: what its own valves say, over that what somebody chose. */
export const rulesOfCompany = ({
  houseRules,
  ownGates,
}: Pick<CompanyView, 'houseRules' | 'ownGates'>): Partial<HouseRuleSettings> => ({
  ...followedHouseRules(ownGates),
  ...houseRules,
});

/** The settings in force on a job. */
export const rulesOnJob = (
  company: Pick<CompanyView, 'houseRules' | 'ownGates'>,
  job: Pick<JobView, 'houseRules'> | undefined,
): HouseRuleSettings => houseRuleSettings({ ...rulesOfCompany(company), ...job?.houseRules });

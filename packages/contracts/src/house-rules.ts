import { type HouseRuleSettings, houseRulesInput } from '@grevik/core';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';

/** The sides a company takes; what is left out takes the standard side. */
export class HouseRulesRequest extends VersionedRequest {
  @Described(houseRulesInput)
  houseRules!: Partial<HouseRuleSettings>;
}

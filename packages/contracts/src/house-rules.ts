import { type HouseRuleSettings, type OwnHoldRules, houseRulesInput, ownHoldRulesInput } from '@grevik/core';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';

/** The sides a company takes; what is left out takes the standard side. */
export class HouseRulesRequest extends VersionedRequest {
  @Described(houseRulesInput)
  houseRules!: Partial<HouseRuleSettings>;
}

/** Test pressures and times of the company; a kind of line that is left out is held as usual. */
export class HoldRulesRequest extends VersionedRequest {
  @Described(ownHoldRulesInput)
  holdRules!: OwnHoldRules;
}

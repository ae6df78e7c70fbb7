import type { CompanyView } from '@grevik/contracts';
import { HOUSE_RULES, OWN_GATES_FROM } from '@grevik/core';
import { translated, useWords } from '../../words';

/** What the company’s own gates say of the rule, and whether it is followed. */
export function OwnGatesSaid({ company: { ownGates, houseRules } }: { company: CompanyView }) {
  const words = useWords();
  if (!ownGates) return null;
  const { failed, working, medianYears, option } = ownGates;
  const seen = { failed, working, years: medianYears.toFixed(0), from: OWN_GATES_FROM };
  if (option === null) return <p>{words('houseRules.ownGatesFew', seen)}</p>;
  const says = translated(HOUSE_RULES['gate-life'].options[option]);
  const isChosen = 'gate-life' in houseRules;
  return <p>{words(isChosen ? 'houseRules.ownGatesElse' : 'houseRules.ownGates', { ...seen, says })}</p>;
}

import { type Medium, isFuelGas, isRawWaste, isSteam } from '../../ground/media/index.js';
import type { PLACES } from '../../judgement/selection/index.js';
import { twoPeople } from './round-plan.js';

interface CautionRow {
  is: (medium: Medium) => boolean;
  text: string;
}

/** What can hurt at a valve, by what is in the line. Local code, the owner and those with the licence decide. */
const CAUTIONS: readonly CautionRow[] = [
  {
    is: isFuelGas,
    text: 'Gas: close it only with the appliances off; those who may relight them afterwards. No flame, no spark.',
  },
  {
    is: isSteam,
    text: 'Steam: gloves and eye protection. Drain condensate first and open slowly, a crack at first.',
  },
  {
    is: (medium) => medium === 'fire-water',
    text: 'Fire line: tell the owner and the alarm company before you move it, and again when it is open.',
  },
  {
    is: (medium) => isRawWaste(medium) || medium === 'screened-effluent',
    text: 'Sewage: gloves and eye protection, wash before you eat. Lock out the pump before you open anything.',
  },
  {
    is: (medium) => medium === 'wash-water-high-pressure',
    text: 'High pressure: stop the pump and relieve the line before you open anything.',
  },
  {
    is: (medium) => medium === 'potable-hot' || medium === 'heating-water',
    text: 'Hot water: it scalds.',
  },
];

/**
 * What can hurt somebody at a valve.
 *
 * @example
 * siteCautions('natural-gas', 'indoors').length // 1
 */
export function siteCautions(medium: Medium, place: (typeof PLACES)[number] | undefined): string[] {
  const people = twoPeople(place);
  return [
    ...(people === undefined ? [] : [people]),
    ...CAUTIONS.flatMap(({ is, text }) => (is(medium) ? [text] : [])),
  ];
}

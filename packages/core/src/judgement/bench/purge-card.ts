import type { GasPurge } from '../../physics/gas/index.js';

/** How the riser valve keeps the building's pipe from the utility's. */
export const RISER_KINDS = ['plain', 'insulated'] as const;
export type RiserKind = (typeof RISER_KINDS)[number];

/** What one takes along and does, in order. Words; the figures are those of `gas-purge`. */
export interface PurgeCard {
  kit: string[];
  steps: string[];
  cautions: string[];
}

const KIT: readonly { item: string; only?: RiserKind }[] = [
  {
    item: 'Sacrificial valve: a full-port ball or a plug of the riser valve’s size, to be thrown away after a few lines',
  },
  {
    item: 'Insulated union or joint for the riser valve’s outlet, so that the purge kit does not bridge it',
    only: 'insulated',
  },
  { item: 'Nipple and union to screw the sacrificial valve on the riser valve’s outlet', only: 'plain' },
  { item: 'Vent pipe or hose with a stack, long enough to end outdoors away from openings' },
  { item: 'Combustible-gas indicator, bump-tested today' },
  { item: 'Pressure gauge, leak solution, thread sealant rated for gas' },
  { item: 'End piece (cap or plug) for the riser valve’s outlet' },
  { item: 'Fire extinguisher, barrier and signs: no ignition source' },
];

const STEPS: readonly { step: string; only?: RiserKind }[] = [
  {
    step: 'Barrier up, ignition sources away, wind and openings looked at. Tell the utility and the people of the building.',
  },
  { step: 'Riser valve shut. Test the line as the code asks, and write the test down.' },
  {
    step: 'Screw the insulated joint on the riser valve’s outlet, then the sacrificial valve, shut, then the vent.',
    only: 'insulated',
  },
  { step: 'Screw the sacrificial valve, shut, on the riser valve’s outlet, then the vent.', only: 'plain' },
  {
    step: 'Open the riser valve fully. It stays fully open: it must hold for decades and never throttles grit.',
  },
  { step: 'Open the sacrificial valve slowly, to {opening} and no further; count {seconds}.' },
  {
    step: 'Watch the indicator at the vent until it reads gas steadily. The clock only says when to begin looking.',
  },
  { step: 'Shut the sacrificial valve, then the riser valve.' },
  { step: 'Take the sacrificial valve off. End piece on. Leak solution on every joint that was opened.' },
  { step: 'Write down the time, the opening, who watched, and what the indicator read.' },
];

const CAUTIONS: readonly string[] = [
  'By qualified people, to the utility’s specification. Local code and the utility’s procedure come before this card.',
  'No ignition source, no switches, no vehicles. Gas that is let out indoors is not diluted by good will.',
  'The vent is watched with a combustible-gas indicator from the first opening to the last.',
];

/**
 * The card for clearing a line through a valve that is there to be worn out.
 *
 * @param riser plain or insulated riser valve
 * @param purge gives the discharge rule
 * @param said  the opening and the time in the reader's words
 *
 * @example
 * purgeCard('plain', gasPurge(input), { opening: 'half', seconds: '40 s' }).steps.length // 9
 */
export function purgeCard(
  riser: RiserKind,
  { dischargeRule, wouldTripIfFullyOpen }: Pick<GasPurge, 'dischargeRule' | 'wouldTripIfFullyOpen'>,
  said: { opening: string; seconds: string },
): PurgeCard {
  const concerns = ({ only }: { only?: RiserKind }): boolean => only === undefined || only === riser;
  return {
    kit: KIT.filter(concerns).map(({ item }) => item),
    steps: STEPS.filter(concerns).map(({ step }) =>
      step.replace('{opening}', said.opening).replace('{seconds}', said.seconds),
    ),
    cautions: [
      dischargeRule === 'outdoors-only'
        ? 'Discharge outdoors only, at least as far from openings and ignition as the code says: this size and length, or this pressure, may not be let out indoors.'
        : 'Discharge by the code: outdoors where it can be; indoors only ventilated, watched, and where the code allows it.',
      ...(wouldTripIfFullyOpen
        ? [
            'Fully open, the sacrificial valve would trip the excess-flow valve: the line then stands empty until it resets.',
          ]
        : []),
      ...CAUTIONS,
    ],
  };
}

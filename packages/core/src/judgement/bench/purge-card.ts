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
    item: 'Sacrificial valve: a full-port ball or a plug of the riser valve’s size, replaced after a few lines',
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

export type PurgeStepId =
  | 'barrier'
  | 'test'
  | 'fit'
  | 'open-riser'
  | 'open-slowly'
  | 'watch'
  | 'close'
  | 'end-piece'
  | 'record';

const STEPS: readonly { id: PurgeStepId; step: string; only?: RiserKind }[] = [
  {
    id: 'barrier',
    step: 'Set up the barrier, remove ignition sources, check the wind and nearby openings. Tell the utility and everybody in the building.',
  },
  { id: 'test', step: 'Riser valve closed. Test the line as the code requires and record the test.' },
  {
    id: 'fit',
    step: 'Screw the insulated joint on the riser valve’s outlet, then the sacrificial valve, closed, then the vent.',
    only: 'insulated',
  },
  {
    id: 'fit',
    step: 'Screw the sacrificial valve, closed, on the riser valve’s outlet, then the vent.',
    only: 'plain',
  },
  {
    id: 'open-riser',
    step: 'Open the riser valve fully and leave it fully open. It must shut off for decades, so it never throttles grit.',
  },
  {
    id: 'open-slowly',
    step: 'Open the sacrificial valve slowly, to {opening} and no further, for at least {seconds}.',
  },
  {
    id: 'watch',
    step: 'Watch the indicator at the vent until it reads gas steadily. The time only tells you when to start looking.',
  },
  { id: 'close', step: 'Close the sacrificial valve, then the riser valve.' },
  {
    id: 'end-piece',
    step: 'Remove the sacrificial valve and fit the end piece. Check every joint you opened with leak solution.',
  },
  { id: 'record', step: 'Record the time, the opening, who watched, and the indicator reading.' },
];

const CAUTIONS: readonly string[] = [
  'By qualified people, to the utility’s specification. Local code and the utility’s procedure come before this card.',
  'No ignition source, no switches, no vehicles. Gas released indoors stays until it is ventilated.',
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
  return {
    kit: KIT.filter(concerns(riser)).map(({ item }) => item),
    steps: purgeSteps(riser, said).map(({ text }) => text),
    cautions: [
      dischargeRule === 'outdoors-only'
        ? 'Discharge outdoors only, at least as far from openings and ignition sources as the code requires. For this size and length, or this pressure, indoor discharge is not allowed.'
        : 'Discharge as the code requires: outdoors where possible; indoors only ventilated, watched and where the code allows it.',
      ...(wouldTripIfFullyOpen
        ? [
            'Fully open, the sacrificial valve would trip the excess-flow valve, and the line would stay empty until it resets.',
          ]
        : []),
      ...CAUTIONS,
    ],
  };
}

const concerns =
  (riser: RiserKind) =>
  ({ only }: { only?: RiserKind }): boolean =>
    only === undefined || only === riser;

/**
 * The steps of the card, each with its id, in the order they are done.
 *
 * @param riser plain or insulated riser valve
 * @param said  the opening and the time in the reader's words
 *
 * @example
 * purgeSteps('plain', { opening: 'half', seconds: '40 s' })[0]?.id // 'barrier'
 */
export const purgeSteps = (
  riser: RiserKind,
  said: { opening: string; seconds: string },
): { id: PurgeStepId; text: string }[] =>
  STEPS.filter(concerns(riser)).map(({ id, step }) => ({
    id,
    text: step.replace('{opening}', said.opening).replace('{seconds}', said.seconds),
  }));

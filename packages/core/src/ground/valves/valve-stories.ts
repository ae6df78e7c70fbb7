import type { ValveType } from './valve-types.js';

/** What a foreman tells of a type: what gives out first, how that ends, and how one notices. */
export interface ValveStory {
  /** What wears. */
  wears: string;
  /** How it fails. */
  fails: string;
  /** How that shows, or that it does not. */
  shows: string;
  /** Sizes it is usually made in. */
  typicalDn: readonly [from: number, to: number];
  /** Usual years in ordinary service, moved as such a valve wants: a range, not a promise. */
  lifeYears: readonly [low: number, high: number];
}

/**
 * One story a type. Source: what the trade's own maintenance manuals say of the families (AWWA M44 for waterworks, MSS SP-92 for use and care,
 * ASSE and plumbing practice for stops and gas cocks); sizes as the standards of each type offer them; years are generic ranges for planning, and a maker's figure or one's own log wins.
 */
export const VALVE_STORIES: Readonly<Record<ValveType, ValveStory>> = {
  ball: {
    wears: 'The two soft seats, from grit and from being left part open.',
    fails:
      'A cut seat leaks by. Not operated for a long time, scale holds the ball and the stem turns alone.',
    shows: 'It weeps when closed; the first sign is a stiff handle.',
    typicalDn: [8, 300],
    lifeYears: [20, 35],
  },
  'ball-3-way': {
    wears: 'The seats of every port, from grit.',
    fails: 'It leaks from one branch into the other.',
    shows: 'The closed branch gets warm, or flows.',
    typicalDn: [8, 100],
    lifeYears: [15, 25],
  },
  'gate-solid': {
    wears: 'Seats and wedge, from being left part open; the stem thread, from force.',
    fails: 'It seizes when it is not operated; forced, the stem cracks or drops the wedge.',
    shows: 'The wheel turns without end, or not at all; closed, water still runs.',
    typicalDn: [8, 600],
    lifeYears: [15, 30],
  },
  'gate-resilient': {
    wears: 'The rubber of the wedge, from grit; the stem nut, from force.',
    fails: 'Cut rubber weeps; the nut strips when it is over-turned.',
    shows: 'It weeps when closed; the number of turns no longer matches.',
    typicalDn: [50, 600],
    lifeYears: [30, 50],
  },
  'knife-gate': {
    wears: 'The packing around the plate, and the seat on one side.',
    fails: 'The packing weeps; solids under the plate hold it open.',
    shows: 'It drips at the top; the plate stops short.',
    typicalDn: [50, 900],
    lifeYears: [10, 20],
  },
  globe: {
    wears: 'The disc and its seat, from throttling; the packing.',
    fails: 'The flow cuts a groove across the seat and it no longer shuts off.',
    shows: 'It hisses when closed; the stem drips.',
    typicalDn: [8, 200],
    lifeYears: [15, 25],
  },
  'globe-y': {
    wears: 'The disc and its seat, less than in a straight globe.',
    fails: 'A groove across the seat leaks by.',
    shows: 'It hisses when closed.',
    typicalDn: [15, 80],
    lifeYears: [15, 25],
  },
  angle: {
    wears: 'The disc and its seat, from throttling.',
    fails: 'A groove across the seat leaks by.',
    shows: 'It drips when closed; the stem drips.',
    typicalDn: [8, 100],
    lifeYears: [15, 25],
  },
  'compression-stop': {
    wears: 'The rubber washer, from treated water and from hard closing.',
    fails: 'The washer hardens, crumbles or comes off its screw.',
    shows: 'It drips when closed, needs more and more force, or does not shut off.',
    typicalDn: [8, 25],
    lifeYears: [8, 15],
  },
  'compression-stop-angle': {
    wears: 'The rubber washer, from treated water and from hard closing.',
    fails: 'The washer hardens, crumbles or comes off its screw.',
    shows: 'It drips when closed, needs more and more force, or does not shut off.',
    typicalDn: [8, 15],
    lifeYears: [8, 15],
  },
  'quarter-turn-stop': {
    wears: 'The small seats, very little.',
    fails: 'Scale stops the small ball.',
    shows: 'The handle is stiff.',
    typicalDn: [8, 15],
    lifeYears: [20, 30],
  },
  needle: {
    wears: 'The cone and its seat, from being closed too hard.',
    fails: 'A groove pressed into the cone makes control coarse, then it leaks.',
    shows: 'The setting no longer repeats.',
    typicalDn: [6, 25],
    lifeYears: [10, 20],
  },
  'radiator-disc': {
    wears: 'The disc, from heat; the packing.',
    fails: 'The disc hardens and sticks or crumbles; steam passes.',
    shows: 'The radiator stays warm when closed, or stays cold; the stem weeps.',
    typicalDn: [15, 40],
    lifeYears: [10, 20],
  },
  'radiator-metering': {
    wears: 'The packing; the cone very little.',
    fails: 'Dirt on the seat keeps it from closing.',
    shows: 'The radiator stays warm when closed.',
    typicalDn: [15, 32],
    lifeYears: [25, 40],
  },
  'butterfly-resilient': {
    wears: 'The rubber seat at the shaft, with every closing.',
    fails: 'The rubber tears or swells and holds the disc.',
    shows: 'It weeps when closed; the lever needs more force.',
    typicalDn: [50, 1200],
    lifeYears: [15, 25],
  },
  'butterfly-metal': {
    wears: 'The shaft’s bushes.',
    fails: 'It always leaks by; worn, the disc rattles.',
    shows: 'You can hear it.',
    typicalDn: [50, 1200],
    lifeYears: [20, 30],
  },
  'butterfly-gas-cock': {
    wears: 'The shaft seals.',
    fails: 'A seal weeps.',
    shows: 'A leak test or the smell of gas.',
    typicalDn: [15, 25],
    lifeYears: [25, 40],
  },
  'plug-taper': {
    wears: 'The grease between plug and body.',
    fails: 'Dry, it leaks or seizes; a nut that is too tight locks it.',
    shows: 'It does not turn, or a leak test shows it.',
    typicalDn: [8, 50],
    lifeYears: [10, 30],
  },
  'plug-lubricated': {
    wears: 'The sealant, which must be injected again.',
    fails: 'Without it the plug seizes or leaks by.',
    shows: 'The sealant gun never builds pressure; the valve is stiff.',
    typicalDn: [25, 300],
    lifeYears: [20, 40],
  },
  'plug-eccentric': {
    wears: 'The rubber of the plug and the upper bearing, from grit.',
    fails: 'Grit in the bearing stops it short; torn rubber weeps.',
    shows: 'The indicator stops short of closed; it weeps.',
    typicalDn: [50, 1200],
    lifeYears: [25, 40],
  },
  'plug-3-way': {
    wears: 'The faces of the plug, from grit.',
    fails: 'It leaks from one branch into the other.',
    shows: 'The closed branch flows.',
    typicalDn: [80, 400],
    lifeYears: [20, 30],
  },
  diaphragm: {
    wears: 'The diaphragm, with every closing and from heat.',
    fails: 'It cracks over the weir; behind it the bonnet fills.',
    shows: 'It weeps at the bonnet or the spindle.',
    typicalDn: [15, 150],
    lifeYears: [5, 15],
  },
  solenoid: {
    wears: 'The pilot seat, from grit; the coil, from heat.',
    fails: 'Grit holds it open, or the coil burns and it never opens.',
    shows: 'It hums, or nothing happens.',
    typicalDn: [8, 50],
    lifeYears: [5, 12],
  },
  'pressure-reducing': {
    wears: 'Seat and diaphragm, from grit.',
    fails: 'The outlet pressure creeps up at rest.',
    shows: 'A gauge downstream climbs at night; fixtures bang and drip.',
    typicalDn: [8, 150],
    lifeYears: [7, 15],
  },
  relief: {
    wears: 'The seat, from scale and with every lift.',
    fails: 'Scale holds it closed, or it keeps dripping.',
    shows: 'It drips. Stuck closed, nothing shows until it must open: test its lever.',
    typicalDn: [8, 100],
    lifeYears: [5, 10],
  },
  'check-swing': {
    wears: 'Hinge pin and seat, from slamming and chatter.',
    fails: 'The disc hangs or comes off its hinge.',
    shows: 'It bangs; off its hinge, the line is blocked or flows back.',
    typicalDn: [15, 600],
    lifeYears: [15, 30],
  },
  'check-swing-spring': {
    wears: 'The spring, the hinge and the seat.',
    fails: 'The spring breaks and it slams like a plain swing check.',
    shows: 'It begins to bang.',
    typicalDn: [25, 300],
    lifeYears: [12, 25],
  },
  'check-swing-weighted': {
    wears: 'Hinge and shaft packing, which can be seen.',
    fails: 'The packing drips or binds and the arm stays up.',
    shows: 'The arm outside shows it.',
    typicalDn: [80, 600],
    lifeYears: [15, 30],
  },
  'check-spring-inline': {
    wears: 'Spring, guide and seat.',
    fails: 'The spring breaks or grit wedges the poppet.',
    shows: 'It chatters, or leaks back without a sound.',
    typicalDn: [8, 300],
    lifeYears: [10, 20],
  },
  'check-lift-horizontal': {
    wears: 'The guide and the seat.',
    fails: 'Scale holds the disc up.',
    shows: 'It leaks back without a sound.',
    typicalDn: [8, 50],
    lifeYears: [10, 20],
  },
  'check-lift-vertical': {
    wears: 'The guide and the seat.',
    fails: 'Scale holds the disc up.',
    shows: 'It leaks back without a sound.',
    typicalDn: [8, 150],
    lifeYears: [10, 20],
  },
  'check-ball': {
    wears: 'The rubber of the ball: out of round from resting in one place.',
    fails: 'The egg-shaped ball sticks off its seat and stays open.',
    shows: 'No alarm: the well refills at every stop and the pump starts far too often.',
    typicalDn: [25, 400],
    lifeYears: [8, 15],
  },
  'check-dual-plate': {
    wears: 'Hinge and springs in the middle of the stream.',
    fails: 'A spring breaks and one plate stays open.',
    shows: 'It leaks back; the pump turns backward.',
    typicalDn: [50, 600],
    lifeYears: [10, 20],
  },
  'check-tilting': {
    wears: 'The pivots and the seat.',
    fails: 'Worn pivots let the disc miss its seat.',
    shows: 'It leaks back without a sound.',
    typicalDn: [50, 600],
    lifeYears: [15, 25],
  },
};

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
    wears: 'The two soft seats, by grit and by standing part open.',
    fails: 'A cut seat lets through; long unmoved, scale grips the ball and the stem turns alone.',
    shows: 'It weeps when shut; a handle that goes stiff tells first.',
    typicalDn: [8, 300],
    lifeYears: [20, 35],
  },
  'ball-3-way': {
    wears: 'The seats on every port, by grit.',
    fails: 'It lets from one branch into the other.',
    shows: 'The branch that is shut runs warm, or flows.',
    typicalDn: [8, 100],
    lifeYears: [15, 25],
  },
  'gate-solid': {
    wears: 'Seats and wedge, by standing part open; the stem’s thread, by force.',
    fails: 'It seizes when left; forced, the stem cracks or drops the wedge into the slot.',
    shows: 'The wheel turns for ever, or not at all; shut, it still runs.',
    typicalDn: [8, 600],
    lifeYears: [15, 30],
  },
  'gate-resilient': {
    wears: 'The rubber of the wedge, by grit; the stem nut, by force.',
    fails: 'Cut rubber weeps; turned too far the nut strips.',
    shows: 'It weeps when shut; the counted turns no longer match.',
    typicalDn: [50, 600],
    lifeYears: [30, 50],
  },
  'knife-gate': {
    wears: 'The packing round the plate, and the seat on one side.',
    fails: 'The packing weeps; solids under the plate hold it open.',
    shows: 'It drips at the top; the plate stops short.',
    typicalDn: [50, 900],
    lifeYears: [10, 20],
  },
  globe: {
    wears: 'The disc and its seat, by what they throttle; the packing.',
    fails: 'The stream cuts a groove across the seat and it no longer holds.',
    shows: 'It hisses when shut; the stem drips.',
    typicalDn: [8, 200],
    lifeYears: [15, 25],
  },
  'globe-y': {
    wears: 'The disc and its seat, less than in a straight globe.',
    fails: 'A groove across the seat lets through.',
    shows: 'It hisses when shut.',
    typicalDn: [15, 80],
    lifeYears: [15, 25],
  },
  angle: {
    wears: 'The disc and its seat, by what they throttle.',
    fails: 'A groove across the seat lets through.',
    shows: 'It drips when shut; the stem drips.',
    typicalDn: [8, 100],
    lifeYears: [15, 25],
  },
  'compression-stop': {
    wears: 'The rubber washer, by treated water and by hard shutting.',
    fails: 'The washer hardens, crumbles or comes off its screw.',
    shows: 'It drips shut, needs ever more force, or shuts off nothing.',
    typicalDn: [8, 25],
    lifeYears: [8, 15],
  },
  'compression-stop-angle': {
    wears: 'The rubber washer, by treated water and by hard shutting.',
    fails: 'The washer hardens, crumbles or comes off its screw.',
    shows: 'It drips shut, needs ever more force, or shuts off nothing.',
    typicalDn: [8, 15],
    lifeYears: [8, 15],
  },
  'quarter-turn-stop': {
    wears: 'The small seats, hardly.',
    fails: 'Scale stops the small ball.',
    shows: 'The handle is stiff.',
    typicalDn: [8, 15],
    lifeYears: [20, 30],
  },
  needle: {
    wears: 'The cone and its seat, by being shut too hard.',
    fails: 'A ring pressed into the cone makes it coarse, then it leaks.',
    shows: 'The setting no longer repeats.',
    typicalDn: [6, 25],
    lifeYears: [10, 20],
  },
  'radiator-disc': {
    wears: 'The disc, by heat; the packing.',
    fails: 'The disc hardens and sticks or crumbles; steam passes.',
    shows: 'The radiator stays warm when shut, or stays cold; the stem weeps.',
    typicalDn: [15, 40],
    lifeYears: [10, 20],
  },
  'radiator-metering': {
    wears: 'The packing; the cone hardly.',
    fails: 'Dirt on the seat keeps it from shutting.',
    shows: 'The radiator stays warm when shut.',
    typicalDn: [15, 32],
    lifeYears: [25, 40],
  },
  'butterfly-resilient': {
    wears: 'The rubber seat at the shaft, by every closing.',
    fails: 'The rubber tears or swells and holds the disc.',
    shows: 'It weeps when shut; the lever takes more force.',
    typicalDn: [50, 1200],
    lifeYears: [15, 25],
  },
  'butterfly-metal': {
    wears: 'The shaft’s bushes.',
    fails: 'It always leaked; worn, the disc rattles.',
    shows: 'It is heard.',
    typicalDn: [50, 1200],
    lifeYears: [20, 30],
  },
  'butterfly-gas-cock': {
    wears: 'The shaft seals.',
    fails: 'A seal weeps.',
    shows: 'A leak test or a nose finds it.',
    typicalDn: [15, 25],
    lifeYears: [25, 40],
  },
  'plug-taper': {
    wears: 'The grease between plug and body.',
    fails: 'Dry, it leaks or seizes; the nut drawn down locks it.',
    shows: 'It does not turn, or a leak test finds it.',
    typicalDn: [8, 50],
    lifeYears: [10, 30],
  },
  'plug-lubricated': {
    wears: 'The sealant, which must be put in again.',
    fails: 'Without it the plug seizes or passes.',
    shows: 'The gun takes sealant without end; it is stiff.',
    typicalDn: [25, 300],
    lifeYears: [20, 40],
  },
  'plug-eccentric': {
    wears: 'The rubber of the plug and the upper bearing, by grit.',
    fails: 'Grit in the bearing stops it short; torn rubber weeps.',
    shows: 'The indicator stops short of shut; it weeps.',
    typicalDn: [50, 1200],
    lifeYears: [25, 40],
  },
  'plug-3-way': {
    wears: 'The plug’s faces, by grit.',
    fails: 'It lets from one branch into the other.',
    shows: 'The branch that is shut flows.',
    typicalDn: [80, 400],
    lifeYears: [20, 30],
  },
  diaphragm: {
    wears: 'The diaphragm, by every closing and by heat.',
    fails: 'It cracks over the weir; behind it the bonnet fills.',
    shows: 'It weeps at the bonnet or the spindle.',
    typicalDn: [15, 150],
    lifeYears: [5, 15],
  },
  solenoid: {
    wears: 'The pilot seat, by grit; the coil, by heat.',
    fails: 'Grit holds it open, or the coil burns and it never opens.',
    shows: 'It hums, or nothing happens.',
    typicalDn: [8, 50],
    lifeYears: [5, 12],
  },
  'pressure-reducing': {
    wears: 'Seat and diaphragm, by grit.',
    fails: 'The outlet pressure creeps up at rest.',
    shows: 'A gauge behind it climbs at night; fixtures bang and drip.',
    typicalDn: [8, 150],
    lifeYears: [7, 15],
  },
  relief: {
    wears: 'The seat, by scale and by every lifting.',
    fails: 'Scale holds it shut, or it drips for good.',
    shows: 'It drips; stuck shut, nothing shows until it must lift: try its lever.',
    typicalDn: [8, 100],
    lifeYears: [5, 10],
  },
  'check-swing': {
    wears: 'Hinge pin and seat, by slamming and chatter.',
    fails: 'The disc hangs or comes off its hinge.',
    shows: 'It bangs; off its hinge, the line blocks or runs back.',
    typicalDn: [15, 600],
    lifeYears: [15, 30],
  },
  'check-swing-spring': {
    wears: 'The spring, the hinge and the seat.',
    fails: 'The spring breaks and it slams as a plain one.',
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
    shows: 'It chatters, or lets back without a sound.',
    typicalDn: [8, 300],
    lifeYears: [10, 20],
  },
  'check-lift-horizontal': {
    wears: 'The guide and the seat.',
    fails: 'Scale holds the disc up.',
    shows: 'It lets back without a sound.',
    typicalDn: [8, 50],
    lifeYears: [10, 20],
  },
  'check-lift-vertical': {
    wears: 'The guide and the seat.',
    fails: 'Scale holds the disc up.',
    shows: 'It lets back without a sound.',
    typicalDn: [8, 150],
    lifeYears: [10, 20],
  },
  'check-ball': {
    wears: 'The ball’s rubber: out of round from resting in one place.',
    fails: 'The egg-shaped ball wedges out of the way and stays open.',
    shows: 'No alarm: the well refills at every stop and the pump starts far too often.',
    typicalDn: [25, 400],
    lifeYears: [8, 15],
  },
  'check-dual-plate': {
    wears: 'Hinge and springs in the middle of the stream.',
    fails: 'A spring breaks and one plate stays open.',
    shows: 'It lets back; the pump turns backwards.',
    typicalDn: [50, 600],
    lifeYears: [10, 20],
  },
  'check-tilting': {
    wears: 'The pivots and the seat.',
    fails: 'Worn pivots let the disc miss its seat.',
    shows: 'It lets back without a sound.',
    typicalDn: [50, 600],
    lifeYears: [15, 25],
  },
};

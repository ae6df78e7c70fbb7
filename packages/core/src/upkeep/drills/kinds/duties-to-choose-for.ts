import type { Duty } from '../../../judgement/selection/index.js';
import type { DrillTrade } from '../made-drill.js';

type Drawn = { [F in keyof Duty]?: readonly NonNullable<Duty[F]>[] };

/** Duties alike: each fact is drawn from what it may be. */
export interface DutiesToChooseFor {
  trade: DrillTrade;
  facts: Drawn & { function: readonly Duty['function'][]; medium: readonly Duty['medium'][] };
}

const PSI = 6894.757293168361;
const psi = (...values: number[]): number[] => values.map((value) => Math.round(value * PSI));

/** What a shut-off is asked to do on an ordinary job, and how often it is so. */
export const VALVE_DUTIES: readonly DutiesToChooseFor[] = [
  {
    trade: 'water',
    facts: {
      function: ['isolate', 'emergency-shutoff'],
      medium: ['potable-cold'],
      dn: [15, 20, 25, 32, 40, 50],
      pressurePa: psi(45, 60, 75, 90, 120),
      temperatureC: [10, 15],
      flowM3s: [0.0003],
      headroomM: [0.6],
      place: ['indoors', 'concealed'],
      solids: ['none'],
      operatedPerYear: [1, 2, 12],
      hardWater: [false, true],
      chloramine: [false],
    },
  },
  {
    trade: 'water',
    facts: {
      function: ['isolate'],
      medium: ['potable-hot', 'heating-water'],
      dn: [15, 20, 25, 32, 40],
      pressurePa: psi(45, 60, 75),
      temperatureC: [60, 70, 85, 92],
      flowM3s: [0.0003],
      headroomM: [0.6],
      place: ['indoors'],
      solids: ['none'],
      operatedPerYear: [1, 2],
      hardWater: [false, true],
      chloramine: [false],
    },
  },
  {
    trade: 'water',
    facts: {
      function: ['throttle'],
      medium: ['potable-cold', 'heating-water', 'irrigation'],
      dn: [15, 20, 25, 32],
      pressurePa: psi(45, 60, 75),
      temperatureC: [15, 60],
      flowM3s: [0.0003],
      differentialPa: [40_000],
      headroomM: [0.6],
      place: ['indoors'],
      solids: ['none'],
      operatedPerYear: [12, 52],
      hardWater: [false],
      chloramine: [false],
      fineControl: [true],
    },
  },
  {
    trade: 'gas',
    facts: {
      function: ['isolate', 'emergency-shutoff'],
      medium: ['natural-gas', 'lp-gas'],
      dn: [15, 20, 25],
      pressurePa: psi(0.25, 0.5, 2),
      temperatureC: [15, 20],
      headroomM: [0.6],
      place: ['indoors'],
      distanceToApplianceM: [0.6, 1.2],
      otherRoom: [false],
    },
  },
  {
    trade: 'fire',
    facts: {
      function: ['isolate', 'emergency-shutoff'],
      medium: ['fire-water'],
      dn: [50, 65, 80, 100, 150],
      pressurePa: psi(90, 120, 150),
      temperatureC: [10],
      flowM3s: [0.01],
      headroomM: [0.6],
      place: ['indoors'],
      solids: ['none'],
      mustSeePosition: [true],
      operatedPerYear: [1, 4],
    },
  },
  {
    trade: 'steam',
    facts: {
      function: ['isolate'],
      medium: ['steam-low'],
      dn: [25, 32, 40, 50],
      pressurePa: psi(2, 5, 12),
      temperatureC: [105, 115, 120],
      headroomM: [0.6],
      place: ['indoors'],
      operatedPerYear: [2, 12],
    },
  },
  {
    trade: 'sewage',
    facts: {
      function: ['isolate'],
      medium: ['raw-sewage'],
      dn: [80, 100, 150],
      pressurePa: psi(15, 25, 40),
      temperatureC: [12],
      flowM3s: [0.012],
      headroomM: [0.6],
      place: ['indoors', 'pit'],
      solids: ['stringy'],
      smallestPassageM: [0.064, 0.075],
      operatedPerYear: [1, 4],
    },
  },
];

/** What a check is asked to do behind a pump. */
export const CHECK_DUTIES: readonly DutiesToChooseFor[] = [
  {
    trade: 'water',
    facts: {
      function: ['non-return'],
      medium: ['potable-cold', 'heating-water'],
      dn: [25, 32, 40, 50],
      pressurePa: psi(40, 60, 80),
      temperatureC: [10, 45],
      orientation: ['horizontal', 'vertical-up'],
      flowPattern: ['steady', 'intermittent', 'pulsating'],
      startsPerHour: [2, 4, 12],
      solids: ['none', 'scale-sediment'],
      crossConnection: [false],
      place: ['indoors'],
    },
  },
  {
    trade: 'sewage',
    facts: {
      function: ['non-return'],
      medium: ['raw-sewage'],
      dn: [80, 100, 150],
      pressurePa: psi(12, 20, 35),
      temperatureC: [12],
      orientation: ['horizontal', 'vertical-up'],
      flowPattern: ['intermittent'],
      startsPerHour: [3, 4, 6],
      solids: ['stringy', 'grit'],
      screened: [false],
      crossConnection: [false],
      place: ['indoors', 'pit'],
    },
  },
  {
    trade: 'sewage',
    facts: {
      function: ['non-return'],
      medium: ['screened-effluent'],
      dn: [50, 80, 100, 150],
      pressurePa: psi(30, 50, 70),
      temperatureC: [12],
      orientation: ['horizontal', 'vertical-up'],
      flowPattern: ['intermittent'],
      startsPerHour: [4, 8],
      solids: ['none', 'scale-sediment'],
      screened: [true],
      crossConnection: [false],
      place: ['pit'],
    },
  },
];

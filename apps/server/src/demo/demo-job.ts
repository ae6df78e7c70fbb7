import { type Medium, type PositionDuty, parseNominalSize, parseQuantity } from '@grevik/core';

export interface DemoPosition {
  tag: string;
  remarks: string;
  duty: PositionDuty;
  /** Maker and model of what is picked already. */
  picked?: string;
}

export interface DemoLine {
  name: string;
  medium: Medium;
  positions: readonly DemoPosition[];
}

type Conditions = Omit<PositionDuty, 'function' | 'dn' | 'pressurePa' | 'temperatureC' | 'flowM3s' | 'pipe'>;

/** Figures as people say them: "3/4, 75 psi, 50 F, 8 gpm, copper over 62 ft". */
function asks(
  what: PositionDuty['function'],
  [size, pressure, temperature, flow]: readonly [
    size: string,
    pressure: string,
    temperature: string,
    flow?: string,
  ],
  [material, run]: readonly [material: NonNullable<PositionDuty['pipe']>['material'], run: string],
  conditions: Conditions,
): PositionDuty {
  return {
    function: what,
    dn: parseNominalSize(size),
    pressurePa: parseQuantity(pressure, 'pressure'),
    temperatureC: parseQuantity(temperature, 'temperature'),
    ...(flow !== undefined && { flowM3s: parseQuantity(flow, 'flow') }),
    pipe: { material, lengthUpstreamM: parseQuantity(run, 'length') },
    ...conditions,
  };
}

const LEVEL: Conditions = {
  orientation: 'horizontal',
  place: 'indoors',
  solids: 'none',
  hardWater: true,
  operatedPerYear: 1,
};
const BURIED: Conditions = { orientation: 'horizontal', place: 'buried', solids: 'none', operatedPerYear: 1 };
const WALL: Conditions = { ...LEVEL, place: 'concealed', occupied: true };

export const DEMO_JOB = 'Tarn Quay terminal';

/** A ferry terminal on a lake, with a bathhouse, staff rooms, a bakery café and a heated old customs hall. All of it is made up. */
export const DEMO_LINES: readonly DemoLine[] = [
  {
    name: 'Domestic cold',
    medium: 'potable-cold',
    positions: [
      {
        tag: 'CW-101',
        remarks: 'Building shut-off, behind the ticket office',
        picked: 'Ostrand 21P',
        duty: asks('emergency-shutoff', ['1 1/2', '75 psi', '50 F', '38 gpm'], ['copper', '41 ft'], {
          ...LEVEL,
          mustSeePosition: true,
        }),
      },
      {
        tag: 'CW-102',
        remarks: 'Riser, foot of the staff stairs',
        picked: 'Ostrand 21P',
        duty: asks('isolate', ['1 1/2', '75 psi', '50 F', '33 gpm'], ['copper', '62 ft'], {
          ...LEVEL,
          orientation: 'vertical-up',
        }),
      },
      {
        tag: 'CW-103',
        remarks: 'Café branch, in the back wall; no torch there',
        duty: asks('isolate', ['3/4', '75 psi', '50 F', '8 gpm'], ['copper', '62 ft'], WALL),
      },
      {
        tag: 'CW-104',
        remarks: 'Staff rooms, above the ceiling',
        picked: 'Ostrand 21S',
        duty: asks('isolate', ['3/4', '72 psi', '50 F', '7 gpm'], ['copper', '80 ft'], LEVEL),
      },
      {
        tag: 'CW-105',
        remarks: 'Booster feed, pump room; locked out for service',
        duty: asks('isolate', ['1', '72 psi', '50 F', '14 gpm'], ['copper', '55 ft'], {
          ...LEVEL,
          lockout: true,
        }),
      },
      {
        tag: 'CW-106',
        remarks: 'Fountain on the quay, set by hand',
        duty: asks('throttle', ['1/2', '5 bar', '10 C', '3 L/min'], ['copper', '30 ft'], {
          ...LEVEL,
          place: 'pit',
          fineControl: true,
        }),
      },
      {
        tag: 'CW-107',
        remarks: 'Bathhouse cold main',
        duty: asks('isolate', ['1 1/4', '70 psi', '50 F', '24 gpm'], ['copper', '120 ft'], LEVEL),
      },
      {
        tag: 'CW-108',
        remarks: 'Wash bay hose, where the public walks',
        duty: asks('isolate', ['1', '70 psi', '50 F', '11 gpm'], ['copper', '95 ft'], {
          ...LEVEL,
          place: 'outdoors',
          publicAccess: true,
        }),
      },
      {
        tag: 'CW-109',
        remarks: 'Heater cold side, plant room',
        duty: asks('isolate', ['1', '70 psi', '50 F', '16 gpm'], ['copper', '140 ft'], LEVEL),
      },
      {
        tag: 'CW-110',
        remarks: 'Ticket hall basins, balancing',
        duty: asks('throttle', ['3/4', '68 psi', '50 F', '6 gpm'], ['copper', '110 ft'], LEVEL),
      },
      {
        tag: 'CW-111',
        remarks: 'Ice maker and espresso',
        duty: asks('isolate', ['1/2', '68 psi', '50 F', '2 gpm'], ['copper', '70 ft'], WALL),
      },
      {
        tag: 'CW-112',
        remarks: 'Pump station feed, in the meter pit',
        duty: asks('isolate', ['2', '74 psi', '48 F', '60 gpm'], ['copper', '210 ft'], {
          ...LEVEL,
          place: 'pit',
        }),
      },
      {
        tag: 'CW-113',
        remarks: 'Basin stop, ticket hall washroom',
        picked: 'Fennick Q3',
        duty: asks('isolate', ['1/2', '66 psi', '50 F', '0.5 gpm'], ['copper', '9 ft'], {
          ...LEVEL,
          chloramine: true,
          publicAccess: true,
        }),
      },
      {
        tag: 'CW-114',
        remarks: 'Sampling cock, plant room',
        duty: asks('throttle', ['1/4', '70 psi', '50 F', '0.2 gpm'], ['copper', '6 ft'], {
          ...LEVEL,
          fineControl: true,
        }),
      },
    ],
  },
  {
    name: 'Domestic hot',
    medium: 'potable-hot',
    positions: [
      {
        tag: 'HW-101',
        remarks: 'Heater hot side, plant room',
        duty: asks('isolate', ['1', '70 psi', '149 F', '16 gpm'], ['copper', '20 ft'], LEVEL),
      },
      {
        tag: 'HW-102',
        remarks: 'Bathhouse hot main',
        duty: asks('isolate', ['1 1/4', '68 psi', '140 F', '22 gpm'], ['copper', '130 ft'], LEVEL),
      },
      {
        tag: 'HW-103',
        remarks: 'Café dishwasher, hottest draw-off',
        duty: asks('isolate', ['3/4', '66 psi', '180 F', '7 gpm'], ['copper', '75 ft'], WALL),
      },
      {
        tag: 'HW-104',
        remarks: 'Return, balancing at the heater',
        duty: asks('throttle', ['3/4', '60 psi', '131 F', '3 gpm'], ['copper', '160 ft'], {
          ...LEVEL,
          fineControl: true,
        }),
      },
    ],
  },
  {
    name: 'Gas',
    medium: 'natural-gas',
    positions: [
      {
        tag: 'GA-101',
        remarks: 'Riser valve, outside by the regulator',
        duty: asks('isolate', ['2', '7 in w.c.', '50 F'], ['steel', '12 ft'], {
          orientation: 'vertical-up',
          place: 'outdoors',
          publicAccess: true,
        }),
      },
      {
        tag: 'GA-102',
        remarks: 'Bakery oven',
        duty: asks('isolate', ['1', '7 in w.c.', '60 F'], ['steel', '85 ft'], {
          orientation: 'horizontal',
          place: 'indoors',
          distanceToApplianceM: 1.2,
        }),
      },
      {
        tag: 'GA-103',
        remarks: 'Hall boiler, from the next room',
        duty: asks('isolate', ['3/4', '7 in w.c.', '60 F'], ['steel', '130 ft'], {
          orientation: 'horizontal',
          place: 'indoors',
          distanceToApplianceM: 6,
        }),
      },
    ],
  },
  {
    name: 'Buried service',
    medium: 'potable-cold',
    positions: [
      {
        tag: 'BS-101',
        remarks: 'Curb stop, at the corner of the quay road',
        duty: asks('isolate', ['4', '90 psi', '48 F', '250 gpm'], ['ductile-iron', '310 ft'], BURIED),
      },
      {
        tag: 'BS-102',
        remarks: 'Hydrant lead, by the bathhouse',
        picked: 'Saltholm W15M',
        duty: asks('isolate', ['6', '90 psi', '48 F', '750 gpm'], ['ductile-iron', '120 ft'], BURIED),
      },
      {
        tag: 'BS-103',
        remarks: 'Before the meter, in the pit',
        duty: asks('isolate', ['4', '88 psi', '48 F', '250 gpm'], ['ductile-iron', '340 ft'], {
          ...BURIED,
          place: 'pit',
          mustSeePosition: true,
          headroomM: 1.4,
        }),
      },
    ],
  },
];

import type { Medium, PipeMaterial, PositionDuty } from '@grevik/core';
import { utilityGrid } from './utility-grid.js';

/** A line as the crew typed it, walking from its source. All made up. */
export interface DemoWalk {
  line: string;
  text: string;
}

/** Lines whose positions the demo job lists one by one. */
export const DEMO_WALKS: readonly DemoWalk[] = [
  {
    line: 'Domestic cold',
    text: `
street main: Meter pit
1-1/2 copper 41 ft
CW-101 ball 1-1/2
1-1/2 copper 21 ft up 9 ft
CW-102 ball 1-1/2
tee: Café branch
  3/4 copper 18 ft
  CW-103 gate 3/4
  kitchen sink x2: Bakery café
  dishwasher: Bakery café
1-1/4 copper 30 ft
tee: Staff rooms
  CW-104 gate 3/4
  3/4 copper 24 ft
  basin x6: Staff rooms
  toilet x4: Staff rooms
tee: Booster
  1 copper 12 ft
  CW-105 ball 1
  pump: Booster
tee: Quay
  1/2 copper 30 ft
  CW-106 needle 1/2
  fountain: Quay fountain
1-1/4 copper 58 ft
tee: Bathhouse
  CW-107 ball 1-1/4
  1-1/4 copper 26 ft
  shower x8: Bathhouse
  toilet x6: Bathhouse
tee: Wash bay
  1 copper 54 ft
  CW-108 ball 1
  hose bibb x3: Wash bay
tee: Heater
  1 copper 20 ft
  CW-109 ball 1
  water heater: Plant room
3/4 copper 36 ft
CW-110 globe 3/4
basin x4: Ticket hall
tee: Back bar
  1/2 copper 8 ft
  CW-111 gate 1/2
  ice maker: Back bar
tee: Pump station
  2 copper 60 ft
  CW-112 ball 2
  pump: Wash-down machine
1/2 copper 9 ft
CW-113 quarter-turn stop 1/2
basin: Ticket hall washroom
CW-114 needle 1/4
fixture: Sampling sink`,
  },
  {
    line: 'Domestic hot',
    text: `
source: Water heater
1 copper 20 ft
HW-101 ball 1
tee: Bathhouse
  1-1/4 copper 110 ft
  HW-102 ball 1-1/4
  shower x8: Bathhouse
tee: Café
  3/4 copper 55 ft
  HW-103 ball 3/4
  dishwasher: Bakery café
basin x6: Staff rooms
3/4 copper 140 ft
HW-104 globe 3/4
fixture: Return to the heater`,
  },
  {
    line: 'Gas',
    text: `
gas main: Regulator on the quay wall
2 steel 12 ft
GA-101 plug 2
2 steel 40 ft
tee: Bakery
  1 steel 33 ft
  GA-102 ball 1
  oven: Bakery
1 steel 78 ft
GA-103 gas cock 3/4
boiler: Old customs hall`,
  },
  {
    line: 'Buried service',
    text: `
street main: Quay road main
4 ductile 310 ft
BS-101 RWGV 4
tee: Hydrant lead
  6 ductile 120 ft
  BS-102 RWGV 6
  hydrant: By the bathhouse
4 ductile 30 ft
BS-103 gate 4
building: Terminal meter`,
  },
];

/** Lines that are only walked so far: every position takes the line's own pressure and temperature. */
export const DEMO_WALKED_LINES: readonly (DemoWalk & {
  medium: Medium;
  duty: Pick<PositionDuty, 'pressurePa' | 'temperatureC'>;
  material: PipeMaterial;
})[] = [
  {
    line: 'Fire sprinkler',
    medium: 'fire-water',
    duty: { pressurePa: 1_034_214, temperatureC: 5 },
    material: 'steel',
    text: `
street main: Fire service
6 ductile 40 ft
SP-101 gate 6: Fire service, pump house
SP-102 swing check 6: Riser check
4 steel 22 ft up 12 ft
tee: Ticket hall
  SP-103 butterfly 4: Ticket hall zone
  3 steel 60 ft
  sprinklers x34: Ticket hall
  SP-104 ball 1: Inspector’s test, ticket hall
tee: Bakery café
  SP-105 butterfly 3: Café zone
  sprinklers x18: Bakery café
  SP-106 ball 1: Drain, café zone
SP-107 butterfly 4: Customs hall zone
4 steel 90 ft
sprinklers x52: Old customs hall
SP-108 ball 1: Drain, customs hall`,
  },
  {
    line: 'Quay wash-down',
    medium: 'wash-water-high-pressure',
    duty: { pressurePa: 22_063_223, temperatureC: 60 },
    material: 'stainless',
    text: `
source: Wash machine
1/2 stainless 14 ft
WD-101 ball 1/2: Machine outlet
1/2 stainless 48 ft
tee: Ramp
  WD-102 ball 1/2: Ramp reel
  hose reel: Ramp
tee: North quay
  1/2 stainless 60 ft
  WD-103 ball 3/8: North quay reel
  hose reel: North quay
  WD-104 needle 3/8: Gun bypass
1/2 stainless 80 ft
WD-105 ball 1/2: South quay reel
hose reel: South quay
WD-106 ball 1/4: Line drain`,
  },
  {
    line: 'Customs hall steam',
    medium: 'steam-vapour',
    duty: { pressurePa: 3_400, temperatureC: 101 },
    material: 'steel',
    text: `
source: Boiler header
2 steel 18 ft
ST-101 gate 2: Header, boiler room
2 steel 44 ft up 9 ft
tee: East wall
  1-1/4 steel 30 ft
  ST-102 radiator valve 1: East radiator 1
  radiator
  ST-103 radiator valve 1: East radiator 2
  radiator
  ST-104 radiator valve 1: East radiator 3
  radiator
  ST-105 radiator valve 1: East radiator 4
  radiator
tee: West wall
  1-1/4 steel 34 ft
  ST-106 metering valve 1: West radiator 1
  radiator
  ST-107 metering valve 1: West radiator 2
  radiator
  ST-108 radiator valve 1: West radiator 3
  radiator
  ST-109 radiator valve 1: West radiator 4
  radiator
1-1/2 steel 50 ft
ST-110 gate 1-1/2: Gallery branch
ST-111 radiator valve 3/4: Gallery radiator 1
radiator
ST-112 radiator valve 3/4: Gallery radiator 2
radiator`,
  },
  {
    line: 'Heating',
    medium: 'heating-water',
    duty: { pressurePa: 150_000, temperatureC: 75 },
    material: 'steel',
    text: `
source: Boiler
1-1/2 steel 8 ft
HT-101 ball 1-1/2: Boiler flow
HT-102 spring check 1-1/2: Pump check
tee: Staff rooms
  1 steel 60 ft
  HT-103 globe 1: Staff rooms, balancing
  radiator x6: Staff rooms
tee: Ticket office
  3/4 steel 42 ft
  HT-104 ball 3/4: Ticket office
  radiator x3: Ticket office
tee: Bathhouse
  1-1/4 steel 110 ft
  HT-105 gate 1-1/4: Bathhouse
  HT-106 globe 1-1/4: Bathhouse, balancing
  radiator x9: Bathhouse
HT-107 ball 1/2: Fill
HT-108 relief 3/4: Boiler relief`,
  },
  {
    line: 'Lift station main',
    medium: 'raw-sewage',
    duty: { pressurePa: 210_000, temperatureC: 12 },
    material: 'ductile-iron',
    text: `
source: Wet well
tee: Pump 1
  4 ductile 9 ft up 9 ft
  LS-101 ball check 4: Pump 1 check
  LS-102 eccentric plug 4: Pump 1 isolation
  4 ductile 3 ft joins Header
tee: Pump 2
  4 ductile 9 ft up 9 ft
  LS-103 ball check 4: Pump 2 check
  LS-104 eccentric plug 4: Pump 2 isolation
  4 ductile 3 ft joins Header
tee: Header
6 hdpe 20 ft
LS-105 eccentric plug 6: Station discharge
tee: Bypass
  LS-106 gate 4: Bypass connection
  pump: Bypass pump
6 hdpe 1400 ft
LS-107 knife gate 6: Rising main, at the road
LS-108 ball 2: Air valve shut-off
6 hdpe 900 ft
building: Interceptor manhole`,
  },
  {
    line: 'Garden irrigation',
    medium: 'irrigation',
    duty: { pressurePa: 450_000, temperatureC: 12 },
    material: 'pvc',
    text: `
source: Lake pump
1-1/2 pvc 25 ft
IR-101 ball 1-1/2: Pump outlet
IR-102 swing check 1-1/2: Pump check
tee: Flower beds
  1 pvc 80 ft
  IR-103 solenoid 1: Flower beds
  hose bibb x4: Flower beds
1 pvc 120 ft
IR-104 solenoid 1: Lawn
hose bibb x6: Lawn`,
  },
  {
    line: 'Harbour grid',
    medium: 'potable-cold',
    duty: { pressurePa: 620_528, temperatureC: 9 },
    material: 'ductile-iron',
    text: utilityGrid(),
  },
];

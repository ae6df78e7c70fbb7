import type { Medium } from '../../ground/media/index.js';
import type { ValveType } from '../../ground/valves/index.js';

/** Media that ask the same of a type. */
export type Service =
  | 'clean'
  | 'fire'
  | 'effluent'
  | 'waste'
  | 'gas'
  | 'steam'
  | 'air'
  | 'wash'
  | 'corrosive'
  | 'oxidiser';

export const SERVICE_OF: Readonly<Record<Medium, Service>> = {
  'potable-cold': 'clean',
  'potable-hot': 'clean',
  'heating-water': 'clean',
  irrigation: 'clean',
  'fire-water': 'fire',
  'screened-effluent': 'effluent',
  'raw-sewage': 'waste',
  slurry: 'waste',
  'natural-gas': 'gas',
  'lp-gas': 'gas',
  'steam-low': 'steam',
  'steam-vapour': 'steam',
  'compressed-air': 'air',
  'wash-water-high-pressure': 'wash',
  'corrosive-liquid': 'corrosive',
  'oxidiser-gas': 'oxidiser',
};

/** What a type is made for: silent where it is `ok`, care with a reason, or out. A carried one is out without its approval or rating for the service. */
export interface ServiceCell {
  is: 'ok' | 'care' | 'out';
  why?: string;
  /** Out unless it carries the approval, listing or rating for the service. */
  carries?: true;
}

const ok: ServiceCell = { is: 'ok' };
const okCarried: ServiceCell = { is: 'ok', carries: true };
const care = (why: string): ServiceCell => ({ is: 'care', why });
const careCarried = (why: string): ServiceCell => ({ is: 'care', carries: true, why });
const out = (why: string): ServiceCell => ({ is: 'out', why });

type Row = Partial<Record<Service | Medium, ServiceCell>>;

const NOT_ITS_SEAT = care(
  'Its seat and stem are not what this service usually gets: use it only with the maker’s consent.',
);
const FINE_IN_THE_BORE = care('Its disc stands in the water: scale and threads catch on it.');
const WASHER: Row = {
  clean: ok,
  irrigation: care('Grit in irrigation water cuts the washer: plan to renew it.'),
};
const SMALL_BALL: Row = {
  clean: ok,
  irrigation: care('Grit in irrigation water scores its small ball: put a strainer before it.'),
};
const RADIATOR: Row = {
  'heating-water': ok,
  steam: ok,
};
const GLOBE: Row = {
  clean: ok,
  fire: care('It costs pressure that the sprinklers need, and few are listed.'),
  effluent: FINE_IN_THE_BORE,
  gas: careCarried('It costs pressure, and it closes in many turns.'),
  steam: ok,
  air: ok,
  wash: care('Use it only with a rating for the machine’s pressure.'),
  corrosive: ok,
};
const LIFT: Row = {
  clean: ok,
  fire: care('Its loss is high: few are listed for fire lines.'),
  gas: careCarried('Its disc chatters in gas.'),
  steam: ok,
  air: ok,
  wash: ok,
  corrosive: ok,
  oxidiser: care('Only in metal, cleaned for the service.'),
};
const SPRING_SWING: Row = {
  clean: ok,
  fire: ok,
  effluent: ok,
  waste: ok,
  steam: care('Heat tires its spring.'),
  air: care('It chatters in a gas that pulses.'),
  corrosive: ok,
};

/** Source: what each type is made for in the trade's catalogs and the standards it is built to; a missing cell is out. */
const ROWS: Readonly<Partial<Record<ValveType, Row>>> = {
  ball: {
    clean: ok,
    fire: ok,
    effluent: ok,
    waste: care('The cavity around the ball holds solids: only in full port, exercised often.'),
    gas: ok,
    steam: care('Heat hardens its seats: only with a steam rating.'),
    air: ok,
    wash: ok,
    corrosive: ok,
    oxidiser: care('Only cleaned for the service, and opened slowly.'),
  },
  'ball-3-way': { clean: ok, effluent: ok, air: care('It leaks across while it turns.'), corrosive: ok },
  'gate-solid': {
    clean: ok,
    fire: ok,
    effluent: care('Solids settle in its seat pocket.'),
    gas: careCarried('Metal seats leak some gas when closed.'),
    steam: ok,
    air: care('Metal seats leak some air when closed.'),
    corrosive: care('The slot holds liquid: drain it before opening.'),
  },
  'gate-resilient': {
    clean: ok,
    fire: ok,
    effluent: ok,
    waste: care('Grit cuts the rubber of its wedge.'),
  },
  'knife-gate': { effluent: care('It seals in one direction, and its packing weeps.'), waste: ok },
  globe: GLOBE,
  'globe-y': GLOBE,
  angle: GLOBE,
  'compression-stop': WASHER,
  'compression-stop-angle': WASHER,
  'quarter-turn-stop': SMALL_BALL,
  needle: {
    clean: ok,
    gas: careCarried('It passes little and closes in many turns.'),
    steam: ok,
    air: ok,
    wash: ok,
    corrosive: ok,
  },
  'radiator-disc': RADIATOR,
  'radiator-metering': RADIATOR,
  'butterfly-resilient': {
    clean: ok,
    fire: ok,
    effluent: care('Its disc stays in the flow and catches what passes the screen.'),
    waste: ok,
    gas: careCarried('Its seat is in the flow and wears.'),
    air: care('Its seat is in the flow and wears.'),
    corrosive: ok,
  },
  'butterfly-metal': {
    clean: care('It leaks by: for throttling only.'),
    fire: care('It leaks by when closed.'),
    effluent: care('It leaks by, and its disc catches what passes the screen.'),
    steam: care('It leaks by: for throttling only.'),
    air: care('It leaks by when closed.'),
    corrosive: ok,
  },
  'butterfly-gas-cock': { gas: ok },
  'plug-taper': { gas: ok, air: care('Only where it is there already: it leaks when its grease is gone.') },
  'plug-lubricated': {
    'heating-water': care('Its sealant washes out: it needs service every year.'),
    irrigation: care('Its sealant washes out: it needs service every year.'),
    'potable-cold': out('Its sealant gets into the drinking water.'),
    'potable-hot': out('Its sealant gets into the drinking water.'),
    effluent: care('Its sealant washes out: it needs service every year.'),
    waste: care('Its sealant washes out: it needs service every year.'),
    gas: ok,
    air: ok,
    corrosive: ok,
  },
  'plug-eccentric': {
    clean: care('It is dearer than a gate or butterfly and gains nothing on clean water.'),
    irrigation: ok,
    effluent: ok,
    waste: ok,
    gas: careCarried('Its facing is made for water: only one approved for gas.'),
    air: care('Its facing is made for water.'),
    corrosive: care('Its facing decides: see the maker’s resistance table.'),
  },
  'plug-3-way': { clean: ok, effluent: ok, corrosive: care('It leaks across while it turns.') },
  diaphragm: {
    clean: ok,
    effluent: ok,
    waste: care('The weir narrows its passage: compare it with the solids the pump passes.'),
    air: ok,
    corrosive: ok,
  },
  solenoid: {
    clean: ok,
    irrigation: care('Grit holds its pilot open: put a strainer before it.'),
    gas: careCarried('It closes without power: who turns the gas on again must be licensed.'),
    steam: careCarried('Heat ages its coil and seat.'),
    air: ok,
    wash: care('Use it only with a rating for the machine’s pressure.'),
    corrosive: ok,
  },
  'check-swing': {
    clean: ok,
    fire: ok,
    effluent: ok,
    waste: ok,
    gas: careCarried('Its disc flutters in gas.'),
    steam: ok,
    air: care('It chatters in a gas that pulses.'),
    corrosive: ok,
  },
  'check-swing-spring': SPRING_SWING,
  'check-swing-weighted': SPRING_SWING,
  'check-spring-inline': {
    clean: ok,
    fire: care('Its loss is high: few are listed for fire lines.'),
    effluent: ok,
    gas: okCarried,
    steam: care('Heat tires its spring.'),
    air: ok,
    wash: ok,
    corrosive: ok,
    oxidiser: care('Only in metal, cleaned for the service.'),
  },
  'check-lift-horizontal': LIFT,
  'check-lift-vertical': LIFT,
  'check-ball': { clean: ok, effluent: ok, waste: ok, corrosive: ok },
  'check-dual-plate': {
    clean: ok,
    fire: ok,
    effluent: care('What passes the screen catches on its hinge.'),
    gas: careCarried('Its springs flutter in gas.'),
    steam: care('Heat tires its springs.'),
    air: ok,
    corrosive: ok,
  },
  'check-tilting': {
    clean: ok,
    fire: care('Few are listed for fire lines.'),
    effluent: NOT_ITS_SEAT,
    steam: NOT_ITS_SEAT,
    air: care('It chatters in a gas that pulses.'),
    corrosive: ok,
  },
};

/** Metal-wedge gates on gas are not made smaller. */
const LEAST_GAS_GATE_DN = 50;
const NOT_MADE: ServiceCell = { is: 'out' };

/**
 * What a type is in a service.
 *
 * @param type   kind of valve
 * @param medium what flows
 * @param dn     nominal size
 * @returns undefined for types that no service decides on
 *
 * @example
 * serviceCell('butterfly-gas-cock', 'potable-cold', 20) // { is: 'out' }
 */
export function serviceCell(type: ValveType, medium: Medium, dn: number): ServiceCell | undefined {
  const row = ROWS[type];
  if (!row) return undefined;
  if (type === 'gate-solid' && SERVICE_OF[medium] === 'gas' && dn < LEAST_GAS_GATE_DN) return NOT_MADE;
  return row[medium] ?? row[SERVICE_OF[medium]] ?? NOT_MADE;
}

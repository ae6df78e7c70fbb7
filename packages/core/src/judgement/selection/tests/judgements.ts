import type { Candidate, Duty, Verdict } from '../index.js';

/** One judgement a foreman would give: the duty, the valve, the verdict, and the rule that has the say. */
export interface Judgement {
  said: string;
  duty: Partial<Duty>;
  valve: Candidate;
  verdict: Verdict;
  rule?: string;
}

const cold = { medium: 'potable-cold' } as const;
const gas = { medium: 'natural-gas', pressurePa: 1700, temperatureC: 15 } as const;
const fire = { medium: 'fire-water', dn: 100, pressurePa: 1e6 } as const;
const steam = { medium: 'steam-low', pressurePa: 3e4, temperatureC: 107, dn: 25 } as const;
const vapour = { medium: 'steam-vapour', pressurePa: 3000, temperatureC: 101, dn: 20 } as const;
const wash = { medium: 'wash-water-high-pressure', pressurePa: 1.5e7, temperatureC: 20 } as const;
const sewage = { medium: 'raw-sewage', dn: 100, pressurePa: 2e5, temperatureC: 15 } as const;
const main = { medium: 'potable-cold', place: 'buried', dn: 150, pressurePa: 7e5 } as const;
const back = { function: 'non-return' } as const;

const brass = { ratingId: 'body-brass-600cwp', approvals: ['potable'] } satisfies Partial<Candidate>;
const ball = {
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  operator: 'lever',
  ...brass,
} satisfies Candidate;
const ductile = { ratingId: 'body-ductile-250psi', approvals: [] } satisfies Partial<Candidate>;
const checked = (type: Candidate['type']): Candidate => ({ type, ...ductile, discMaterial: 'nbr' });
const carries = (pressurePa: number) => ({
  points: [
    { temperatureC: 0, pressurePa },
    { temperatureC: 120, pressurePa },
  ],
});

/** Water in buildings. */
const BUILDING: readonly Judgement[] = [
  { said: 'a full-port ball shuts off a cold branch', duty: cold, valve: ball, verdict: 'fits' },
  {
    said: 'a ball that is not for drinking water does not',
    duty: cold,
    valve: { ...ball, approvals: ['gas'] },
    verdict: 'out',
    rule: 'potable-approval',
  },
  {
    said: 'a metal gate in a building wants care',
    duty: { ...cold, place: 'indoors' },
    valve: { type: 'gate-solid', stem: 'nrs', operator: 'handwheel', ...brass },
    verdict: 'care',
    rule: 'gate-building-isolation',
  },
  {
    said: 'nothing with many turns is an emergency shut-off in a house',
    duty: { ...cold, function: 'emergency-shutoff', dn: 40 },
    valve: { type: 'gate-solid', stem: 'nrs', operator: 'handwheel', ...brass },
    verdict: 'out',
    rule: 'emergency-quarter-turn',
  },
  {
    said: 'a globe balances a return',
    duty: { ...cold, function: 'throttle' },
    valve: { type: 'globe', discMaterial: 'ptfe', operator: 'handwheel', ...brass },
    verdict: 'fits',
    rule: 'globe-throttle',
  },
  {
    said: 'a gate never throttles',
    duty: { ...cold, function: 'throttle' },
    valve: { type: 'gate-solid', stem: 'nrs', operator: 'handwheel', ...brass },
    verdict: 'out',
    rule: 'gate-no-throttle',
  },
  {
    said: 'a ball throttles roughly, with care',
    duty: { ...cold, function: 'throttle' },
    valve: ball,
    verdict: 'care',
    rule: 'ball-throttle',
  },
  {
    said: 'a ball never controls finely',
    duty: { ...cold, function: 'throttle', fineControl: true },
    valve: ball,
    verdict: 'out',
    rule: 'ball-throttle',
  },
  {
    said: 'nylon seats do not stand hot water',
    duty: { medium: 'potable-hot', temperatureC: 90 },
    valve: { ...ball, seatMaterial: 'nylon' },
    verdict: 'out',
    rule: 'seat-temperature',
  },
  {
    said: 'aggressive water eats yellow brass',
    duty: { ...cold, aggressiveToBrass: true },
    valve: { ...ball, bodyMaterial: 'brass' },
    verdict: 'out',
    rule: 'dezincification',
  },
  {
    said: 'and leaves DZR alone',
    duty: { ...cold, aggressiveToBrass: true },
    valve: { ...ball, bodyMaterial: 'dzr-brass' },
    verdict: 'fits',
    rule: 'dezincification',
  },
  {
    said: 'hard water locks a stop nobody turns',
    duty: { ...cold, dn: 15, hardWater: true, operatedPerYear: 1 },
    valve: {
      type: 'compression-stop-angle',
      discMaterial: 'nbr',
      ratingId: 'body-stop-125',
      approvals: ['potable'],
    },
    verdict: 'care',
    rule: 'hard-water-multi-turn',
  },
  {
    said: 'a check is no backflow preventer',
    duty: { ...cold, ...back, crossConnection: true },
    valve: { type: 'check-spring-inline', seatMaterial: 'nbr', ...brass },
    verdict: 'out',
    rule: 'check-not-backflow-preventer',
  },
  {
    said: 'a plastic stem is no emergency shut-off',
    duty: { ...cold, function: 'emergency-shutoff', dn: 65 },
    valve: {
      type: 'globe',
      plasticStem: true,
      discMaterial: 'epdm',
      ...carries(1e6),
      approvals: ['potable'],
    },
    verdict: 'out',
    rule: 'plastic-stem',
  },
  {
    said: 'a snake does not pass a globe',
    duty: { ...cold, passThrough: true },
    valve: { type: 'globe', discMaterial: 'ptfe', ...brass },
    verdict: 'out',
    rule: 'pass-through',
  },
  {
    said: 'BSP does not go into an NPT line',
    duty: { ...cold, threads: 'npt' },
    valve: { ...ball, ends: ['bspp', 'bspp'] },
    verdict: 'out',
    rule: 'thread-family',
  },
  {
    said: 'BSP is asked about where nobody said which threads the job has',
    duty: cold,
    valve: { ...ball, ends: ['bspp', 'bspp'] },
    verdict: 'care',
    rule: 'unknown-threads',
  },
  {
    said: 'BSP is right on a BSP job, and NPT is not',
    duty: { ...cold, threads: 'bsp' },
    valve: { ...ball, ends: ['bspp', 'bspp'] },
    verdict: 'fits',
  },
  {
    said: 'NPT does not go into a BSP line',
    duty: { ...cold, threads: 'bsp' },
    valve: { ...ball, ends: ['fip', 'fip'] },
    verdict: 'out',
    rule: 'thread-family',
  },
  {
    said: 'a lever beside a path is turned by anybody',
    duty: { ...cold, publicAccess: true },
    valve: ball,
    verdict: 'care',
    rule: 'tamper',
  },
  {
    said: 'a bare lever in a paddock is rubbed open',
    duty: { ...cold, livestock: true, place: 'outdoors' },
    valve: ball,
    verdict: 'out',
    rule: 'tamper',
  },
];

/** Gas, fire, steam, wash. */
const HAZARDS: readonly Judgement[] = [
  { said: 'a gas ball fits', duty: gas, valve: { ...ball, approvals: ['gas'] }, verdict: 'fits' },
  { said: 'a water ball does not', duty: gas, valve: ball, verdict: 'out', rule: 'gas-approval' },
  {
    said: 'EPDM is not for gas',
    duty: gas,
    valve: { ...ball, approvals: ['gas'], seatMaterial: 'epdm' },
    verdict: 'out',
    rule: 'gas-elastomer',
  },
  {
    said: 'a taper plug is not put in new',
    duty: gas,
    valve: { type: 'plug-taper', approvals: ['gas'], ...carries(34474) },
    verdict: 'out',
    rule: 'taper-plug-new',
  },
  {
    said: 'one in service is tested and replaced in time',
    duty: { ...gas, existing: true },
    valve: { type: 'plug-taper', approvals: ['gas'], ...carries(34474) },
    verdict: 'care',
    rule: 'taper-plug-existing',
  },
  {
    said: 'a shut-off in another room is out of reach',
    duty: { ...gas, distanceToApplianceM: 4 },
    valve: { ...ball, approvals: ['gas'] },
    verdict: 'care',
    rule: 'gas-reach',
  },
  {
    said: 'plastic shatters under air',
    duty: { medium: 'compressed-air', pressurePa: 7e5, temperatureC: 20 },
    valve: { ...ball, bodyMaterial: 'pvc', ratingId: 'body-plastic-235' },
    verdict: 'out',
    rule: 'plastic-gas-air',
  },
  {
    said: 'a bare lever has no place on a sprinkler line',
    duty: fire,
    valve: { ...ball, approvals: ['fire'], ...carries(2e6), ratingId: undefined } as Candidate,
    verdict: 'out',
    rule: 'fire-indicating',
  },
  {
    said: 'a listed, geared, slow butterfly has',
    duty: fire,
    valve: {
      type: 'butterfly-resilient',
      seatMaterial: 'epdm',
      operator: 'gear',
      listedIndicating: true,
      closeTimeS: 12,
      approvals: ['fire'],
      ...carries(2e6),
    },
    verdict: 'fits',
  },
  {
    said: 'one that shuts in two seconds has not',
    duty: fire,
    valve: {
      type: 'butterfly-resilient',
      seatMaterial: 'epdm',
      operator: 'gear',
      listedIndicating: true,
      closeTimeS: 2,
      approvals: ['fire'],
      ...carries(2e6),
    },
    verdict: 'out',
    rule: 'fire-indicating',
  },
  {
    said: 'a ball does not throttle steam',
    duty: { ...steam, function: 'throttle' },
    valve: { ...ball, approvals: ['steam'], ...carries(1e6), ratingId: undefined } as Candidate,
    verdict: 'out',
    rule: 'steam-ball-throttle',
  },
  {
    said: 'a disc valve passes too much vapour',
    duty: { ...vapour, function: 'throttle' },
    valve: { type: 'radiator-disc', discMaterial: 'ptfe', ...carries(1e6), approvals: ['steam'] },
    verdict: 'care',
    rule: 'vapour-metering',
  },
  {
    said: 'a metering cone sets it',
    duty: { ...vapour, function: 'throttle', fineControl: true },
    valve: { type: 'radiator-metering', discMaterial: 'metal', ...carries(1e6), approvals: ['steam'] },
    verdict: 'fits',
    rule: 'globe-throttle',
  },
  {
    said: 'NBR does not stand steam',
    duty: steam,
    valve: { type: 'globe', discMaterial: 'nbr', ...carries(1e6), approvals: ['steam'] },
    verdict: 'out',
    rule: 'steam-rubber',
  },
  {
    said: 'a wash valve carries more than the machine gives',
    duty: wash,
    valve: { ...ball, ...carries(1.4e7), ratingId: undefined } as Candidate,
    verdict: 'out',
    rule: 'wash-pressure',
  },
  {
    said: 'push-fit is not for gas',
    duty: gas,
    valve: { ...ball, approvals: ['gas'], ends: ['push-fit', 'push-fit'] },
    verdict: 'out',
    rule: 'push-fit',
  },
];

/** Waste and waterworks. */
const LARGE: readonly Judgement[] = [
  {
    said: 'an eccentric plug is the sewage valve',
    duty: sewage,
    valve: { type: 'plug-eccentric', discMaterial: 'nbr', operator: 'gear', ...ductile },
    verdict: 'fits',
    rule: 'waste-plug',
  },
  {
    said: 'rags hang on a butterfly',
    duty: sewage,
    valve: { type: 'butterfly-resilient', seatMaterial: 'nbr', operator: 'gear', ...ductile },
    verdict: 'out',
    rule: 'waste-butterfly',
  },
  {
    said: 'solids fill the slot of a gate',
    duty: sewage,
    valve: { type: 'gate-solid', stem: 'os-y', operator: 'handwheel', headroomM: 3, ...ductile } as Candidate,
    verdict: 'out',
    rule: 'waste-gate',
  },
  {
    said: 'a knife gate serves at low pressure',
    duty: { ...sewage, headroomM: 2 },
    valve: { type: 'knife-gate', stem: 'rising', operator: 'handwheel', ...ductile },
    verdict: 'fits',
  },
  {
    said: 'a flapper fits a small sewage pump',
    duty: { ...sewage, ...back, orientation: 'horizontal', solids: 'stringy' },
    valve: checked('check-swing'),
    verdict: 'fits',
    rule: 'swing-orientation',
  },
  {
    said: 'a ball check is watched',
    duty: { ...sewage, ...back },
    valve: { ...checked('check-ball'), seatMaterial: 'nbr' },
    verdict: 'care',
    rule: 'ball-sewage',
  },
  {
    said: 'a poppet is wedged by rags',
    duty: { ...sewage, ...back },
    valve: { ...checked('check-spring-inline'), seatMaterial: 'nbr' },
    verdict: 'out',
    rule: 'inline-solids',
  },
  {
    said: 'a plain flapper is late on a large main',
    duty: { ...sewage, ...back, dn: 200 },
    valve: checked('check-swing'),
    verdict: 'care',
    rule: 'large-line-close-fast',
  },
  {
    said: 'one with a weight is in time',
    duty: { ...sewage, ...back, dn: 200, orientation: 'horizontal', solids: 'stringy' },
    valve: checked('check-swing-weighted'),
    verdict: 'fits',
    rule: 'large-line-close-fast',
  },
  {
    said: 'a swing check does not close downward',
    duty: { ...back, medium: 'irrigation', dn: 100, orientation: 'vertical-down' },
    valve: checked('check-swing'),
    verdict: 'out',
    rule: 'swing-orientation',
  },
  {
    said: 'a pulsating pump batters a flapper',
    duty: { ...back, medium: 'irrigation', dn: 100, flowPattern: 'pulsating' },
    valve: checked('check-swing'),
    verdict: 'out',
    rule: 'swing-intermittent',
  },
  {
    said: 'a check that the flow does not lift chatters',
    duty: { ...back, medium: 'irrigation', dn: 100, flowM3s: 0.004, pipe: { material: 'steel' } },
    valve: checked('check-tilting'),
    verdict: 'care',
    rule: 'check-velocity',
  },
  {
    said: 'the mains valve of the trade',
    duty: main,
    valve: {
      type: 'gate-resilient',
      stem: 'nrs',
      operator: 'operating-nut',
      discMaterial: 'epdm',
      ...ductile,
      approvals: ['potable'],
    },
    verdict: 'fits',
    rule: 'mains-isolation',
  },
  {
    said: 'a handwheel can not be turned under ground',
    duty: main,
    valve: {
      type: 'gate-resilient',
      stem: 'nrs',
      operator: 'handwheel',
      discMaterial: 'epdm',
      ...ductile,
      approvals: ['potable'],
    },
    verdict: 'out',
    rule: 'buried',
  },
  {
    said: 'a wafer valve falls off the end of a line',
    duty: { medium: 'irrigation', dn: 100, endOfLine: true },
    valve: {
      type: 'butterfly-resilient',
      seatMaterial: 'epdm',
      operator: 'gear',
      ends: ['wafer', 'wafer'],
      ...ductile,
    },
    verdict: 'out',
    rule: 'end-of-line',
  },
  {
    said: 'a metal butterfly is no shut-off',
    duty: { medium: 'irrigation', dn: 100 },
    valve: { type: 'butterfly-metal', seatMaterial: 'metal', operator: 'gear', ...ductile },
    verdict: 'out',
    rule: 'butterfly-shutoff',
  },
  {
    said: 'an eight-inch lever is too much for a hand',
    duty: { medium: 'irrigation', dn: 200 },
    valve: { type: 'butterfly-resilient', seatMaterial: 'epdm', operator: 'notch-lever', ...ductile },
    verdict: 'care',
    rule: 'gear-from',
  },
];

export const JUDGEMENTS: readonly Judgement[] = [...BUILDING, ...HAZARDS, ...LARGE];

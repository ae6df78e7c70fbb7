import {
  type Candidate,
  type Duty,
  type HouseRule,
  type Reason,
  RULES,
  houseSides,
  judgeCandidate,
} from '../index.js';

const DUTY: Duty = { function: 'isolate', medium: 'irrigation', dn: 20, pressurePa: 5e5, temperatureC: 10 };
const BALL: Candidate = {
  type: 'ball',
  port: 'full',
  seatMaterial: 'ptfe',
  ratingId: 'body-brass-600cwp',
  operator: 'lever',
  approvals: [],
};

/** A claim: with this changed in the duty and this in the valve, this rule says this (undefined: nothing). */
type Claim = [
  rule: string,
  duty: Partial<Duty>,
  valve: Partial<Candidate>,
  verdict: Reason['verdict'] | undefined,
];

const throttle = { function: 'throttle' } as const;
const emergency = { function: 'emergency-shutoff' } as const;
const gas = { medium: 'natural-gas', pressurePa: 1700 } as const;
const steam = { medium: 'steam-low', temperatureC: 105, pressurePa: 3e4 } as const;
const fire = { medium: 'fire-water', dn: 100, pressurePa: 1e6 } as const;
const wash = { medium: 'wash-water-high-pressure', pressurePa: 4e6, temperatureC: 20 } as const;
/** 19 m of 3/4 copper at 1.6 m/s: a sudden stop adds about 2 MPa. */
const moving = { flowM3s: 5e-4, pipe: { material: 'copper', lengthUpstreamM: 19 } } as const;
const carries = (pressurePa: number): Partial<Candidate> => ({
  ratingId: undefined,
  points: [
    { temperatureC: 0, pressurePa },
    { temperatureC: 120, pressurePa },
  ],
});

const CLAIMS: Claim[] = [
  ['wrong-function', {}, { type: 'relief' }, 'out'],
  ['wrong-function', { function: 'divert' }, { type: 'ball-3-way' }, undefined],
  ['wrong-function', throttle, { type: 'plug-lubricated' }, 'out'],
  ['gate-no-throttle', throttle, { type: 'gate-resilient' }, 'out'],
  ['gate-no-throttle', {}, { type: 'gate-solid' }, undefined],
  ['plug-taper-no-throttle', throttle, { type: 'plug-taper' }, 'out'],
  ['ball-throttle', throttle, {}, 'care'],
  ['ball-throttle', { ...throttle, fineControl: true }, { type: 'quarter-turn-stop' }, 'out'],
  ['ball-throttle', {}, {}, undefined],
  ['globe-throttle', throttle, { type: 'needle' }, 'supports'],
  ['globe-throttle', throttle, { type: 'butterfly-resilient' }, 'supports'],
  [
    'globe-throttle',
    { ...throttle, fineControl: true },
    { type: 'butterfly-resilient', operator: 'lever' },
    'care',
  ],
  [
    'globe-throttle',
    { ...throttle, fineControl: true },
    { type: 'butterfly-resilient', operator: 'gear' },
    'supports',
  ],
  [
    'unknown-operator',
    { ...throttle, fineControl: true },
    { type: 'butterfly-resilient', operator: undefined },
    'care',
  ],
  ['globe-throttle', { ...throttle, solids: 'grit' }, { type: 'butterfly-resilient' }, undefined],
  ['globe-throttle', { ...throttle, medium: 'raw-sewage' }, { type: 'plug-eccentric' }, 'supports'],
  ['globe-throttle', throttle, { type: 'plug-eccentric' }, undefined],
  ['compression-throttle', throttle, { type: 'compression-stop' }, 'care'],
  ['compression-throttle', { ...throttle, fineControl: true }, { type: 'radiator-disc' }, 'out'],
  ['globe-inline-isolation', { dn: 25 }, { type: 'globe' }, 'care'],
  ['globe-inline-isolation', { dn: 25, passThrough: true }, { type: 'globe' }, 'out'],
  ['globe-inline-isolation', { dn: 25, reverseFlowPossible: true }, { type: 'compression-stop' }, 'out'],
  ['globe-inline-isolation', { dn: 20 }, { type: 'globe' }, undefined],
  ['butterfly-shutoff', {}, { type: 'butterfly-metal' }, 'out'],
  ['butterfly-shutoff', {}, { type: 'butterfly-resilient' }, 'supports'],
  ['butterfly-shutoff', gas, { type: 'butterfly-gas-cock' }, undefined],
  ['gate-building-isolation', { place: 'indoors' }, { type: 'gate-solid' }, 'care'],
  ['gate-building-isolation', { place: 'buried' }, { type: 'gate-solid' }, undefined],
  ['gate-building-isolation', { place: 'indoors', dn: 65 }, { type: 'gate-solid' }, undefined],
  ['emergency-quarter-turn', { ...emergency, dn: 50 }, { type: 'gate-solid' }, 'out'],
  ['emergency-quarter-turn', { ...emergency, dn: 80 }, { type: 'gate-solid' }, 'care'],
  ['emergency-quarter-turn', emergency, {}, undefined],
  ['see-position', { mustSeePosition: true }, { type: 'gate-solid', stem: 'nrs' }, 'care'],
  ['see-position', { mustSeePosition: true }, { type: 'gate-solid', stem: 'os-y' }, undefined],
  ['see-position', { mustSeePosition: true }, {}, undefined],
  ['see-position', { lockout: true }, { operator: 'lever' }, 'out'],
  ['see-position', { lockout: true }, { operator: 'locking-lever' }, undefined],
  ['unknown-operator', { lockout: true }, { operator: undefined }, 'care'],
  ['unknown-stem', { mustSeePosition: true }, { type: 'gate-solid', operator: undefined }, 'care'],
  ['non-return-only-checks', { function: 'non-return' }, {}, 'out'],
  ['non-return-only-checks', {}, { type: 'check-swing' }, 'out'],
  ['non-return-only-checks', { function: 'non-return' }, { type: 'check-swing' }, undefined],
  [
    'check-not-backflow-preventer',
    { function: 'non-return', medium: 'potable-cold', crossConnection: true },
    { type: 'check-swing' },
    'out',
  ],
  [
    'check-not-backflow-preventer',
    { function: 'non-return', crossConnection: true },
    { type: 'check-swing' },
    undefined,
  ],

  ['slam-shut', moving, carries(2e6), 'care'],
  ['slam-shut', moving, carries(1e7), undefined],
  ['slam-shut', moving, { ...carries(2e6), operator: 'gear' }, undefined],
  ['slam-shut', moving, { ...carries(2e6), type: 'gate-solid' }, undefined],
  ['slam-shut', { ...moving, closureTimeS: 0.01 }, carries(2e6), 'out'],
  ['slam-shut', { ...moving, closureTimeS: 3 }, carries(2e6), undefined],
  ['slam-shut', { ...moving, closureTimeS: 0.01, surgeLimitPa: 1e6 }, carries(1e7), 'care'],
  ['slam-shut', { ...moving, flowM3s: undefined }, carries(2e6), undefined],
  ['unknown-operator', moving, { ...carries(2e6), operator: undefined }, 'care'],

  ['rating', { pressurePa: 5e6 }, {}, 'out'],
  ['rating', { temperatureC: 190 }, {}, 'out'],
  ['rating', { pressurePa: 3.6e6 }, {}, 'care'],
  ['rating', { pressurePa: 1.5e6 }, { ends: ['press', 'fip'] }, 'out'],
  ['rating', { pressurePa: 1.5e6 }, { ends: ['sweat', 'sweat'] }, undefined],
  ['rating', { pressurePa: 2.5e6, pipe: { material: 'steel' } }, { ends: ['fip', 'fip'] }, 'out'],
  ['rating', { pressurePa: 2.5e6, pipe: { material: 'copper' } }, { ends: ['fip', 'fip'] }, undefined],
  [
    'rating',
    { pressurePa: 1.2e6, temperatureC: 38 },
    { ratingId: 'body-plastic-235', bodyMaterial: 'pvc' },
    'out',
  ],
  ['unknown-ratingId', {}, { ratingId: undefined }, 'care'],
  ['unknown-ratingId', { dn: 80 }, {}, 'care'],
  ['unknown-bodyMaterial', {}, { ratingId: 'body-plastic-235' }, 'care'],
  ['seat-temperature', { temperatureC: 90 }, { seatMaterial: 'nylon' }, 'out'],
  ['seat-temperature', { temperatureC: 75 }, { seatMaterial: 'nylon' }, 'care'],
  ['seat-temperature', { temperatureC: 60 }, { seatMaterial: 'nylon' }, undefined],
  ['seat-temperature', { temperatureC: 100 }, { discMaterial: 'nbr' }, 'out'],
  ['unknown-seatMaterial', { temperatureC: 90 }, { seatMaterial: undefined }, 'care'],
  ['unknown-seatMaterial', {}, { seatMaterial: undefined }, undefined],
  [
    'unknown-discMaterial',
    { temperatureC: 90 },
    { type: 'globe', seatMaterial: undefined, discMaterial: 'rubber' },
    'care',
  ],
  ['wash-pressure', wash, carries(3.9e6), 'out'],
  ['wash-pressure', wash, carries(4.3e6), 'care'],
  ['wash-pressure', wash, carries(4.5e6), undefined],
  ['wash-pressure', { ...wash, flowM3s: 6e-4 }, { ...carries(9e6), boreM: 0.007 }, 'care'],
  ['wash-pressure', { ...wash, flowM3s: 6e-4 }, { ...carries(9e6), boreM: 0.013 }, undefined],
  ['unknown-boreM', { ...wash, flowM3s: 6e-4 }, carries(9e6), 'care'],
  ['steam-rubber', steam, { seatMaterial: 'epdm' }, 'care'],
  ['steam-rubber', steam, { seatMaterial: undefined, discMaterial: 'nbr' }, 'out'],
  ['steam-rubber', steam, {}, undefined],
  ['unknown-seatMaterial', steam, { seatMaterial: undefined }, 'care'],

  ['potable-approval', { medium: 'potable-cold' }, {}, 'out'],
  ['potable-approval', { medium: 'potable-hot' }, { approvals: ['potable'] }, undefined],
  ['unknown-approvals', { medium: 'potable-cold' }, { approvals: undefined }, 'care'],
  ['gas-approval', gas, {}, 'out'],
  ['gas-approval', { ...gas, existing: true }, {}, 'care'],
  ['gas-approval', gas, { approvals: ['gas'] }, undefined],
  ['fire-indicating', fire, { approvals: ['potable'] }, 'out'],
  ['fire-indicating', fire, { approvals: ['fire'] }, 'out'],
  [
    'fire-indicating',
    fire,
    { type: 'gate-solid', stem: 'nrs', operator: 'handwheel', approvals: ['fire'] },
    'out',
  ],
  [
    'fire-indicating',
    fire,
    { type: 'gate-solid', stem: 'os-y', operator: 'handwheel', approvals: ['fire'] },
    undefined,
  ],
  [
    'fire-indicating',
    fire,
    { type: 'butterfly-resilient', operator: 'gear', closeTimeS: 3, approvals: ['fire'] },
    'out',
  ],
  [
    'fire-indicating',
    fire,
    {
      type: 'butterfly-resilient',
      operator: 'gear',
      closeTimeS: 8,
      listedIndicating: true,
      approvals: ['fire'],
    },
    undefined,
  ],
  [
    'fire-indicating',
    fire,
    { type: 'butterfly-resilient', operator: 'gear', listedIndicating: false, approvals: ['fire'] },
    'out',
  ],
  [
    'unknown-listedIndicating',
    fire,
    { type: 'butterfly-resilient', operator: 'gear', approvals: ['fire'] },
    'care',
  ],

  ['gas-elastomer', gas, { seatMaterial: 'epdm' }, 'out'],
  ['gas-elastomer', {}, { seatMaterial: 'epdm' }, undefined],
  ['plastic-gas-air', { medium: 'compressed-air' }, { bodyMaterial: 'cpvc' }, 'out'],
  ['plastic-gas-air', {}, { bodyMaterial: 'cpvc' }, undefined],
  ['vapour-metering', { ...throttle, ...steam, medium: 'steam-vapour' }, { type: 'radiator-disc' }, 'care'],
  [
    'vapour-metering',
    { ...throttle, ...steam, medium: 'steam-vapour', fineControl: true },
    { type: 'globe' },
    'out',
  ],
  [
    'vapour-metering',
    { ...throttle, ...steam, medium: 'steam-vapour' },
    { type: 'radiator-metering' },
    undefined,
  ],
  ['steam-ball-throttle', { ...throttle, ...steam }, {}, 'out'],
  ['steam-ball-throttle', throttle, {}, undefined],
  ['dezincification', { aggressiveToBrass: true }, { bodyMaterial: 'brass' }, 'out'],
  ['dezincification', { aggressiveToBrass: true }, { bodyMaterial: 'dzr-brass' }, 'supports'],
  ['dezincification', { aggressiveToBrass: true }, { bodyMaterial: 'plated-brass' }, 'care'],
  ['dezincification', {}, { bodyMaterial: 'brass' }, undefined],
  ['unknown-bodyMaterial', { aggressiveToBrass: true }, {}, 'care'],
  ['hard-water-multi-turn', { hardWater: true, operatedPerYear: 1 }, { type: 'globe' }, 'care'],
  [
    'hard-water-multi-turn',
    { hardWater: true, operatedPerYear: 1, ...emergency, dn: 80 },
    { type: 'gate-solid' },
    'out',
  ],
  ['hard-water-multi-turn', { hardWater: true, operatedPerYear: 4 }, { type: 'globe' }, undefined],
  ['washer-life', { chloramine: true }, { type: 'compression-stop', seatMaterial: undefined }, 'care'],
  ['washer-life', { chloramine: true }, { seatMaterial: 'nylon' }, 'supports'],
  ['washer-life', { existing: true }, { type: 'globe', discMaterial: 'rubber' }, 'care'],
  ['washer-life', {}, { type: 'compression-stop' }, undefined],
  ['plastic-stem', {}, { type: 'compression-stop', plasticStem: true }, 'care'],
  ['plastic-stem', emergency, { type: 'compression-stop', plasticStem: true }, 'out'],
  ['corrosive-metal', { medium: 'corrosive-liquid' }, { bodyMaterial: 'ductile-iron' }, 'out'],
  ['corrosive-metal', { medium: 'corrosive-liquid' }, { bodyMaterial: 'cpvc' }, 'supports'],
  ['oxidiser', { medium: 'oxidiser-gas' }, {}, 'care'],
  ['pass-through', { passThrough: true }, { port: 'reduced' }, 'out'],
  ['pass-through', { passThrough: true }, { type: 'globe', port: undefined }, 'out'],
  ['pass-through', { passThrough: true }, { type: 'butterfly-resilient', port: undefined }, 'out'],
  [
    'pass-through',
    { passThrough: true, function: 'non-return' },
    { type: 'check-ball', port: undefined },
    'out',
  ],
  [
    'pass-through',
    { passThrough: true, function: 'non-return' },
    { type: 'check-swing', port: undefined },
    'care',
  ],
  ['pass-through', { passThrough: true }, {}, undefined],
  ['unknown-port', { passThrough: true }, { port: undefined }, 'care'],
  ['waste-butterfly', { medium: 'raw-sewage', dn: 150 }, { type: 'butterfly-resilient' }, 'out'],
  ['waste-butterfly', { medium: 'raw-sewage', dn: 300 }, { type: 'butterfly-resilient' }, 'care'],
  ['waste-gate', { medium: 'raw-sewage' }, { type: 'gate-solid' }, 'out'],
  ['waste-gate', { medium: 'slurry' }, { type: 'gate-resilient' }, 'care'],
  ['waste-gate', { medium: 'raw-sewage', pressurePa: 3e5 }, { type: 'knife-gate' }, undefined],
  ['waste-gate', { medium: 'raw-sewage', pressurePa: 6e5 }, { type: 'knife-gate' }, 'care'],
  ['waste-gate', { medium: 'raw-sewage', pressurePa: 11e5 }, { type: 'knife-gate' }, 'out'],
  ['waste-plug', { medium: 'raw-sewage' }, { type: 'plug-eccentric' }, 'supports'],
  ['waste-plug', { medium: 'raw-sewage' }, {}, 'care'],
  [
    'reduced-port-waste',
    { solids: 'grit', pipe: { material: 'copper' } },
    { port: 'reduced', boreM: 0.015 },
    'care',
  ],
  [
    'reduced-port-waste',
    { solids: 'stringy', pipe: { material: 'copper' } },
    { port: 'reduced', boreM: 0.015 },
    'out',
  ],
  [
    'reduced-port-waste',
    { solids: 'grit', pipe: { material: 'copper' } },
    { port: 'reduced', boreM: 0.0165 },
    undefined,
  ],
  ['reduced-port-waste', { solids: 'grit' }, { port: 'venturi' }, 'care'],
  [
    'low-pressure-bore',
    { supplyPressureLow: true, pressurePa: 1e5, flowM3s: 5e-4, pipe: { material: 'copper' } },
    { port: 'reduced', boreM: 0.0143 },
    'care',
  ],
  [
    'low-pressure-bore',
    { supplyPressureLow: true, pressurePa: 5e4, flowM3s: 5e-4, pipe: { material: 'copper' } },
    { type: 'globe', port: undefined },
    'out',
  ],
  ['low-pressure-bore', { supplyPressureLow: true }, { type: 'globe', port: undefined }, 'care'],
  ['low-pressure-bore', { supplyPressureLow: true }, {}, undefined],
  ['bore-velocity', { flowM3s: 5e-4 }, { port: 'reduced', boreM: 0.0143 }, 'care'],
  ['bore-velocity', { flowM3s: 5e-4 }, { port: 'reduced', boreM: 0.0095 }, 'out'],
  ['bore-velocity', { flowM3s: 5e-4, pipe: { material: 'copper' } }, {}, undefined],
  [
    'oversized-valve',
    { ...throttle, flowM3s: 5e-4, pipe: { material: 'copper' }, differentialPa: 2e5 },
    {},
    'care',
  ],
  [
    'oversized-valve',
    { ...throttle, flowM3s: 5e-4, pipe: { material: 'copper' }, differentialPa: 2e4 },
    { type: 'globe', port: undefined },
    undefined,
  ],

  ['buried', { place: 'buried' }, {}, 'out'],
  ['buried', { place: 'buried' }, { type: 'gate-solid', stem: 'os-y', operator: 'operating-nut' }, 'out'],
  [
    'buried',
    { place: 'buried' },
    { type: 'gate-resilient', stem: 'nrs', operator: 'operating-nut' },
    'supports',
  ],
  ['buried', { place: 'buried' }, { operator: 'electric' }, 'care'],
  [
    'unknown-operator',
    { place: 'buried', function: 'non-return' },
    { type: 'check-swing', operator: undefined },
    undefined,
  ],
  ['headroom', { dn: 100, headroomM: 0.4 }, { type: 'gate-solid', stem: 'os-y' }, 'out'],
  ['headroom', { dn: 100, headroomM: 0.6 }, { type: 'gate-solid', stem: 'os-y' }, undefined],
  ['headroom', {}, { type: 'gate-solid', stem: 'rising' }, 'care'],
  ['tamper', { publicAccess: true }, {}, 'care'],
  ['tamper', { publicAccess: true }, { operator: 'locking-lever' }, undefined],
  ['tamper', { livestock: true, place: 'outdoors' }, {}, 'out'],
  ['tamper', { livestock: true, place: 'outdoors' }, { operator: 'loose-key' }, undefined],
  ['end-of-line', { endOfLine: true }, { type: 'butterfly-resilient', ends: ['wafer', 'wafer'] }, 'out'],
  ['end-of-line', { endOfLine: true }, { type: 'butterfly-resilient', ends: ['lug', 'lug'] }, 'care'],
  ['end-of-line', { endOfLine: true }, { bodyMaterial: 'pvc', pieces: 3 }, 'care'],
  ['end-of-line', { endOfLine: true }, {}, undefined],
  ['serviceable', { serviceable: true }, { pieces: 1 }, 'out'],
  ['serviceable', { serviceable: true }, { pieces: 2 }, 'care'],
  ['serviceable', { serviceable: true }, { pieces: 3 }, 'supports'],
  ['unknown-pieces', { serviceable: true }, {}, 'care'],
  ['separable-body', { serviceable: true }, { pieces: 2, ends: ['fip', 'fip'] }, 'care'],
  ['separable-body', { serviceable: true }, { pieces: 2, ends: ['press', 'press'] }, undefined],
  ['gas-reach', { ...gas, distanceToApplianceM: 6 }, { approvals: ['gas'] }, 'care'],
  ['gas-reach', { ...gas, distanceToApplianceM: 1.2 }, { approvals: ['gas'] }, undefined],
  ['taper-plug-new', gas, { type: 'plug-taper' }, 'out'],
  ['taper-plug-existing', { ...gas, existing: true }, { type: 'plug-taper' }, 'care'],
  ['old-gate-hands-off', { existing: true }, { type: 'gate-solid' }, 'care'],
  ['old-gate-hands-off', { existing: true, operatedPerYear: 1 }, { type: 'gate-solid' }, undefined],
  ['sweat-heat', {}, { ends: ['sweat', 'sweat'] }, 'care'],
  ['sweat-heat', {}, { type: 'gate-solid', seatMaterial: 'metal', ends: ['sweat', 'sweat'] }, undefined],
  ['sweat-heat', { occupied: true }, { ends: ['press', 'press'] }, 'supports'],
  ['sweat-heat', {}, { ends: ['press', 'press'] }, undefined],
  ['push-fit', { place: 'concealed' }, { ends: ['push-fit', 'push-fit'] }, 'care'],
  ['push-fit', { place: 'indoors' }, { ends: ['push-fit', 'push-fit'] }, undefined],
  ['push-fit', gas, { ends: ['push-fit', 'push-fit'] }, 'out'],
  ['galvanic', { pipe: { material: 'galvanised' } }, { bodyMaterial: 'bronze' }, 'care'],
  ['galvanic', { ...gas, pipe: { material: 'steel' } }, { bodyMaterial: 'bronze' }, undefined],
  ['thread-family', {}, { ends: ['bspp', 'fip'] }, 'out'],
  [
    'plastic-female-thread',
    { pipe: { material: 'steel' } },
    { bodyMaterial: 'pvc', ends: ['fip', 'fip'] },
    'care',
  ],
  [
    'plastic-female-thread',
    { pipe: { material: 'pvc' } },
    { bodyMaterial: 'pvc', ends: ['fip', 'fip'] },
    undefined,
  ],
];

describe('the rule table', () => {
  it.each(CLAIMS)('%s with duty %j and valve %j says %s', (rule, duty, valve, verdict) => {
    const { reasons } = judgeCandidate({ ...DUTY, ...duty }, { ...BALL, ...valve }, houseSides());
    const said = reasons.find((reason) => reason.rule === rule);
    expect(said?.verdict).toBe(verdict);
  });

  it('is claimed rule by rule: each one speaks in some claim', () => {
    const spoken = new Set(CLAIMS.filter(([, , , verdict]) => verdict !== undefined).map(([rule]) => rule));
    expect(RULES.map((rule) => rule.id).filter((id) => !spoken.has(id))).toEqual([]);
  });

  it('gives each rule an id of its own and says when it speaks', () => {
    expect(new Set(RULES.map((rule) => rule.id)).size).toBe(RULES.length);
    for (const rule of RULES) expect(rule.when.length).toBeGreaterThan(5);
  });

  it('puts no figure with a unit into a sentence, and never says safe or compliant', () => {
    for (const [, duty, valve] of CLAIMS) {
      for (const { text } of judgeCandidate({ ...DUTY, ...duty }, { ...BALL, ...valve }, houseSides())
        .reasons) {
        expect(text).not.toMatch(/\d ?(psi|bar|kPa|Pa|°|gpm|mm)\b/);
        expect(text).not.toMatch(/\bsafe\b|complian/i);
      }
    }
  });
});

describe('house rules', () => {
  it.each([
    ['ball-throttling', 'never', throttle, {}, 'out'],
    ['butterfly-shutoff', 'never', {}, { type: 'butterfly-resilient' }, 'out'],
    ['gate-life', 'on-sight', { place: 'indoors' }, { type: 'gate-solid' }, 'out'],
    ['gate-life', 'exercised', { place: 'indoors' }, { type: 'gate-solid' }, 'care'],
    ['push-fit', 'never', {}, { ends: ['push-fit', 'push-fit'] }, 'out'],
    [
      'push-fit',
      'visible',
      { place: 'buried' },
      { ends: ['push-fit', 'push-fit'], operator: 'operating-nut' },
      'care',
    ],
    ['old-gates', 'leave', { existing: true }, { type: 'gate-solid' }, 'care'],
  ] satisfies [HouseRule, string, Partial<Duty>, Partial<Candidate>, Reason['verdict']][])(
    '%s on %s decides, and both sides are quoted',
    (houseRule, side, duty, valve, verdict) => {
      const { reasons } = judgeCandidate(
        { ...DUTY, ...duty },
        { ...BALL, ...valve },
        houseSides({ [houseRule]: side }),
      );
      const said = reasons.find((reason) => reason.houseRule === houseRule);
      expect(said?.verdict).toBe(verdict);
      expect(said?.text).toContain('House rule:');
      expect(said?.text).toContain('Others hold:');
    },
  );

  it('lets an exercised gate be where the company holds that it is fine', () => {
    const duty = { ...DUTY, place: 'indoors', operatedPerYear: 1 } as const;
    expect(
      judgeCandidate(duty, { ...BALL, type: 'gate-solid' }, houseSides({ 'gate-life': 'exercised' })).verdict,
    ).toBe('fits');
  });
});

describe('slam-shut', () => {
  it('names the least closing time, rounded up, and the peak against the limit', () => {
    const [reason] = judgeCandidate(
      { ...DUTY, ...moving },
      { ...BALL, ...carries(1e6) },
      houseSides(),
    ).reasons.filter((r) => r.rule === 'slam-shut');
    expect(reason?.measured).toMatchObject({ limit: 1e6, unit: 'Pa' });
    expect(reason?.measured?.value).toBeGreaterThan(2.4e6);
    expect(reason?.text).toContain('at least 1.1 s, evenly');
  });
});

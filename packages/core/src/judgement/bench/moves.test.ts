import { CHECK_TYPES, checkSlam } from '../../physics/checks/index.js';
import { type Duty, closingTime } from '../selection/index.js';
import { throttle } from '../../physics/throttle/index.js';
import { stemTurns } from '../../ground/valves/index.js';
import {
  benchValve,
  checkClosure,
  checkClosureCase,
  controlCase,
  controlInput,
  decelerationMs2,
  dirtyBall,
  handleStep,
  partOpenGate,
  valuesOf,
} from './index.js';

const LINE: Duty = {
  function: 'throttle',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 4e5,
  temperatureC: 10,
  flowM3s: 4e-4,
  pipe: { material: 'copper', lengthUpstreamM: 30 },
};
const GLOBE = { ...benchValve(LINE, 'globe'), openKv: 6 };
const control = valuesOf(controlCase(LINE, GLOBE));

describe('a handle', () => {
  it.each([
    ['gate-resilient', 100, 14],
    ['gate-solid', 20, 4.25],
    ['ball', 50, 0.25],
    ['check-swing', 50, 0],
    ['radiator-metering', 25, 4],
  ] as const)('of a %s DN%i turns %d times', (type, dn, turns) => {
    expect(stemTurns(type, dn)).toBe(turns);
  });

  it.each([
    ['ball', 'lever', 25, 0.3],
    ['ball', 'notch-lever', 25, 1],
    ['ball', 'gear', 150, 20],
    ['ball', 'gear', 250, 40],
    ['gate-resilient', 'operating-nut', 100, 14],
    ['gate-resilient', 'handwheel', 300, 76],
    ['gate-solid', undefined, 20, 4.25],
    ['globe', 'handwheel', 50, 10],
    ['butterfly-resilient', 'chain-wheel', 100, 20],
  ] as const)('of a %s by %s DN%i closes in %d s', (type, operator, dn, timeS) => {
    expect(closingTime({ dn }, { type, operator })).toEqual({ timeS, isGiven: false });
  });

  it.each([
    [{ type: 'ball', operator: 'electric' }, 'closeTimeS', 0],
    [{ type: 'solenoid' }, 'closeTimeS', 0],
    [{ type: 'ball' }, 'operator', 0.3],
  ] as const)('of %j is asked for its %s', (valve, ask, fastestS) => {
    expect(closingTime({ dn: 50 }, valve)).toEqual({ ask, fastestS });
  });

  it('goes by the time given for it, then by that of the position, then by its own turns', () => {
    const gate = { type: 'gate-resilient', operator: 'gear', turns: 30 } as const;
    expect(closingTime({ dn: 100 }, gate)).toEqual({ timeS: 30, isGiven: false });
    expect(closingTime({ dn: 100, closureTimeS: 8 }, gate)).toEqual({ timeS: 8, isGiven: true });
    expect(closingTime({ dn: 100, closureTimeS: 8 }, { ...gate, closeTimeS: 5 })).toEqual({
      timeS: 5,
      isGiven: true,
    });
  });

  it('is not there on a check', () => {
    expect(closingTime({ dn: 50 }, { type: 'check-swing' })).toBeUndefined();
  });

  it('moves by a notch, five degrees or a sixteenth of a turn', () => {
    expect(handleStep({ type: 'ball', operator: 'notch-lever', turns: 0.25 })).toEqual({
      name: 'notch',
      travel: 0.1,
    });
    expect(handleStep({ type: 'ball', turns: 0.25 }).travel).toBeCloseTo(5 / 90, 12);
    expect(handleStep({ type: 'globe', turns: 4 })).toEqual({ name: 'sixteenth', travel: 1 / 64 });
    expect(handleStep({ type: 'ball', operator: 'gear', turns: 0.25 }).travel).toBe(1 / 160);
  });
});

describe('a valve that throttles a line', () => {
  it('takes the rest of the line as what passes the duty’s flow at its pressure', () => {
    const { points } = throttle({ ...controlInput(control), openKv: 1e6, openings: [1] });
    expect(points[0]!.flowM3s / 4e-4).toBeCloseTo(1, 4);
  });

  it('says what it assumed', () => {
    const filled = controlCase({ ...LINE, flowM3s: undefined }, benchValve(LINE, 'globe'));
    expect([filled.openKv.from, filled.flowM3s.from, filled.availablePa.from]).toEqual([
      'assumed',
      'assumed',
      'duty',
    ]);
    expect(controlCase({ ...LINE, differentialPa: 5e4 }, GLOBE).availablePa.value).toBe(5e4);
  });
});

describe('a gate left part way', () => {
  const gate = { ...control, characteristic: 'gate', openKv: 60 } as const;
  it('shakes nearly shut, and neither open nor shut', () => {
    expect(partOpenGate(gate, 0.02, 0.02).shakes).toBe(true);
    expect(partOpenGate(gate, 0.02, 1).shakes).toBe(false);
    expect(partOpenGate(gate, 0.02, 0)).toMatchObject({ shakes: false, flowM3s: 0, jetMs: 0, forceN: 0 });
  });

  it('jets by what it loses', () => {
    const { jetMs, dropPa, shedHz } = partOpenGate(gate, 0.02, 0.1);
    expect(jetMs).toBeCloseTo(Math.sqrt((2 * dropPa) / 999.7), 2);
    expect(shedHz).toBeCloseTo((0.2 * jetMs) / 0.005, 6);
  });
});

describe('a ball in dirty water', () => {
  const ball = { ...control, characteristic: 'ball', openKv: 40 } as const;
  it('is cut many times as fast part way as open, and not at all shut', () => {
    expect(dirtyBall(ball, 1).wearTimes).toBeCloseTo(1, 9);
    expect(dirtyBall(ball, 0.3).wearTimes).toBeGreaterThan(20);
    expect(dirtyBall(ball, 0).wearTimes).toBe(0);
  });

  it('stands open to grit half way, and closed at both ends', () => {
    expect([0, 0.5, 1].map((opening) => Math.round(dirtyBall(ball, opening).cavityOpen))).toEqual([0, 1, 0]);
  });
});

describe('a pump stop', () => {
  const SEWAGE: Duty = {
    ...LINE,
    function: 'non-return',
    medium: 'raw-sewage',
    dn: 100,
    pressurePa: 2.1e5,
    flowM3s: 0.012,
    startsPerHour: 8,
    pipe: { material: 'ductile-iron' },
  };
  const stop = valuesOf(checkClosureCase(SEWAGE, 60));

  it('slows the column by what stands on the check over its length', () => {
    expect(decelerationMs2({ pressurePa: 1e5, mainLengthM: 100, densityKgM3: 1000 })).toBe(1);
    expect(decelerationMs2({ pressurePa: 1e7, mainLengthM: 0.1, densityKgM3: 1000 })).toBeCloseTo(49.03, 2);
  });

  it('shows every kind, the softest first, each as check-slam says alone', () => {
    const kinds = checkClosure(stop);
    expect(kinds.map(({ checkType }) => checkType).sort()).toEqual([...CHECK_TYPES].sort());
    const slams = kinds.map(({ slamPa }) => slamPa);
    expect(slams).toEqual([...slams].sort((a, b) => a - b));
    const swing = kinds.find(({ checkType }) => checkType === 'check-swing')!;
    const alone = checkSlam({
      checkType: 'check-swing',
      dn: 100,
      flowVelocityMs: swing.velocityMs,
      decelerationMs2: decelerationMs2({ ...stop, densityKgM3: 999.7 }),
      orientation: 'horizontal',
      waveSpeedMs: stop.waveSpeedMs,
      densityKgM3: 999.7,
    });
    expect(swing.slamPa / alone.slamPa).toBeCloseTo(1, 3);
  });

  it('counts as many slams a year as closings that are heard', () => {
    const violent = checkClosure({ ...stop, mainLengthM: 8 });
    for (const { grade, slamsPerYear } of violent) expect(slamsPerYear).toBe(grade === 'soft' ? 0 : 8 * 8760);
    expect(violent.some(({ slamsPerYear }) => slamsPerYear > 0)).toBe(true);
  });

  it('takes the main from the walk, the rest from the duty, and owns up to what is assumed', () => {
    const filled = checkClosureCase({ ...SEWAGE, startsPerHour: undefined, flowM3s: undefined }, 60);
    expect(filled.mainLengthM).toEqual({ value: 60, from: 'walk' });
    expect([filled.flowM3s.from, filled.startsPerHour.from]).toEqual(['assumed', 'assumed']);
  });
});

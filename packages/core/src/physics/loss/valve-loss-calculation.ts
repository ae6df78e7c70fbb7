import { InvalidInput, choice, flag, number, optional, record } from '../../ground/input/index.js';
import { GRAVITY_MS2 } from '../../ground/media/index.js';
import { calculation } from '../../ground/calculation/index.js';
import { VALVE_TYPES } from '../../ground/valves/index.js';
import { CV_PER_KV, kFromKv, kvFromK } from './flow-coefficient.js';
import { fullyRoughFactor } from './friction-factor.js';
import { pipeVelocityMs } from './pipe-loss.js';
import { valveResistance } from './valve-resistance.js';

const WAYS = ['k', 'kv', 'cv', 'valve'] as const;

const input = record({
  flowM3s: number({ unit: 'm3/s', min: 0 }),
  densityKgM3: number({ unit: 'kg/m3', above: 0 }),
  diameterM: number({ unit: 'm', above: 0, meaning: "the pipe's bore, to which K refers" }),
  k: optional(number({ above: 0, meaning: 'resistance coefficient' })),
  kv: optional(number({ unit: 'm3/h of water at 1 bar', above: 0 })),
  cv: optional(number({ unit: 'US gpm of water at 1 psi', above: 0 })),
  valve: optional(
    record(
      {
        type: choice(VALVE_TYPES),
        boreRatio: optional(number({ above: 0, max: 1, meaning: 'bore of the valve over bore of the pipe' })),
        taperAngleDeg: optional(
          number({
            unit: 'degrees',
            above: 0,
            max: 180,
            meaning: 'full angle of the taper; default 180, abrupt',
          }),
        ),
        clearWay: optional(flag('check-swing only')),
        turning: optional(flag('three-way valves only: the flow turns')),
      },
      'handbook estimate where no figure is known',
    ),
  ),
});

export interface ValveLoss {
  k: number;
  kv: number;
  cv: number;
  velocityMs: number;
  boreVelocityMs?: number;
  headLossM: number;
  pressureDropPa: number;
  equivalentLengthM: number;
}

export const valveLossCalculation = calculation({
  name: 'valve-loss',
  summary: 'Head and pressure lost in a valve, from its K, Kv or Cv or a handbook estimate for its type.',
  input,
  gives: {
    k: "resistance coefficient, referred to the pipe's velocity",
    kv: 'm3/h of water at 1 bar',
    cv: 'US gpm of water at 1 psi',
    velocityMs: 'm/s in the pipe',
    boreVelocityMs: 'm/s in the valve, when a boreRatio is given',
    headLossM: 'm of the fluid',
    pressureDropPa: 'Pa',
    equivalentLengthM: 'm of pipe with the same loss, K D / f_T',
  },
  notes: [
    'Give exactly one of k, kv, cv and valve. A figure from a data sheet always replaces the estimate.',
    'dp = (rho/1000)(Q/Kv)^2 bar (IEC 60534-1); K = n f_T and reduced-seat forms as Crane TP-410 has them.',
  ],
  example: { flowM3s: 5e-4, densityKgM3: 999.7, diameterM: 0.0199, valve: { type: 'ball', boreRatio: 0.75 } },
  run(given): ValveLoss {
    const { diameterM, densityKgM3, flowM3s, valve } = given;
    const k = resistance(given);
    const kv = kvFromK(k, diameterM);
    const velocityMs = pipeVelocityMs(flowM3s, diameterM);
    const headLossM = (k * velocityMs ** 2) / (2 * GRAVITY_MS2);
    return {
      k,
      kv,
      cv: kv * CV_PER_KV,
      velocityMs,
      ...(valve?.boreRatio !== undefined && { boreVelocityMs: velocityMs / valve.boreRatio ** 2 }),
      headLossM,
      pressureDropPa: densityKgM3 * GRAVITY_MS2 * headLossM,
      equivalentLengthM: (k * diameterM) / fullyRoughFactor(diameterM),
    };
  },
});

/** K by the one way it is given. */
function resistance(given: ReturnType<typeof input.read>): number {
  const { k, kv, cv, valve, diameterM } = given;
  const ways = WAYS.filter((way) => given[way] !== undefined);
  const [, second] = ways;
  if (second) {
    throw new InvalidInput(second, `Exactly one of k, kv, cv and valve: ${ways.join(' and ')} are given.`);
  }
  if (k !== undefined) return k;
  if (kv !== undefined) return kFromKv(kv, diameterM);
  if (cv !== undefined) return kFromKv(cv / CV_PER_KV, diameterM);
  if (valve) return valveResistance(valve, diameterM);
  throw new InvalidInput('kv', 'Exactly one of k, kv, cv and valve: none is given.');
}

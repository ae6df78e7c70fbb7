import { InvalidInput, choice, number, optional, record } from '../../ground/input/index.js';
import { calculation } from '../../ground/calculation/index.js';
import { fluidFigures, fluidInput } from './fluid.js';
import { type PipeLoss, hazenWilliamsLoss, pipeLoss } from './pipe-loss.js';

const input = record({
  method: optional(choice(['darcy-weisbach', 'hazen-williams'], 'default darcy-weisbach')),
  fluid: fluidInput,
  diameterM: number({ unit: 'm', above: 0, meaning: 'inside diameter' }),
  roughnessM: optional(
    number({ unit: 'm', min: 0, meaning: 'equivalent sand roughness; for darcy-weisbach' }),
  ),
  hazenWilliamsC: optional(number({ above: 0, meaning: 'for hazen-williams, water only' })),
  lengthM: number({ unit: 'm', min: 0 }),
  flowM3s: number({ unit: 'm3/s', min: 0 }),
});

export const pipeLossCalculation = calculation({
  name: 'pipe-loss',
  summary: 'Head and pressure lost to friction in a straight full pipe.',
  input,
  gives: {
    velocityMs: 'm/s',
    reynolds: 'Reynolds number',
    regime: 'laminar, transitional or turbulent',
    frictionFactor: 'Darcy',
    headLossM: 'm of the fluid',
    pressureDropPa: 'Pa',
  },
  notes: [
    'Darcy-Weisbach with Colebrook-White (1939); laminar 64/Re to Re 2300; linear in Re to 4000.',
    'Hazen-Williams is the custom of sprinkler work: water only, no temperature in it.',
    'Roughness in mm: drawn copper and plastics 0.0015, steel 0.045, galvanized 0.15, new cement-lined ductile iron 0.12, old cast iron 0.8 to 2.',
    'Hazen-Williams C: copper and plastics 150, new steel 120, dry-pipe steel 100, cement-lined ductile iron 140, old unlined iron 60 to 100.',
  ],
  example: {
    fluid: { medium: 'potable-cold', temperatureC: 10 },
    diameterM: 0.0199,
    roughnessM: 1.5e-6,
    lengthM: 19,
    flowM3s: 5e-4,
  },
  run(given): PipeLoss {
    const fluid = fluidFigures(given.fluid);
    const { diameterM, lengthM, roughnessM, hazenWilliamsC, flowM3s } = given;
    if (given.method === 'hazen-williams') {
      if (roughnessM !== undefined)
        throw new InvalidInput(
          'roughnessM',
          'roughnessM belongs to darcy-weisbach: give hazenWilliamsC, or change the method.',
        );
      if (hazenWilliamsC === undefined)
        throw new InvalidInput(
          'hazenWilliamsC',
          'hazenWilliamsC is missing: give the coefficient, for example 120.',
        );
      return hazenWilliamsLoss({ diameterM, hazenWilliamsC, lengthM }, fluid, flowM3s);
    }
    if (hazenWilliamsC !== undefined)
      throw new InvalidInput(
        'hazenWilliamsC',
        'hazenWilliamsC belongs to hazen-williams: give roughnessM, or change the method.',
      );
    if (roughnessM === undefined)
      throw new InvalidInput(
        'roughnessM',
        'roughnessM is missing: give it in m, for example 0.0000015 for copper.',
      );
    if (roughnessM >= diameterM)
      throw new InvalidInput(
        'roughnessM',
        `roughnessM is ${roughnessM}: it must be smaller than diameterM, ${diameterM}.`,
      );
    return pipeLoss({ diameterM, roughnessM, lengthM }, fluid, flowM3s);
  },
});

import { InvalidInput, type RecordOf, choice, number, oneOf, record } from '../../ground/input/index.js';
import { MEDIA, isWaterLike, waterDensityKgM3, waterViscosityPaS } from '../../ground/media/index.js';

const figures = {
  densityKgM3: number({ unit: 'kg/m3', above: 0 }),
  viscosityPaS: number({ unit: 'Pa s, dynamic', above: 0 }),
};

export type FluidFigures = RecordOf<typeof figures>;

/** A fluid, by its figures or as water of a medium at a temperature. */
export const fluidInput = oneOf({
  densityKgM3: record(figures),
  medium: record({
    medium: choice(MEDIA),
    temperatureC: number({
      unit: 'degrees C',
      min: 0,
      max: 150,
      meaning: 'water figures hold from 0 to 150',
    }),
  }),
});

/** Density and viscosity of a described fluid. Throws for a medium whose figures must be given. */
export function fluidFigures(fluid: ReturnType<typeof fluidInput.read>): FluidFigures {
  if ('densityKgM3' in fluid) return fluid;
  if (!isWaterLike(fluid.medium)) {
    throw new InvalidInput(
      'fluid.medium',
      `fluid.medium is "${fluid.medium}", whose figures are not known here: give densityKgM3 and viscosityPaS.`,
    );
  }
  return {
    densityKgM3: waterDensityKgM3(fluid.temperatureC),
    viscosityPaS: waterViscosityPaS(fluid.temperatureC),
  };
}

import { CALCULATIONS, calculate, calculateOrRefuse, findCalculation, helpText } from './index.js';

describe('the registry', () => {
  it.each(CALCULATIONS.map((calculation) => [calculation.name, calculation] as const))(
    'runs the example of %s and explains its fields',
    (_name, calculation) => {
      const result = calculate(calculation, calculation.example) as object;
      for (const field of Object.keys(result)) expect(Object.keys(calculation.gives)).toContain(field);
      const help = helpText(calculation);
      for (const field of Object.keys(calculation.input.inside ?? {})) expect(help).toContain(field);
    },
  );

  it('answers a refusal in the place of a failed input', () => {
    expect(calculateOrRefuse(findCalculation('pipe-loss')!, 7)).toEqual({
      error: { code: 'invalid-input', field: 'input', message: expect.stringContaining('7') as string },
    });
  });

  it('does not know what is not there', () => {
    expect(findCalculation('constructor')).toBeUndefined();
  });

  it('lists the sides of a house rule', () => {
    expect(helpText(findCalculation('select')!)).toContain('ball-throttling?: one of never, care');
  });
});

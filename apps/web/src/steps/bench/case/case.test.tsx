import '@testing-library/jest-dom';
import type { Filled } from '@grevik/core';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import { useLocation } from 'react-router';
import { show } from '../../../testing/render';
import { CaseFields } from './CaseFields';
import { type FieldsOf, fromSlider, readField, toSlider, writeField } from './case-fields';
import { useCase } from './useCase';

interface Tank {
  pressurePa: number;
  starts: number;
  kv: number;
  way: 'level' | 'up';
  covered: boolean;
}
const FILLED: Filled<Tank> = {
  pressurePa: { value: 5e5, from: 'duty' },
  starts: { value: 4, from: 'assumed' },
  kv: { value: 10, from: 'valve' },
  way: { value: 'level', from: 'duty' },
  covered: { value: false, from: 'assumed' },
};
const FIELDS: FieldsOf<Tank> = {
  pressurePa: { label: 'Pressure', as: 'pressure', min: 1e4, max: 1e7 },
  starts: { label: 'Starts', as: 'count', min: 0, max: 60 },
  kv: { label: 'Valve', as: 'capacity', min: 0.1, max: 1000 },
  way: { label: 'Way', as: 'choice', choices: ['level', 'up'], say: (way) => way },
  covered: { label: 'Covered', as: 'switch' },
};

function Bench() {
  const of = useCase(FILLED, FIELDS, { of: 'control', valve: 'v1' });
  return (
    <>
      <CaseFields of={of} fields={FIELDS} />
      <output>{JSON.stringify(of.values)}</output>
      <i>{of.query()}</i>
    </>
  );
}
const Address = () => <em>{useLocation().search}</em>;
const values = (): Tank => JSON.parse(document.querySelector('output')!.textContent) as Tank;
const type = async (label: string, text: string): Promise<void> => {
  const field = screen.getByRole('textbox', { name: label });
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};

describe('the figures of a case', () => {
  it('say where each is from, and take the person’s own in any unit', async () => {
    show(<Bench />, { units: 'metric' });
    expect(screen.getAllByText('? assumed')).toHaveLength(2);
    await type('Pressure', '60 psi');
    expect(values().pressurePa).toBeCloseTo(413685.4, 0);
    expect(screen.getByRole('textbox', { name: 'Pressure' })).toHaveValue('4.14 bar');
    await type('Valve', 'Cv 20');
    expect(values().kv).toBeCloseTo(17.3, 2);
  });

  it('go back to what the duty says, one or all', async () => {
    show(<Bench />, { units: 'metric' });
    await type('Starts', '9');
    await type('Pressure', '7 bar');
    await userEvent.click(screen.getByRole('button', { name: 'Starts: reset to the duty' }));
    expect(values()).toMatchObject({ starts: 4, pressurePa: 7e5 });
    await userEvent.click(screen.getByRole('button', { name: 'Reset to the duty' }));
    expect(values().pressurePa).toBe(5e5);
    expect(screen.queryByRole('button', { name: 'Reset to the duty' })).not.toBeInTheDocument();
  });

  it.each([
    ['Pressure', '7', /which unit/],
    ['Pressure', '900 bar', /“900 bar” is out of range. Enter 0.1 bar to 100 bar/],
    ['Starts', 'often', /out of range. Enter 0 to 60/],
    ['Valve', 'wide', /out of range/],
  ])('refuse a %s of %s, and keep what was', async (label, text, why) => {
    show(<Bench />, { units: 'metric' });
    await type(label, text);
    expect(screen.getByRole('alert')).toHaveTextContent(why);
    expect(values()).toMatchObject({ pressurePa: 5e5, starts: 4, kv: 10 });
    await userEvent.type(screen.getByRole('textbox', { name: label }), '{Escape}');
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  it('come from the address, which carries the whole case on', () => {
    show(<Bench />, { at: '/?pressurePa=300000&way=up&covered=1' });
    expect(values()).toEqual({ pressurePa: 3e5, starts: 4, kv: 10, way: 'up', covered: true });
    const carried = new URLSearchParams(document.querySelector('i')!.textContent);
    expect(Object.fromEntries(carried)).toEqual({
      of: 'control',
      valve: 'v1',
      pressurePa: '300000',
      starts: '4',
      kv: '10',
      way: 'up',
      covered: '1',
    });
  });

  it('say which of the address could not be read, and use the duty’s', () => {
    show(<Bench />, { at: '/?pressurePa=lots&starts=900&way=down&kv=12' });
    expect(screen.getByRole('alert')).toHaveTextContent('pressurePa, starts, way');
    expect(values()).toMatchObject({ pressurePa: 5e5, starts: 4, way: 'level', kv: 12 });
  });

  it('are in the address as soon as they are typed', async () => {
    show(
      <>
        <Bench />
        <Address />
      </>,
      { units: 'metric' },
    );
    await type('Starts', '9');
    expect(screen.getByText('?starts=9')).toBeInTheDocument();
    await type('Pressure', '7 bar');
    expect(screen.getByText('?starts=9&pressurePa=700000')).toBeInTheDocument();
  });

  it('are dragged and switched', async () => {
    show(<Bench />);
    fireEvent.change(screen.getByRole('slider', { name: 'Starts' }), { target: { value: 400 } });
    expect(values().starts).toBe(60);
    await userEvent.click(screen.getByRole('switch', { name: 'Covered' }));
    expect(values().covered).toBe(true);
  });
});

describe('a slider', () => {
  const spans = fc
    .tuple(fc.double({ min: 1e-6, max: 1e3, noNaN: true }), fc.double({ min: 2, max: 1e6, noNaN: true }))
    .map(([min, times]) => ({ min, max: min * times }));

  it('shows a figure where it takes it from, within its step', () => {
    fc.assert(
      fc.property(spans, fc.integer({ min: 0, max: 400 }), fc.boolean(), (span, step, even) => {
        expect(
          Math.abs(toSlider(fromSlider(step, { ...span, even }), { ...span, even }) - step),
        ).toBeLessThanOrEqual(
          // Three figures that count may be coarser than a step of a narrow span.
          even
            ? 1 + (0.005 * 400 * span.max) / (span.max - span.min)
            : 1 + (0.005 * 400) / Math.log(span.max / span.min),
        );
      }),
    );
  });

  it('reaches both ends', () => {
    fc.assert(
      fc.property(spans, (span) => {
        expect([fromSlider(0, span), fromSlider(400, span)]).toEqual([span.min, span.max]);
      }),
    );
  });
});

it('an address gives back every figure it was given', () => {
  fc.assert(
    fc.property(fc.double({ min: 1e4, max: 1e7, noNaN: true }), (value) => {
      expect(readField(writeField(value), FIELDS.pressurePa!)).toBe(value);
    }),
  );
});

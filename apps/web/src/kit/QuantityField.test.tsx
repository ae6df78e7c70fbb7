import '@testing-library/jest-dom';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../testing/render';
import { QuantityField } from './QuantityField';

type Props = Partial<Parameters<typeof QuantityField>[0]>;

/** A pressure field with what it saved and whether it closed. */
function field(more: Props = {}) {
  const saved: (number | undefined)[] = [];
  const closed: true[] = [];
  show(
    <QuantityField
      label="pressure"
      quantity="pressure"
      shown="75 psi"
      save={(value) => {
        saved.push(value);
        return Promise.resolve(undefined);
      }}
      close={() => closed.push(true)}
      {...more}
    />,
  );
  return { saved, closed };
}

const typeIn = async (text: string): Promise<void> => {
  const box = screen.getByRole('textbox');
  await userEvent.clear(box);
  if (text !== '') await userEvent.type(box, text);
  await userEvent.type(box, '{enter}');
};

describe('a quantity field', () => {
  it('saves what was typed, in SI, and closes', async () => {
    const { saved, closed } = field();
    await typeIn('4 bar');
    expect(saved).toEqual([400000]);
    expect(closed).toHaveLength(1);
  });

  it('saves nothing where nothing was changed, so that a rounded figure is never written back', async () => {
    const { saved, closed } = field();
    await userEvent.type(screen.getByRole('textbox'), '{enter}');
    expect(saved).toEqual([]);
    expect(closed).toHaveLength(1);
  });

  it.each([
    ['75', 'which unit'],
    ['-4 bar', 'below zero'],
    ['35 parsec', 'not a known unit of pressure'],
  ])('keeps %s and says what would be right', async (typed, says) => {
    const { saved, closed } = field();
    await typeIn(typed);
    expect(screen.getByRole('textbox')).toHaveValue(typed);
    expect(screen.getByRole('textbox')).toBeInvalid();
    expect(screen.getByText(new RegExp(says))).toBeInTheDocument();
    expect([saved, closed]).toEqual([[], []]);
    await userEvent.type(screen.getByRole('textbox'), ' ');
    expect(screen.getByRole('textbox')).toBeValid();
  });

  it('takes an empty figure as not known, only where it may be', async () => {
    const { saved } = field({ optional: true });
    await typeIn('');
    expect(saved).toEqual([undefined]);
  });

  it('asks for a figure that must be there', async () => {
    const { saved } = field();
    await typeIn('');
    expect(saved).toEqual([]);
    expect(screen.getByText(/No pressure is given/)).toBeInTheDocument();
  });

  it('reads sizes as nominal sizes', async () => {
    const { saved } = field({ label: 'size', quantity: 'size', shown: '1 in' });
    await typeIn('1-1/2');
    expect(saved).toEqual([40]);
  });

  it('stays open with what was typed where the server refuses', async () => {
    const { closed } = field({ save: () => Promise.resolve('CW-103 was changed meanwhile.') });
    await typeIn('4 bar');
    expect(await screen.findByText('CW-103 was changed meanwhile.')).toBeInTheDocument();
    expect(screen.getByRole('textbox')).toHaveValue('4 bar');
    expect(closed).toEqual([]);
  });
});

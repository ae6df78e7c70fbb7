import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { show } from '../../testing/render';
import { TurnsField, turnsOf } from '../../kit/found/TurnsField';

test.each([
  ['', undefined],
  ['  ', undefined],
  ['11', 11],
  ['12,5', 12.5],
  ['-1', 'wrong'],
  ['2001', 'wrong'],
  ['eleven', 'wrong'],
])('“%s” counts as %s', (text, turns) => {
  expect(turnsOf(text)).toBe(turns);
});

test('the field marks what is no number of turns', async () => {
  const Held = () => {
    const [text, setText] = useState('');
    return <TurnsField text={text} change={setText} />;
  };
  show(<Held />);
  const field = screen.getByRole('textbox', { name: /turns/i });
  await userEvent.type(field, 'x');
  expect(field.getAttribute('aria-invalid')).toBe('true');
  await userEvent.clear(field);
  await userEvent.type(field, '9,5');
  expect(field.getAttribute('aria-invalid')).toBe('false');
});

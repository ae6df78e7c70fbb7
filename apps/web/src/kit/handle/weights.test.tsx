import '@testing-library/jest-dom';
import { STANDARD_WEIGHTS } from '@grevik/core';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { makeStore } from '../../store/store';
import { show } from '../../testing/render';
import { WeightsButton } from './WeightsButton';

describe('what counts', () => {
  beforeEach(() => localStorage.clear());

  it('moves by part, is kept on the device, and goes back to the usual in one press', async () => {
    const { store } = show(<WeightsButton />);
    await userEvent.click(screen.getByRole('button', { name: 'Ranking' }));
    expect(screen.getByRole('button', { name: /^Default \(70 judgement, 30 price\)/ })).toBeDisabled();
    fireEvent.change(screen.getByRole('slider', { name: /^Flow fully open/ }), { target: { value: 40 } });
    expect(store.getState().weights).toEqual({ ...STANDARD_WEIGHTS, loss: 40 });
    expect(makeStore().getState().weights.loss).toBe(40);
    await userEvent.click(screen.getByRole('button', { name: /^Default \(70 judgement, 30 price\)/ }));
    expect(store.getState().weights).toEqual(STANDARD_WEIGHTS);
  });

  it.each(['not JSON', '7', '{"judgement":-1,"price":1,"loss":1,"service":1}', '{"judgement":70}'])(
    'is the usual where the device keeps %j',
    (text) => {
      localStorage.setItem('grevik.weights', text);
      expect(makeStore().getState().weights).toEqual(STANDARD_WEIGHTS);
    },
  );
});

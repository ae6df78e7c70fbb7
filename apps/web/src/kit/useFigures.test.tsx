import { renderHook } from '@testing-library/react';
import type { UnitSystem } from '@grevik/core';
import { Provider } from 'react-redux';
import { makeStore } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { type Figures, useFigures } from './useFigures';

function figuresIn(system: UnitSystem): Figures {
  const store = makeStore();
  store.dispatch(unitsChosen(system));
  return renderHook(() => useFigures(), {
    wrapper: ({ children }) => <Provider store={store}>{children}</Provider>,
  }).result.current;
}

describe('figures', () => {
  it.each([
    ['us', '75 psi', '¾ in', 'Cv 47.4', '0.029 psi'],
    ['metric', '5.17 bar', 'DN20', 'Kv 41 m³/h', '2 mbar'],
  ] as const)('in %s carry their unit', (system, pressure, size, capacity, loss) => {
    const figures = figuresIn(system);
    expect(figures.quantity(517106.797, 'pressure')).toBe(pressure);
    expect(figures.size(20)).toBe(size);
    expect(figures.capacity(41)).toBe(capacity);
    expect(figures.loss(200)).toBe(loss);
  });

  it.each([
    [{ value: 2.6e6, limit: 1378951, unit: 'Pa' }, '377 psi, limit 200 psi', '26 bar, limit 13.8 bar'],
    [{ value: 90, limit: 80, unit: 'C' }, '194 °F, limit 176 °F', '90 °C, limit 80 °C'],
    [{ value: 14, limit: 12, unit: 'm/s' }, '45.9 ft/s, limit 39.4 ft/s', '14 m/s, limit 12 m/s'],
    [{ value: 6, limit: 1.8, unit: 'm' }, '19.7 ft, limit 5.91 ft', '6 m, limit 1.8 m'],
    [{ value: 0.724, limit: 0.8, unit: 'ratio' }, '72.4 %, limit 80 %', '72.4 %, limit 80 %'],
    [{ value: 3, limit: 5, unit: 's' }, '3 s, limit 5 s', '3 s, limit 5 s'],
  ] as const)('say what was measured of its limit: %j', (measured, us, metric) => {
    expect(figuresIn('us').measured(measured)).toBe(us);
    expect(figuresIn('metric').measured(measured)).toBe(metric);
  });

  it('are remembered on the device', () => {
    figuresIn('metric');
    expect(makeStore().getState().units).toBe('metric');
    localStorage.setItem('grevik.units', 'cubits');
    expect(makeStore().getState().units).toBe('us');
  });
});

import '@testing-library/jest-dom';
import { type WalkItem, conditionAt, readWalkText } from '@grevik/core';
import { renderHook } from '@testing-library/react';
import { Provider } from 'react-redux';
import type { ReactNode } from 'react';
import { useFigures } from '../useFigures';
import { foundWords } from '../found/found-words';
import { makeStore } from '../../store/store';
import { unitsChosen } from '../../store/units-slice';
import { POSITION } from '../../testing/demo';
import { words } from '../../words';
import { asTyped, itemWords } from './item-words';

const figuresIn = (system: 'us' | 'metric') => {
  const store = makeStore();
  store.dispatch(unitsChosen(system));
  const wrapper = ({ children }: { children: ReactNode }) => <Provider store={store}>{children}</Provider>;
  return renderHook(() => useFigures(), { wrapper }).result.current;
};
const US = figuresIn('us');
const METRIC = figuresIn('metric');
const item = (text: string): WalkItem => ({ ...(readWalkText(text).items[0] as WalkItem), id: 'i' });

describe('an item in words', () => {
  it.each([
    ['1/2 copper 12 ft up 3 ft', '½ in copper', '12 ft · up 3 ft'],
    ['DN100 ductile iron 80 m: lane', 'lane', '4 in ductile iron · 262 ft'],
    ['6 toilets: staff', 'Toilet ×6', 'staff'],
    ['tee', 'Tee', ''],
    ['street main', 'Street main', ''],
    ['run 2 m', 'Run', '6.56 ft'],
  ])('%s', (text, name, facts) => {
    expect(itemWords(item(text), undefined, US, words)).toEqual({ name, facts });
  });

  it('says a valve by its position, and what was found there', () => {
    const valve = item('gate 3/4');
    expect(itemWords(valve, POSITION, METRIC, words)).toEqual({
      name: 'CW-103 Café branch',
      facts: 'DN20 · gate',
    });
    const seized = { ...POSITION, condition: { turning: 'seized' } } as const;
    expect(itemWords(valve, seized, METRIC, words).facts).toBe('DN20 · gate · seized');
    expect(conditionAt(valve, { type: 'ball' })).toEqual({ type: 'ball' });
    expect(itemWords({ ...valve, type: undefined } as never, undefined, METRIC, words).name).toBe('valve');
  });

  it.each([
    '1/2 copper 12 ft',
    'tee: Café',
    'source: Street main',
    'basin x3: staff',
    '2 steel 5 ft down 2 ft: drop',
  ])('typed anew, “%s” is understood as it was', (text) => {
    const was = item(text);
    for (const figures of [US, METRIC]) {
      const again = item(asTyped(was, figures));
      expect({ ...again, lengthM: 0, riseM: 0 }).toEqual({ ...was, lengthM: 0, riseM: 0 });
      expect(again.lengthM ?? 0).toBeCloseTo(was.lengthM ?? 0, 1);
    }
  });
});

describe('a finding in words', () => {
  it('says each fact that was looked at', () => {
    expect(
      foundWords(
        {
          type: 'gate-solid',
          marking: '125 3/4',
          turning: 'stiff',
          turns: 11,
          holding: 'weeps',
          leaking: 'stem',
          handleShows: false,
          standing: 'open',
          flow: 'less',
          flowBeforeM3s: 5.05e-4,
          flowAfterM3s: 1.26e-4,
        },
        words,
        US,
      ),
    ).toBe(
      'gate, metal wedge, “125 3/4”, turns: stiff, 11 turns, shut-off: weeps, leaks: stem, handle does not show its true position, less flow than before, 8 gpm before, 2 gpm after, left open',
    );
    expect(foundWords({ type: 'nothing' }, words, US)).toBe('nothing');
  });
});

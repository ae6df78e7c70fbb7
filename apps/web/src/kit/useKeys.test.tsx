import { fireEvent } from '@testing-library/react';
import { show } from '../testing/render';
import { useKeys } from './useKeys';

const log: string[] = [];
const ACTIONS = Object.fromEntries(
  ['ArrowRight', 'j', '[', '?', 'Enter', 'Ctrl+k', 'Ctrl+z'].map((key) => [key, () => void log.push(key)]),
);

function Keys() {
  useKeys(ACTIONS);
  return (
    <>
      <input aria-label="text" />
      <span role="slider" aria-valuenow={1} tabIndex={0} />
      <button type="button">button</button>
    </>
  );
}

describe('the keys', () => {
  const press = (on: string | undefined, key: string, more = {}): string[] => {
    log.length = 0;
    const { container, unmount } = show(<Keys />);
    fireEvent.keyDown(on === undefined ? document.body : container.querySelector(on)!, { key, ...more });
    unmount();
    return [...log];
  };

  it.each([
    ['ArrowRight', {}, 'ArrowRight'],
    ['j', {}, 'j'],
    ['[', {}, '['],
    ['?', { shiftKey: true }, '?'],
    ['K', { ctrlKey: true }, 'Ctrl+k'],
    ['z', { metaKey: true }, 'Ctrl+z'],
  ])('%s %j runs its action', (key, more, action) => {
    expect(press(undefined, key, more)).toEqual([action]);
  });

  it('stay with what needs them itself, the list of everything aside', () => {
    expect(press('input', 'j')).toEqual([]);
    expect(press('input', 'z', { ctrlKey: true })).toEqual([]);
    expect(press('[role="slider"]', 'ArrowRight')).toEqual([]);
    expect(press('input', 'k', { ctrlKey: true })).toEqual(['Ctrl+k']);
    expect(press('button', 'Enter')).toEqual([]);
    expect(press('button', 'j')).toEqual(['j']);
  });

  it('are left to the browser where they mean nothing, or Alt is held', () => {
    expect(press(undefined, 'a')).toEqual([]);
    expect(press(undefined, 'ArrowRight', { altKey: true })).toEqual([]);
  });
});

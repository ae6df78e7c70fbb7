import { fireEvent } from '@testing-library/react';
import { show } from '../testing/render';
import { useStripKeys } from './useStripKeys';

function Keys({ log }: { log: string[] }) {
  useStripKeys(
    (by) => log.push(`walk ${by}`),
    (by) => log.push(`line ${by}`),
  );
  return (
    <>
      <input aria-label="text" />
      <span role="slider" aria-valuenow={1} tabIndex={0} />
      <button type="button">button</button>
    </>
  );
}

describe('the arrow keys', () => {
  it('walk with and against the water, and change the line', () => {
    const log: string[] = [];
    show(<Keys log={log} />);
    for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowDown', 'ArrowUp', 'a'])
      fireEvent.keyDown(document.body, { key });
    expect(log).toEqual(['walk 1', 'walk -1', 'line 1', 'line -1']);
  });

  it('stay with what needs them itself, and with key chords', () => {
    const log: string[] = [];
    const { container } = show(<Keys log={log} />);
    for (const part of ['input', '[role="slider"]'])
      fireEvent.keyDown(container.querySelector(part)!, { key: 'ArrowRight' });
    fireEvent.keyDown(document.body, { key: 'ArrowRight', altKey: true });
    expect(log).toEqual([]);
    fireEvent.keyDown(container.querySelector('button')!, { key: 'ArrowRight' });
    expect(log).toEqual(['walk 1']);
  });
});

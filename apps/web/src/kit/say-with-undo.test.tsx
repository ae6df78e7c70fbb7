import '@testing-library/jest-dom';
import { act, fireEvent, screen } from '@testing-library/react';
import { show } from '../testing/render';
import { useSayWithUndo } from './useSayWithUndo';

function Remove({ undo }: { undo: () => void }) {
  const sayWithUndo = useSayWithUndo();
  return (
    <button type="button" onClick={() => sayWithUndo('Line removed', undo)}>
      Remove
    </button>
  );
}

describe('what can be taken back', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  /** Lets time pass in steps, so that what ends one transition begins the next. */
  const pass = (ms: number): void => {
    for (let left = ms; left > 0; left -= 250) act(() => jest.advanceTimersByTime(250));
  };
  const remove = () => {
    const undo = jest.fn();
    show(<Remove undo={undo} />);
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    pass(500);
    return undo;
  };

  it('is taken back once, and is no longer offered then', () => {
    const undo = remove();
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(undo).toHaveBeenCalledTimes(1);
    pass(1_000);
    expect(screen.queryByText('Line removed')).not.toBeInTheDocument();
  });

  it('is offered for twenty seconds, and for as long as the pointer is on it', () => {
    remove();
    pass(18_000);
    const notice = screen.getByRole('alert');
    fireEvent.mouseEnter(notice);
    pass(60_000);
    expect(screen.getByRole('button', { name: 'Undo' })).toBeInTheDocument();
    fireEvent.mouseLeave(notice);
    pass(21_000);
    expect(screen.queryByText('Line removed')).not.toBeInTheDocument();
  });
});

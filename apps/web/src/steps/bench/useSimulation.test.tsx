import '@testing-library/jest-dom';
import { act, render, renderHook, screen } from '@testing-library/react';
import type { Answer } from './simulations';
import { usePlayback } from './usePlayback';
import { useSimulation } from './useSimulation';

/** A simulation whose answers are given by the test. */
function desk() {
  const asked: { of: string; answer: (answer: Answer<string>) => Promise<void> }[] = [];
  const questions = new Map<string, () => Promise<Answer<string>>>();
  return {
    asked,
    /** The same question for the same case, as a memo keeps it. */
    ask: (of: string): (() => Promise<Answer<string>>) => {
      const known =
        questions.get(of) ??
        (() =>
          new Promise<Answer<string>>((answer) => {
            asked.push({ of, answer: (given) => act(async () => answer(given)) });
          }));
      questions.set(of, known);
      return known;
    },
  };
}

function Shown({ ask }: { ask: () => Promise<Answer<string>> }) {
  const { result, trouble, isRunning } = useSimulation(ask);
  return <p>{[result ?? 'nothing', trouble?.field ?? 'fine', isRunning ? 'running' : 'done'].join(', ')}</p>;
}

describe('a simulation that is asked while it is dragged', () => {
  it('shows its answer, and keeps it until the next is there', async () => {
    const { ask, asked } = desk();
    const { rerender } = render(<Shown ask={ask('a')} />);
    expect(screen.getByText('nothing, fine, running')).toBeInTheDocument();
    await asked[0]!.answer({ result: 'A' });
    expect(screen.getByText('A, fine, done')).toBeInTheDocument();
    rerender(<Shown ask={ask('b')} />);
    expect(screen.getByText('A, fine, running')).toBeInTheDocument();
    await asked[1]!.answer({ result: 'B' });
    expect(screen.getByText('B, fine, done')).toBeInTheDocument();
  });

  it('leaves out what was overtaken: only the newest question waits', async () => {
    const { ask, asked } = desk();
    const { rerender } = render(<Shown ask={ask('a')} />);
    for (const next of ['b', 'c', 'd']) rerender(<Shown ask={ask(next)} />);
    expect(asked.map(({ of }) => of)).toEqual(['a']);
    await asked[0]!.answer({ result: 'A' });
    expect(asked.map(({ of }) => of)).toEqual(['a', 'd']);
    expect(screen.getByText('A, fine, running')).toBeInTheDocument();
    await asked[1]!.answer({ result: 'D' });
    expect(screen.getByText('D, fine, done')).toBeInTheDocument();
  });

  it('says what stands in the way beside the last that went, until another goes', async () => {
    const { ask, asked } = desk();
    const { rerender } = render(<Shown ask={ask('a')} />);
    await asked[0]!.answer({ result: 'A' });
    rerender(<Shown ask={ask('b')} />);
    await asked[1]!.answer({ trouble: { field: 'sourceHeadM', message: 'too low' } });
    expect(screen.getByText('A, sourceHeadM, done')).toBeInTheDocument();
    rerender(<Shown ask={ask('c')} />);
    await asked[2]!.answer({ result: 'C' });
    expect(screen.getByText('C, fine, done')).toBeInTheDocument();
  });

  it('answers nobody who has left', async () => {
    const { ask, asked } = desk();
    const { unmount } = render(<Shown ask={ask('a')} />);
    unmount();
    await asked[0]!.answer({ result: 'A' });
    expect(screen.queryByText(/A/)).not.toBeInTheDocument();
  });
});

describe('a film', () => {
  let film: { readonly current: ReturnType<typeof usePlayback> };
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const pass = (ms: number): void => act(() => jest.advanceTimersByTime(ms));

  it('runs once to its end, and from its beginning when it is played again', () => {
    film = renderHook(() => usePlayback(1)).result;
    act(() => film.current.play(true));
    pass(500);
    expect(film.current.share).toBeGreaterThan(0.4);
    expect(film.current.share).toBeLessThan(0.6);
    pass(700);
    expect([film.current.share, film.current.isPlaying]).toEqual([1, false]);
    act(() => film.current.play(true));
    expect(film.current.share).toBe(0);
  });

  it('stands where it is stopped or put', () => {
    film = renderHook(() => usePlayback(1)).result;
    act(() => film.current.play(true));
    pass(300);
    act(() => film.current.play(false));
    const stood = film.current.share;
    pass(500);
    expect(film.current.share).toBe(stood);
    act(() => film.current.play(true));
    act(() => film.current.show(0.25));
    pass(500);
    expect([film.current.share, film.current.isPlaying]).toEqual([0.25, false]);
  });
});

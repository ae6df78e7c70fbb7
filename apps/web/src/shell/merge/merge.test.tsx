import '@testing-library/jest-dom';
import type { ChangeDutyRequest, PositionView } from '@grevik/contracts';
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { factsApart, originWords, withFact } from '../../kit/duty/field-words';
import { clashed } from '../../store/merge-slice';
import { POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { serve } from '../../testing/server';
import { MergeDialog } from './MergeDialog';

const base = POSITION.duty;
/** Somebody else moved pressure and temperature, and wants a lock; here pressure and flow were moved. */
const current: PositionView = {
  ...POSITION,
  version: 7,
  changed: { id: 'c', by: 'Joss Karran', at: '2026-03-01T10:00:00Z' },
  duty: { ...base, pressurePa: 4e5, temperatureC: 20, lockout: true },
};
const mine = { ...base, pressurePa: 6e5, flowM3s: 1e-3 };

function open(): void {
  const { store } = show(<MergeDialog />, { units: 'metric' });
  act(() => void store.dispatch(clashed({ lineId: 'line', base, mine, current })));
}
const chosen = (name: string): string[] =>
  within(screen.getByRole('row', { name: new RegExp(`^${name}`) }))
    .getAllByRole('radio')
    .flatMap((radio, index) => ((radio as HTMLInputElement).checked ? [['yours', 'theirs'][index]!] : []));

describe('a duty that two changed at once', () => {
  it('shows each fact that differs, with the side that changed it alone chosen, and asks where both did', () => {
    open();
    expect(screen.getByRole('dialog')).toHaveTextContent(
      'Joss Karran changed it (1 Mar 2026) while you were editing',
    );
    expect(chosen('pressure')).toEqual([]);
    expect(screen.getByRole('row', { name: /^pressure/ })).toHaveTextContent('changed by both6 bar4 bar');
    expect(chosen('temperature')).toEqual(['theirs']);
    expect(chosen('flow')).toEqual(['yours']);
    expect(chosen('lock-out required')).toEqual(['theirs']);
    expect(screen.getByRole('button', { name: 'Save choices' })).toBeDisabled();
  });

  it('saves the facts as they were chosen, on the version as it is now', async () => {
    const asked = serve(({ body }) => ({ body: { ...current, ...(body as object) } }));
    open();
    const row = within(screen.getByRole('row', { name: /^pressure/ }));
    await userEvent.click(row.getAllByRole('radio')[0]!);
    await userEvent.click(screen.getByRole('button', { name: 'Save choices' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
    const { version, duty } = asked[0]!.body as ChangeDutyRequest;
    expect(version).toBe(7);
    expect(duty).toEqual({ ...base, pressurePa: 6e5, temperatureC: 20, flowM3s: 1e-3, lockout: true });
  });

  it('keeps all of one side in one press', async () => {
    const asked = serve(({ body }) => ({ body: { ...current, ...(body as object) } }));
    open();
    await userEvent.click(screen.getByRole('button', { name: 'Keep all theirs' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).not.toBeInTheDocument());
    expect(asked).toEqual([]);
    open();
    await userEvent.click(screen.getByRole('button', { name: 'Keep all yours' }));
    await waitFor(() => expect(asked[0]?.body).toMatchObject({ version: 7, duty: mine }));
  });

  it('asks again where it was changed once more meanwhile', async () => {
    const again = { ...current, version: 8, duty: { ...current.duty, temperatureC: 30 } };
    serve(() => ({ status: 409, body: { error: { code: 'stale', message: 'Again.', current: again } } }));
    open();
    await userEvent.click(screen.getByRole('button', { name: 'Keep all yours' }));
    expect(await screen.findByRole('row', { name: /^temperature/ })).toHaveTextContent('30 °C');
  });
});

describe('one fact of a duty', () => {
  it('is taken over or left out alone; pipe and run apart', () => {
    const other = { ...base, pipe: { material: 'pex' as const, lengthUpstreamM: 3 } };
    expect(factsApart(base, other)).toEqual(['pipe', 'run']);
    expect(withFact(base, 'run', other).pipe).toEqual({ material: 'copper', lengthUpstreamM: 3 });
    expect(withFact(base, 'pipe', other).pipe).toEqual({ material: 'pex', lengthUpstreamM: 18.8976 });
    const { hardWater: _hardWater, ...soft } = base;
    expect(withFact(base, 'hardWater', soft)).toEqual(soft);
    expect(withFact(base, 'pipe', { ...base, pipe: undefined } as never)).not.toHaveProperty('pipe');
  });

  it('takes its origin with it, and differs where only the origin does', () => {
    const measured = { ...base, origins: { pressurePa: 'measured', flowM3s: 'said' } } as const;
    expect(factsApart(base, measured)).toEqual(['pressurePa']);
    expect(withFact(base, 'pressurePa', measured).origins).toEqual({ pressurePa: 'measured' });
    expect(withFact(measured, 'pressurePa', base).origins).toEqual({ flowM3s: 'said' });
    expect(originWords(measured, 'pressurePa')).toBe('measured');
  });
});

import '@testing-library/jest-dom';
import { type Duty, houseRuleSettings, lineUp } from '@grevik/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { handleMoved } from '../../store/handle-slice';
import { BALL, GATE, LARGE, NYLON, POSITION } from '../../testing/demo';
import { show } from '../../testing/render';
import { ColumnTable } from './ColumnTable';
import type { ModelColumn } from '../../kit/outlook/model-column';
import { Reasons } from './Reasons';
import { Tray } from './Tray';
import { TypeList } from './TypeList';
import { act } from 'react';

const duty: Duty = { ...POSITION.duty, medium: 'potable-cold' };
const money = (amount: number): string => `$${amount.toFixed(2)}`;

function table(change: Partial<Duty> = {}, pickedId?: string, alike = 1) {
  const asked = { ...duty, ...change };
  const picked: ModelColumn[] = [];
  const shown = show(
    <ColumnTable
      duty={asked}
      columns={lineUp(asked, [BALL, GATE]).columns}
      pickedId={pickedId}
      alike={alike}
      money={money}
      pick={(column) => picked.push(column)}
      compared={[]}
      toggle={() => undefined}
      help={({ model }) => <i>help for {model.id}</i>}
    />,
  );
  return { ...shown, picked };
}
const cells = (row: RegExp): string[] =>
  within(screen.getByRole('row', { name: row }))
    .getAllByRole('cell')
    .map((cell) => cell.textContent ?? '');

describe('the columns', () => {
  it('stand side by side, best first, with verdict, rating, loss, capacity and price', () => {
    table();
    expect(screen.getAllByRole('columnheader').map((head) => head.getAttribute('data-model'))).toEqual([
      'Ostrand 21P',
      'Kell & Vane 6S',
    ]);
    expect(cells(/^Verdict/)).toEqual(['FitsNo. 1 · 100 pointsPick', 'With careNo. 2 · 63 pointsPick']);
    expect(cells(/^Weakest part at 50 °F/)).toEqual(['200 psi press joint', '200 psi body']);
    expect(cells(/^Loss at 100 %/)[0]).toBe('0.028 psi 7.92 gpm');
    expect(cells(/^Fully open/)).toEqual([
      'Cv 47.4 data sheet',
      expect.stringMatching(/^Cv \d+(\.\d)? estimated$/),
    ]);
    expect(cells(/^Price, life/)).toEqual([
      '$21.90 each, 25–35 years$0.73 per year+$8.80',
      '$13.10 each, 3–9 yearsshorter here: hard water seizes valves that are seldom operated$2.18 per year',
    ]);
  });

  it('say what would help where a verdict needs care', () => {
    table();
    const [fits, care] = cells(/^Because/);
    expect(fits).not.toContain('help for');
    expect(care).toContain('help for gate');
  });

  it('say what all alike on the job cost, against the cheapest', () => {
    table({}, undefined, 4);
    expect(cells(/^Price, life/)).toEqual([
      expect.stringContaining('4 alike: $87.60, +$35.20'),
      expect.stringMatching(/4 alike: \$52\.40$/),
    ]);
  });

  it('are compared, not picked, by whoever may not pick', () => {
    const { unmount } = table();
    unmount();
    show(
      <ColumnTable
        duty={duty}
        columns={lineUp(duty, [BALL, GATE]).columns}
        pickedId="ball"
        alike={1}
        money={money}
        pick={() => undefined}
        compared={[]}
        toggle={() => undefined}
        help={() => undefined}
      />,
      { may: ['look', 'record'] },
    );
    expect(screen.queryByRole('button', { name: /^Pick/ })).not.toBeInTheDocument();
    expect(cells(/^Verdict/)[0]).toContain('Picked');
  });

  it('follow the handle', () => {
    const { store } = table();
    act(() => void store.dispatch(handleMoved(0)));
    expect(cells(/^Loss at 0 %/)).toEqual(['75 psi 0 gpm', '75 psi 0 gpm']);
    act(() => void store.dispatch(handleMoved(1.7)));
    expect(screen.getByRole('row', { name: /^Loss at 100 %/ })).toBeInTheDocument();
  });

  it('ask for the flow where it is not known, and say nothing of gas', () => {
    table({ flowM3s: undefined });
    expect(cells(/^Loss at/)).toEqual(['enter the flow', 'enter the flow']);
  });

  it('hand over the column that is picked, and mark the one that was', async () => {
    const { picked } = table({}, 'gate');
    await userEvent.click(screen.getByRole('button', { name: 'Pick Ostrand 21P' }));
    expect(picked.map(({ model }) => model.id)).toEqual(['ball']);
    expect(screen.getByRole('button', { name: 'Picked Kell & Vane 6S' })).toBeInTheDocument();
  });
});

describe('reasons', () => {
  it('give the weightiest in full with what was measured, and count the rest', () => {
    show(
      <Reasons
        reasons={[
          {
            rule: 'seat-temperature',
            verdict: 'out',
            text: 'The seat swells.',
            measured: { value: 90, limit: 80, unit: 'C' },
          },
          { rule: 'x', verdict: 'care', text: 'Mind it.' },
        ]}
      />,
    );
    expect(screen.getByText('The seat swells.', { exact: false })).toHaveTextContent(
      'The seat swells. 194 °F, limit 176 °F.',
    );
    expect(screen.getByText('one more reason')).toBeInTheDocument();
  });

  it('keep every option of a house rule behind its name', () => {
    const { columns } = lineUp({ ...duty, function: 'throttle' }, [BALL]);
    show(<Reasons reasons={columns[0]!.reasons} />);
    const settings = screen.getByText('house rule').closest('details');
    expect(settings).toHaveTextContent('For rough balancing it may');
    expect(settings).toHaveTextContent('Other practice: Never');
    expect(settings).not.toHaveAttribute('open');
  });

  it('say so where there are none', () => {
    show(<Reasons reasons={[]} />);
    expect(screen.getByText('No objections.')).toBeInTheDocument();
  });
});

describe('the tray', () => {
  it('keeps what is out in sight with its reason, and names what is not made in the size', () => {
    const { tray, otherSizes } = lineUp({ ...duty, temperatureC: 90 }, [BALL, NYLON, LARGE]);
    show(
      <Tray
        duty={duty}
        settings={houseRuleSettings()}
        columns={[]}
        tray={tray}
        otherSizes={otherSizes}
        size="¾ in"
      />,
    );
    const region = screen.getByRole('region', { name: 'Ruled out' });
    expect(region).toHaveTextContent('1 ruled out');
    expect(region).toHaveTextContent('Brindlow 14N');
    expect(region).toHaveTextContent('nylon seat swells');
    expect(region).toHaveTextContent('1 model is not made in ¾ inSaltholm R16');
  });

  it('is not there where nothing is out', () => {
    show(
      <Tray duty={duty} settings={houseRuleSettings()} columns={[]} tray={[]} otherSizes={[]} size="¾ in" />,
    );
    expect(screen.queryByRole('region')).not.toBeInTheDocument();
  });
});

describe('with an empty catalogue', () => {
  it('the types that could serve are judged as such, what is out last', () => {
    show(<TypeList duty={{ ...duty, function: 'throttle' }} settings={houseRuleSettings()} />);
    const types = screen.getAllByRole('listitem').map((item) => item.textContent ?? '');
    expect(types.some((text) => text.startsWith('needle'))).toBe(true);
    expect(types.at(-1)).toContain('out');
    expect(types.some((text) => text.includes('swing check'))).toBe(false);
  });
});

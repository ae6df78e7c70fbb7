import '@testing-library/jest-dom';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { show } from '../../testing/render';
import { savedFiles } from '../../testing/saved-files';
import { serve } from '../../testing/server';
import { PartsListPage } from './PartsListPage';

const paste = (text: string): void => {
  fireEvent.change(screen.getByRole('textbox', { name: 'Paste the list here' }), { target: { value: text } });
};
const line = (number: number) =>
  within(screen.getByRole('spinbutton', { name: `Qty, line ${number}` }).closest('li') as HTMLElement);

describe('a list for the counter', () => {
  const saved = savedFiles();

  it('says each valve back in full, and which can be ordered as they stand', async () => {
    show(<PartsListPage />);
    expect(screen.getByText('Nothing to read yet.')).toBeInTheDocument();
    paste('Hi Sam,\n12  1/2 comp x 3/8 OD comp angle stop QT, LF\n6   3/4" ball valve SWT full port');
    expect(await screen.findByText('1 of 2 lines are complete')).toBeInTheDocument();
    expect(
      line(2).getByText('1/2 in compression x 3/8 in OD compression angle stop, quarter turn, lead-free'),
    ).toBeInTheDocument();
    expect(line(2).getByText('Complete')).toBeInTheDocument();
    expect(line(3).getByText('5 facts missing')).toBeInTheDocument();
    expect(screen.getByText('1 line without an order')).toBeInTheDocument();
  });

  it('completes a line by choices, each with why it matters, and takes the last back', async () => {
    show(<PartsListPage />);
    paste('6   3/4" ball valve SWT full port');
    await screen.findByText('0 of 1 line is complete');
    expect(line(1).getByText(/The seat fails first/)).toBeInTheDocument();
    const choose = (field: string, choice: string): Promise<void> =>
      userEvent.selectOptions(line(1).getByRole('combobox', { name: `${field}, line 1` }), choice);
    await choose('Body', 'DZR brass');
    await choose('Seat', 'PTFE seats');
    await choose('Rating', '600 CWP');
    await choose('Operator', 'lever');
    await choose('Approval', 'potable');
    expect(screen.getByText('1 of 1 line is complete')).toBeInTheDocument();
    expect(
      line(1).getByText(
        '3/4 in ball valve, sweat x sweat, full port, DZR brass, PTFE seats, lever, 600 CWP, potable',
      ),
    ).toBeInTheDocument();
    await userEvent.click(line(1).getByRole('button', { name: 'Undo last choice' }));
    expect(line(1).getByText('1 fact missing')).toBeInTheDocument();
  });

  it('takes each side its own connection, a stop’s fixture with its size', async () => {
    show(<PartsListPage />);
    paste('40  stop for basins');
    await screen.findByText(/0 of 1/);
    const select = (name: string, choice: string): Promise<void> =>
      userEvent.selectOptions(line(1).getByRole('combobox', { name: `${name}, line 1` }), choice);
    await select('supply side', 'sweat');
    await select('fixture size', '1/2 in OD');
    await userEvent.click(line(1).getByRole('button', { name: 'Apply' }));
    await select('Size', '1/2 in');
    await select('Form', 'angle stop');
    await select('Action', 'quarter turn');
    expect(
      line(1).getByText('1/2 in sweat x 1/2 in OD compression angle stop, quarter turn'),
    ).toBeInTheDocument();
    expect(line(1).getByText('Not understood: for basins.')).toBeInTheDocument();
  });

  it('answers “standard” with what it leaves open', async () => {
    show(<PartsListPage />);
    paste('2   gate valve 2in standard');
    expect(
      await screen.findByText(/“Standard” does not say enough. It leaves open: connections, body, port/),
    ).toBeInTheDocument();
  });

  it('asks how many where nothing is said, and keeps what was chosen when another line is corrected', async () => {
    show(<PartsListPage />);
    paste('1 1/2 in ball valve FIP\n2  1" globe');
    expect(await screen.findByText('How many? Read as 1.')).toBeInTheDocument();
    fireEvent.change(screen.getByRole('spinbutton', { name: 'Qty, line 1' }), { target: { value: '4' } });
    await userEvent.selectOptions(line(1).getByRole('combobox', { name: 'Port, line 1' }), 'full port');
    expect(screen.queryByText('How many? Read as 1.')).not.toBeInTheDocument();
    paste('1 1/2 in ball valve FIP\n2  1-1/4" globe');
    expect(await screen.findByText(/1 1\/4 in globe valve/)).toBeInTheDocument();
    expect(screen.getByRole('spinbutton', { name: 'Qty, line 1' })).toHaveValue(4);
    expect(line(1).getByText(/ball valve, FIP x FIP, full port/)).toBeInTheDocument();
  });

  it('goes out as rows, and says so where no valve is named', async () => {
    show(<PartsListPage />);
    paste('2  1" globe, bronze');
    await userEvent.click(await screen.findByRole('button', { name: 'Export CSV' }));
    expect(await saved[0]!.content.text()).toMatch(
      /^quantity,order line,missing,not understood,as written\r\n2,"1 in globe valve, bronze",/,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Clear' }));
    paste('Good morning');
    expect(await screen.findByText('No valve found in this text.')).toBeInTheDocument();
  });

  it('goes on a job’s order as it is said back', async () => {
    const asked = serve(({ method }) =>
      method === 'GET'
        ? { body: [{ id: 'job', name: 'Tarn Quay', lines: [], houseRules: {} }] }
        : { body: { job: 'Tarn Quay', currency: 'USD', orders: [], quotations: [] } },
    );
    show(<PartsListPage />);
    paste('2  1" globe, bronze\n3  3/4" ball');
    await userEvent.selectOptions(
      await screen.findByRole('combobox', { name: 'Add to the order of …' }),
      'Tarn Quay',
    );
    expect(await screen.findByText('2 lines added to Tarn Quay, prices not known yet')).toBeInTheDocument();
    expect(asked.find(({ method }) => method === 'POST')).toMatchObject({
      path: '/api/jobs/job/orders/lines',
      body: {
        lines: [
          { quantity: 2, text: '1 in globe valve, bronze' },
          { quantity: 3, spec: { type: 'ball' } },
        ],
      },
    });
  });
});

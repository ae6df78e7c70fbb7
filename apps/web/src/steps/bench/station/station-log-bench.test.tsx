import '@testing-library/jest-dom';
import { benchValve, playedStation } from '@grevik/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../../../testing/demo';
import { show } from '../../../testing/render';
import { type Asked, serve } from '../../../testing/server';
import { StationLogBench } from './StationLogBench';
import { momentWords } from './moment-words';
import { StationLog } from './station-log';

jest.mock('./open-station-log', () => ({
  openStationLog: () => {
    const log = new StationLog();
    return {
      log: {
        diagnose: (...given: Parameters<StationLog['diagnose']>) => Promise.resolve(log.diagnose(...given)),
        play: (...given: Parameters<StationLog['play']>) => Promise.resolve(log.play(...given)),
        stretch: (...given: Parameters<StationLog['stretch']>) => Promise.resolve(log.stretch(...given)),
      },
      read: (...given: Parameters<StationLog['read']>) => log.read(...given),
      close: () => undefined,
    };
  },
}));
jest.mock('./StationChart', () => ({ StationChart: () => null }));

const DUTY = { ...POSITION.duty, medium: 'raw-sewage', function: 'non-return', flowM3s: 0.01 } as const;

function open(): Asked[] {
  const asked = serve(({ method }) => (method === 'POST' ? { status: 201, body: {} } : undefined));
  show(
    <StationLogBench
      line={LINE}
      position={{ ...POSITION, tag: 'LS-101' }}
      duty={DUTY}
      valve={benchValve(DUTY, 'check-ball')}
      model={undefined}
      models={[]}
    />,
  );
  return asked;
}
const upload = (text: string) =>
  userEvent.upload(
    screen.getByLabelText(/Import level log/),
    new File([text], 'log.csv', { type: 'text/csv' }),
  );

describe('the log of a pump station', () => {
  it('whose ball sticks open is said to, since when and at what cost, and raises the valve', async () => {
    const asked = open();
    await userEvent.click(screen.getByRole('button', { name: 'ball sticks open' }));
    expect(await screen.findByText(/The check sticks open/)).toBeVisible();
    expect(screen.getByText(/^Since day 8, \d+:\d\d\./)).toBeVisible();
    expect(screen.getByText('Extra starts a day')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Record at LS-101: leaks by' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({
        kind: 'found',
        found: { holding: 'passes' },
      }),
    );
  });

  it('whose check holds says so, and records nothing bad', async () => {
    open();
    await userEvent.click(screen.getByRole('button', { name: 'check holds' }));
    expect(await screen.findByText(/The check holds/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /leaks by/ })).not.toBeInTheDocument();
  });

  it('is read from a file, row by row, and odd files say what is missing', async () => {
    open();
    const samples = playedStation({ fault: 'holds', days: 1, fromS: 0, wellAreaM2: 2.5, pumpFlowM3s: 0.01 });
    const rows = samples.map(
      ({ timeS, levelM, pumpOn }) => `${timeS},${levelM.toFixed(4)},${Number(pumpOn)}`,
    );
    await upload(['timeS,levelM,pumpOn', ...rows, 'x,y,z'].join('\n'));
    expect(await screen.findByText(/samples read\. 1 row could not be read/)).toBeVisible();
    await upload('time,level\n1,2');
    expect(await screen.findByText(/no column for the pump/)).toBeVisible();
    expect(screen.queryByText(/samples read/)).not.toBeInTheDocument();
    await upload('timeS,levelM,pumpOn\n0,1,0\n10,1,0');
    expect(await screen.findByText(/samples hold 0 whole cycles/)).toBeVisible();
  });

  it('is shown between two moments without losing its highest level', () => {
    const log = new StationLog();
    const { toS } = log.play({ fault: 'holds', days: 5, fromS: 0, wellAreaM2: 2.5, pumpFlowM3s: 0.01 });
    const whole = log.stretch(0, toS, 200);
    expect(whole.timeS.length).toBeLessThanOrEqual(200);
    const hour = log.stretch(86_400, 90_000, 900);
    expect(hour.timeS[0]).toBeGreaterThanOrEqual(86_380);
    expect(hour.timeS.at(-1)).toBeLessThanOrEqual(90_010);
    expect(Math.max(...whole.levelM)).toBeGreaterThanOrEqual(Math.max(...hour.levelM));
  });

  it('says moments by the calendar where it has one', () => {
    expect(momentWords(90_000, 0)).toBe('day 2, 1:00');
    expect(momentWords(1_764_000_000, 1_763_900_000)).toMatch(/Nov/);
  });
});

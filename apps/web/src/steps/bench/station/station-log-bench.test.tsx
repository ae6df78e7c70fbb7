import '@testing-library/jest-dom';
import type { DeviceView, StationView } from '@grevik/contracts';
import { benchValve, playStation, wellAt } from '@grevik/core';
import { screen, waitFor, within } from '@testing-library/react';
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

const PLAYED = { fault: 'holds', fromS: 0, wellAreaM2: 2.5, pumpFlowM3s: 0.01, everyS: 10 } as const;
const UNKNOWN: StationView = {
  version: 0,
  device: null,
  wellAreaM2: null,
  pumpFlowM3s: null,
  platePowerW: null,
  plays: null,
  firstAt: null,
  lastAt: null,
  lastLevelM: null,
  isPumpOn: null,
  verdict: null,
  since: null,
  judgedAt: null,
  diagnosis: null,
};
const RECORDER: DeviceView = {
  id: 'recorder-1',
  name: 'Recorder 1',
  kind: 'recorder',
  isStandIn: false,
  addedAt: '2026-11-01T08:00:00Z',
  addedBy: 'Ada Wrenfield',
  lastAt: null,
  lastSample: null,
  trouble: null,
  reading: null,
  station: null,
};
const RECORDED: StationView = {
  ...UNKNOWN,
  version: 3,
  device: { id: 'recorder-1', name: 'Recorder 1', isStandIn: false, lastAt: null, trouble: null },
  wellAreaM2: 2.5,
  pumpFlowM3s: 0.01,
  platePowerW: 2200,
  firstAt: '2026-11-15T08:00:00Z',
  lastAt: '2026-11-20T08:00:00Z',
  lastLevelM: 1.2,
  isPumpOn: false,
  verdict: 'stuck-open',
  since: '2026-11-13T08:00:00Z',
  judgedAt: '2026-11-20T08:00:00Z',
  diagnosis: {
    starts: 700,
    startsPerHour: 5,
    inflowM3s: 0.003,
    backflowM3s: 0.001,
    backflowVolumeM3PerStop: 1.1,
    verdict: 'stuck-open',
    sinceS: 1_763_200_000,
    evidence: [],
    extraStartsPerDay: 60,
    extraRunS: 20_000,
  },
};
const DUTY = { ...POSITION.duty, medium: 'raw-sewage', function: 'non-return', flowM3s: 0.01 } as const;

function open(station = UNKNOWN, devices: DeviceView[] = []): Asked[] {
  const asked = serve(({ method, path }) => {
    if (method === 'POST') return { status: 201, body: {} };
    if (method === 'PUT') return { body: { changeId: null } };
    if (path.endsWith('/station')) return { body: station };
    if (path.includes('/station/levels'))
      return { body: { timeS: [0, 10], levelM: [1, 1.1], pumpOn: [false, true] } };
    return path === '/api/devices' ? { body: devices } : undefined;
  });
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
    await userEvent.click(await screen.findByRole('button', { name: 'ball sticks open' }));
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
    await userEvent.click(await screen.findByRole('button', { name: 'check holds' }));
    expect(await screen.findByText(/The check holds/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /leaks by/ })).not.toBeInTheDocument();
  });

  it('is read from a file, row by row, and odd files say what is missing', async () => {
    open();
    const { samples } = playStation(PLAYED, wellAt(0), 86_400);
    const rows = samples.map(
      ({ timeS, levelM, pumpOn }) => `${timeS},${levelM.toFixed(4)},${Number(pumpOn)}`,
    );
    await screen.findByText(/^Import the log of/);
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
    const { toS } = log.play(PLAYED, 5 * 86_400);
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

  it('with a recorder shows the level now, what is wrong since when, and that the recorder is silent', async () => {
    const asked = open(RECORDED, [RECORDER]);
    expect(await screen.findByText(/^Recorder 1, .*: level 3\.94 ft, the pump rests\.$/)).toBeVisible();
    expect(screen.getByText(/The check sticks open/)).toBeVisible();
    expect(screen.getByText(/^Since 13 Nov/)).toBeVisible();
    expect(screen.getByText(/^Nothing came from the recorder since/)).toBeVisible();
    expect(screen.getByText(/kWh a year$/)).toBeVisible();
    // The recorder writes at the valve by itself.
    expect(screen.queryByRole('button', { name: /leaks by/ })).not.toBeInTheDocument();
    await waitFor(() => expect(asked.some(({ path }) => path.includes('/station/levels'))).toBe(true));
    await userEvent.click(screen.getByRole('button', { name: 'Remove the recorder' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
        version: 3,
        wellAreaM2: expect.closeTo(2.5, 9) as number,
        pumpFlowM3s: 0.01,
        platePowerW: 2200,
      }),
    );
  });

  it('gets a recorder once its well is measured: what is only assumed is stored nowhere', async () => {
    const asked = open(UNKNOWN, [RECORDER]);
    await userEvent.click(await screen.findByRole('combobox', { name: 'Level recorder' }));
    await userEvent.click(within(screen.getByRole('listbox')).getByText('Recorder 1'));
    const put = screen.getByRole('button', { name: 'Put it at this station' });
    expect(put).toBeDisabled();
    expect(screen.getByText(/Set the inside diameter of the well first/)).toBeVisible();
    const well = screen.getByRole('textbox', { name: 'Inside diameter of the well' });
    await userEvent.clear(well);
    await userEvent.type(well, '2 m{Enter}');
    await userEvent.click(put);
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
        version: 0,
        deviceId: 'recorder-1',
        wellAreaM2: expect.closeTo(Math.PI, 3) as number,
        pumpFlowM3s: 0.01,
      }),
    );
  });
});

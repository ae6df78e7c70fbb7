import '@testing-library/jest-dom';
import type { CompanyView, DeviceView, HoldReadingView, SamplesView, StartUpView } from '@grevik/contracts';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LINE, POSITION } from '../../testing/demo';
import { onLine } from '../../testing/on-line';
import { type Asked, serve } from '../../testing/server';
import { textFile } from '../../testing/text-file';
import { StartUpPage } from './StartUpPage';
import { ValveChartPage } from './ValveChartPage';

// The plan is laid out in a worker, which there is none of here.
jest.mock('../../kit/plan/usePlanLayout', () => ({ usePlanLayout: () => undefined }));

const NOTHING: StartUpView = { entries: [], readings: [], handedOver: null };
const reading = (more: Partial<HoldReadingView> = {}): HoldReadingView => ({
  id: 'r',
  step: 'hold',
  item: null,
  device: null,
  given: { kind: 'air', testPressurePa: 344_738, holdS: 900 },
  source: 'typed',
  startedAt: '2026-11-20T08:00:00Z',
  startedBy: 'Ada Wrenfield',
  endedAt: null,
  result: null,
  samples: 31,
  ...more,
});
const SAMPLES: SamplesView = {
  timeS: Array.from({ length: 31 }, (_, at) => at * 10),
  pressurePa: Array.from({ length: 31 }, () => 344_738),
  temperatureC: Array.from({ length: 31 }, () => 15),
  inletPa: Array.from({ length: 31 }, () => null),
  flowM3s: Array.from({ length: 31 }, () => null),
};

const LOGGERS: DeviceView[] = [
  {
    id: 'gauge-1',
    name: 'Gauge 1',
    kind: 'logger',
    isStandIn: false,
    addedAt: '2026-11-01T08:00:00Z',
    addedBy: 'Ada Wrenfield',
    lastAt: null,
    lastSample: null,
    trouble: null,
    reading: null,
    station: null,
  },
];
const COMPANY: CompanyView = {
  version: 0,
  name: 'Quay works',
  currency: 'USD',
  houseRules: {},
  ownGates: null,
  holdRules: {},
};

function open(
  view: StartUpView = NOTHING,
  at = '/',
  may?: ['look'],
  company: CompanyView = COMPANY,
): Asked[] {
  const asked = serve(({ path, method }) => {
    if (path.endsWith('/samples') && method === 'GET') return { body: SAMPLES };
    if (path.endsWith('/devices')) return { body: LOGGERS };
    if (path.endsWith('/company')) return { body: company };
    if (path.endsWith('/start-up')) return { body: view };
    return { status: 201, body: view };
  });
  onLine(<StartUpPage />, { at, ...(may && { may }) });
  return asked;
}
const steps = async (): Promise<HTMLElement> => screen.findByRole('list', { name: 'Steps of the start-up' });

describe('the start-up of a line', () => {
  it('lists its steps in the order of the work, and says what waits for what', async () => {
    open();
    const names = within(await steps())
      .getAllByRole('button')
      .map((button) => button.querySelector('b')?.textContent);
    expect(names).toEqual(['Inspect', 'Hold', 'Flush', 'Disinfect', 'Operate', 'Show and lock', 'Label']);
    expect(screen.getByRole('button', { name: /^Hold waiting Waits for: Inspect\.$/ })).toBeVisible();
    expect(
      screen.getByText(
        'Every step must be done, or skipped with its reason, before the line is handed over.',
      ),
    ).toBeVisible();
  });

  it('sends what was ticked and typed, under an id of its own', async () => {
    const asked = open();
    const valve = (await screen.findByRole('heading', { name: new RegExp(POSITION.tag) })).closest('form')!;
    await userEvent.click(within(valve).getByRole('checkbox', { name: /Arrow, hinge pin/ }));
    await userEvent.type(within(valve).getByRole('textbox', { name: 'On casting or tag' }), '3/4 600 WOG');
    await userEvent.click(within(valve).getByRole('button', { name: 'Save' }));
    await screen.findByText(new RegExp(`^${POSITION.tag} .*saved$`));
    expect(asked.find(({ method }) => method === 'POST')).toMatchObject({
      path: `/api/lines/${LINE.id}/start-up/entries`,
      body: {
        step: 'inspect',
        kind: 'item',
        item: POSITION.id,
        values: { faces: true, casting: '3/4 600 WOG' },
        id: expect.stringMatching(/^[0-9a-f-]{36}$/) as string,
      },
    });
  });

  it('skips a step only with a reason', async () => {
    const asked = open(NOTHING, '/?step=disinfect');
    await userEvent.click(await screen.findByRole('button', { name: 'Skip step' }));
    expect(screen.getByRole('button', { name: 'Skip with this reason' })).toBeDisabled();
    await userEvent.type(screen.getByRole('textbox', { name: 'Why is it skipped?' }), 'Not opened.');
    await userEvent.click(screen.getByRole('button', { name: 'Skip with this reason' }));
    await screen.findByText('Disinfect saved');
    // Stored, it stays shown although what is read does not have it yet.
    expect(within(await steps()).getByRole('button', { name: /^Disinfect skipped/ })).toBeVisible();
    expect(asked.find(({ method }) => method === 'POST')?.body).toMatchObject({
      kind: 'skip',
      reason: 'Not opened.',
    });
  });

  it('reads a hold live: what it means so far, and what is missing', async () => {
    open({ ...NOTHING, readings: [reading()] }, '/?step=hold');
    expect(await screen.findByText('Holding so far')).toBeVisible();
    expect(screen.getByText('5 of 15 min')).toBeVisible();
    expect(screen.getByText('Leave it until 15 minutes are full.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Stop reading' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Start reading' })).not.toBeInTheDocument();
  });

  it('keeps the verdict of a reading with its figures, and begins another', async () => {
    const result = { verdict: 'leaks' as const, allowancePa: 0, dropPa: 6895, temperatureEffectPa: 0 };
    open({ ...NOTHING, readings: [reading({ endedAt: '2026-11-20T08:20:00Z', result })] }, '/?step=hold');
    expect(await screen.findByText('Leaks')).toBeVisible();
    expect(screen.getByText(/^The line lost 1 psi that the temperature does not explain/)).toBeVisible();
    await waitFor(() => expect(screen.getByRole('button', { name: 'Start reading' })).toBeEnabled());
  });

  it('begins a reading by what is typed, and says what cannot be read', async () => {
    const asked = open(NOTHING, '/?step=hold');
    const pressure = await screen.findByRole('textbox', { name: 'Test pressure' });
    await userEvent.clear(pressure);
    await userEvent.type(pressure, '50 parsec');
    await waitFor(() => expect(screen.getByRole('button', { name: 'Start reading' })).toBeEnabled());
    await userEvent.click(screen.getByRole('button', { name: 'Start reading' }));
    expect(await screen.findByRole('alert')).toHaveTextContent(/parsec/);
    await userEvent.clear(pressure);
    await userEvent.type(pressure, '50 psi');
    await userEvent.click(screen.getByRole('button', { name: 'Type readings' }));
    await userEvent.click(screen.getByRole('button', { name: 'Start reading' }));
    expect(asked.find(({ path }) => path.endsWith('/readings'))?.body).toMatchObject({
      source: 'typed',
      given: { kind: 'water', holdS: 900 },
    });
  });

  it('holds the line as the company set it, read by the logger that is free', async () => {
    const own = { 'building-water': { timesWorking: 2, holdS: 3600, source: 'Harbour authority' } };
    const asked = open(NOTHING, '/?step=hold', undefined, { ...COMPANY, holdRules: own });
    expect(await screen.findByText(/Source: Harbour authority/)).toBeVisible();
    await waitFor(() =>
      expect(screen.getByRole('combobox', { name: 'Which logger' })).toHaveTextContent('Gauge 1'),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Start reading' }));
    expect(asked.find(({ path }) => path.endsWith('/readings'))?.body).toMatchObject({
      source: 'device',
      deviceId: 'gauge-1',
      given: { holdS: 3600 },
    });
  });

  it('says why nothing comes from a logger', async () => {
    const trouble = 'its clock is 1.0 h ahead of the server’s.';
    open(
      { ...NOTHING, readings: [reading({ device: { name: 'Gauge 1', lastAt: null, trouble } })] },
      '/?step=hold',
    );
    expect(await screen.findByText(`Gauge 1 was refused: ${trouble}`)).toBeVisible();
  });

  it('says that a logger is silent', async () => {
    open(
      { ...NOTHING, readings: [reading({ device: { name: 'Gauge 1', lastAt: null, trouble: null } })] },
      '/?step=hold',
    );
    expect(await screen.findByText(/^Nothing came from Gauge 1 for \d+ min/)).toBeVisible();
  });

  it('reads a log from a file, row by row, and judges it', async () => {
    const asked = open(NOTHING, '/?step=hold');
    await userEvent.click(await screen.findByRole('button', { name: 'Import a log' }));
    expect(screen.getByRole('button', { name: 'Judge these samples' })).toBeDisabled();
    const text = 'time (s),gauge (psi)\n0,50\n10,50\n5,50\n20,soft';
    await userEvent.upload(
      screen.getByLabelText('Choose the log (CSV)'),
      textFile(text, 'log.csv', 'text/csv'),
    );
    expect(await screen.findByText('2 samples read from log.csv.')).toBeVisible();
    expect(screen.getByText(/^Row 4: .*out of order/)).toBeVisible();
    expect(screen.getByText(/^Row 5: “soft”/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Judge these samples' }));
    await screen.findByRole('button', { name: 'Judge these samples' });
    expect(asked.filter(({ method }) => method === 'POST').map(({ path }) => path.split('/').at(-1))).toEqual(
      ['readings', 'samples', 'end'],
    );
  });

  it('shows and changes nothing for whoever may only look, or once it is handed over', async () => {
    open(NOTHING, '/', ['look']);
    await steps();
    expect(screen.queryByRole('button', { name: 'Save' })).not.toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Skip step' })).not.toBeInTheDocument();
  });

  it('says who handed it over to whom', async () => {
    open({
      ...NOTHING,
      handedOver: { handedBy: 'Ada', takenBy: 'Harbour office', at: '2026-11-20T08:00:00Z' },
    });
    expect(await screen.findByText(/^Handed over on 20 Nov 2026 by Ada to Harbour office/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Save' })).not.toBeInTheDocument();
  });
});

describe('the valve chart', () => {
  it('names the first to close in large letters, and each with its turns', async () => {
    serve(({ path }) => (path.endsWith('/start-up') ? { body: NOTHING } : undefined));
    onLine(<ValveChartPage />);
    expect(await screen.findByRole('region', { name: 'CLOSE FIRST' })).toHaveTextContent(POSITION.tag);
    expect(screen.getByRole('row', { name: new RegExp(`^${POSITION.tag}`) })).toHaveTextContent(
      /not checked/,
    );
  });
});

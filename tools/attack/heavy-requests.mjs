// Requests that held up everybody once: each is answered or refused, and health never waits for it.
import { whileAsking } from './health-probe.mjs';
import { Person } from './person.mjs';

/** Health waits no longer than this under any of them, ms; in the tests, on whatever machine, no longer than what would be a hang. */
const LONGEST_WAIT_MS = { large: 50, small: 2_000 };

const PIPE = {
  lengthM: 100,
  diameterM: 0.1,
  frictionFactor: 0.02,
  waveSpeedMs: 1200,
  sourceHeadM: 50,
  initialFlowM3s: 0.01,
  closure: { law: 'ball', timeS: 1 },
  durationS: 2,
};
const DUTY = { function: 'isolate', medium: 'potable-cold', dn: 20, pressurePa: 5e5, temperatureC: 10 };

/** @param {number} count */
const chain = (count) => ({
  nodes: Array.from({ length: count }, (_, at) => ({ id: `n${at}`, kind: at === 0 ? 'source' : 'user' })),
  links: Array.from({ length: count - 1 }, (_, at) => ({
    id: `v${at}`,
    kind: 'valve',
    from: `n${at}`,
    to: `n${at + 1}`,
  })),
});

/** @param {number} share 1 for what the attack sent, less in the tests @returns {[what: string, path: string, body: () => string][]} */
const calculations = (share) => [
  [
    'surge with a late start',
    'surge',
    () => json({ ...PIPE, closure: { law: 'ball', peakLimitPa: 8e5, startS: 1e9 } }),
  ],
  [
    'surge of very many steps',
    'surge',
    () => json({ ...PIPE, reaches: 1000, durationS: 4 + 76 * share, series: false }),
  ],
  [
    'surge with an absurd wall',
    'surge',
    () => json({ ...PIPE, waveSpeedMs: undefined, pipeWall: { elasticModulusPa: 1e-300, wallM: 1e-9 } }),
  ],
  ['a list of surges', 'surge', () => json(times(200 * share, { ...PIPE, reaches: 500, durationS: 10 }))],
  ['segments of a chain', 'segments', () => json({ network: chain(20_000 * share) })],
  [
    'select of many candidates',
    'select',
    () =>
      json(
        times(60 * share, { duty: DUTY, candidates: times(20_000 * share, { type: 'ball', port: 'full' }) }),
      ),
  ],
  [
    'isolate in a large network',
    'isolate',
    () => json({ network: chain(200_000 * share), fault: { node: 'n5' } }),
  ],
  ['orders of nothing', 'read-order', () => json(times(5_000 * share, { text: 'q '.repeat(499) }))],
  [
    'a template of many kinds',
    'takeoff',
    () =>
      json({
        fixtures: [],
        options: [],
        currency: 'USD',
        template: Object.fromEntries(times(1_000_000 * share, 0).map((_, at) => [`kind ${at}`, 1])),
      }),
  ],
];

/** @param {number} share @returns {[what: string, path: string, body: () => string][]} */
const bodies = (share) => [
  ['a list of nothing, to a calculation', 'calc/pipe-loss', () => `[${'[],'.repeat(5_300_000 * share)}[]]`],
  ['a list of nothing, to jobs', 'jobs', () => `[${'[],'.repeat(5_300_000 * share)}[]]`],
  [
    'a very long list of nothing, to an archive',
    'archive/jobs',
    () => `[${'[],'.repeat(20_000_000 * share)}[]]`,
  ],
  ['a long text', 'jobs', () => json({ name: 'x'.repeat(16_000_000 * share) })],
];

const json = JSON.stringify;
/** @template T @param {number} count @param {T} value @returns {T[]} */
const times = (count, value) => Array.from({ length: Math.max(1, Math.round(count)) }, () => value);

/**
 * @param {import('./running-server.mjs').RunningServer} server @param {boolean} isLarge
 * @returns {Promise<string[]>} what went wrong
 */
export async function heavyRequests({ address }, isLarge) {
  const share = isLarge ? 1 : 0.02;
  const longestMs = LONGEST_WAIT_MS[isLarge ? 'large' : 'small'];
  const owner = await Person.owner(address, 'Heavy');
  const nobody = new Person(address);
  /** @type {string[]} */
  const wrong = [];
  const attacks = [
    ...calculations(share).map(([what, name, body]) => ({ what, path: `calc/${name}`, body })),
    ...bodies(share).map(([what, path, body]) => ({ what, path, body })),
  ];
  for (const { what, path, body } of attacks)
    for (const [who, person] of /** @type {const} */ ([
      ['nobody', nobody],
      ['somebody', owner],
    ])) {
      const sent = Buffer.from(body());
      const { result, worstMs } = await whileAsking(address, () =>
        person.send('POST', path, sent).catch(() => undefined),
      );
      const said = result ? `${result.status} in ${Math.round(result.ms)} ms` : 'cut off unread';
      const message = result?.body?.error?.message ?? '';
      const isWrong = (result && result.status >= 500) || worstMs > longestMs || message.length > 500;
      console.log(
        `${isWrong ? 'WRONG ' : ''}${what}, ${(sent.length / 1e6).toFixed(1)} MB from ${who}: ${said}, health waited ${worstMs.toFixed(0)} ms at most. ${message.slice(0, 140)}`,
      );
      if (isWrong) wrong.push(`${what} from ${who}: ${said}, health waited ${worstMs.toFixed(0)} ms`);
    }
  return wrong;
}

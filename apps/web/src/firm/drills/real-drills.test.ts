import type { JobWalkView, LineView } from '@grevik/contracts';
import { houseRuleSettings, shownDrill } from '@grevik/core';
import { BALL, GATE, LINE, NYLON, POSITION } from '../../testing/demo';
import { realDrill } from './real-drills';

const settings = houseRuleSettings();
const now = new Date('2026-11-29T08:00:00.000Z');
const walked: LineView = {
  ...LINE,
  positions: [
    { ...POSITION, id: 'p1', tag: 'CW-101', condition: { type: 'gate-solid', turning: 'seized' } },
    { ...POSITION, id: 'p2', tag: 'CW-102' },
  ],
  walk: {
    version: 1,
    items: [
      { id: 's', kind: 'source', depth: 0, name: 'Street' },
      { id: 'v2', kind: 'valve', depth: 0, positionId: 'p2' },
      { id: 'v1', kind: 'valve', depth: 0, positionId: 'p1' },
      { id: 'r', kind: 'run', depth: 0, lengthM: 6 },
      { id: 'f', kind: 'fixture', depth: 0, name: 'Bakery' },
    ] as LineView['walk']['items'],
  },
};
const job: JobWalkView = { id: 'job', name: 'Quay', houseRules: {}, lines: [walked] };
const asked = (kind: Parameters<typeof realDrill>[1]['kind']) =>
  realDrill({ job, models: [BALL, NYLON, GATE], settings, now }, { kind, level: 1, seed: 1 });

it('asks what to close on a line of the job, with its tags and as its valves were found', () => {
  const drill = asked('what-to-close');
  const { network } = drill!.shown as { network: { links: { id: string; state?: string }[] } };
  expect(network.links.find(({ id }) => id === 'CW-101')?.state).toBe('stuck-open');
  expect(drill && shownDrill('what-to-close', drill.shown, settings).key).toEqual(['CW-102']);
  expect(drill?.wayThere?.to).toBe('/jobs/job/lines/line/walk');
});

it('asks about a valve as it was found, with the next one upstream', () => {
  const drill = asked('touch-it-or-not');
  expect(drill?.shown).toMatchObject({
    place: { condition: { type: 'gate-solid', turning: 'seized' }, upstream: 'CW-102' },
  });
  expect(drill && shownDrill('touch-it-or-not', drill.shown, settings).key).toBe('leave-it');
});

it('asks nothing where the catalogue has too few models, or the line no check', () => {
  expect(asked('which-valve')).toBeUndefined();
  expect(asked('which-check')).toBeUndefined();
});

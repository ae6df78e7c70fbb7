import {
  type Network,
  VALVE_TYPES,
  castingAgainstOrder,
  catalogueModelInput,
  isolate,
  lineUp,
  orderLine,
  positionDutyInput,
  readOrder,
  specOfModel,
  walkNetwork,
} from '@grevik/core';
import { DEMO_CATALOGUE, DEMO_ENTRIES, DEMO_ORDERS } from './demo-data.js';
import { demoLines } from './demo-lines.js';

const DEMO_LINES = demoLines();
const positions = DEMO_LINES.filter(({ positions: [first] }) =>
  /^(CW|HW|GA|BS)/.test(first?.tag ?? ''),
).flatMap((line) => line.positions.map((position) => ({ ...position, medium: line.medium })));
const named = positions.map((position) => [position.tag, position] as const);

describe('the demo data', () => {
  it('is a catalogue the core reads, sixty models of every type, one with nylon seats and one without a drinking-water approval', () => {
    for (const model of DEMO_CATALOGUE)
      expect(() => catalogueModelInput.read(model, model.model)).not.toThrow();
    expect(DEMO_CATALOGUE.length).toBeGreaterThanOrEqual(60);
    expect(VALVE_TYPES.filter((of) => !DEMO_CATALOGUE.some(({ type }) => type === of))).toEqual([]);
    expect(DEMO_CATALOGUE.filter(({ seatMaterial }) => seatMaterial === 'nylon')).toHaveLength(1);
    expect(DEMO_CATALOGUE.some(({ approvals }) => !approvals?.includes('potable'))).toBe(true);
  });

  it('has orders said in full, for positions there are, and the wrong ones among what came are found', () => {
    const tags = new Set(positions.map(({ tag }) => tag));
    for (const { lines } of DEMO_ORDERS)
      for (const { text, tags: of, receipts = [] } of lines) {
        expect(of.filter((tag) => !tags.has(tag))).toEqual([]);
        const { spec, missing, text: back } = readOrder(text);
        if (spec.type === undefined) continue;
        expect([back, missing]).toEqual([text, []]);
        for (const { casting, accepted } of receipts)
          expect(castingAgainstOrder(spec, casting).differences.length === 0).toBe(accepted);
      }
    expect(DEMO_ORDERS.map(({ state }) => state).sort()).toEqual([
      'confirmed',
      'part-received',
      'received',
      'sent',
    ]);
  });

  it('orders every pick in words that are read back as they were', () => {
    for (const model of DEMO_CATALOGUE)
      for (const size of model.sizes) {
        const spec = specOfModel(model, size, { medium: 'potable-cold', orientation: 'horizontal' });
        expect(readOrder(orderLine(spec).text).spec).toEqual(spec);
      }
  });

  it('names no model and no tag twice', () => {
    const models = DEMO_CATALOGUE.map(({ maker, model }) => `${maker} ${model}`);
    expect(new Set(models).size).toBe(models.length);
    expect(new Set(positions.map(({ tag }) => tag)).size).toBe(positions.length);
  });

  it('has a domestic cold line of at least ten positions', () => {
    expect(DEMO_LINES[0]).toMatchObject({ name: 'Domestic cold', medium: 'potable-cold' });
    expect(DEMO_LINES[0]?.positions.length).toBeGreaterThanOrEqual(10);
  });

  it.each(named)(
    'asks at %s what can be read and what the catalogue can answer',
    (_tag, { duty, medium }) => {
      expect(positionDutyInput.read(duty, 'duty')).toEqual(duty);
      expect(lineUp({ ...duty, medium }, DEMO_CATALOGUE).columns.length).toBeGreaterThan(0);
    },
  );

  it.each(named.filter(([, { picked }]) => picked !== undefined))(
    'picks at %s what is not ruled out',
    (_tag, { duty, medium, picked }) => {
      const standing = lineUp({ ...duty, medium }, DEMO_CATALOGUE).columns.map(
        ({ model }) => `${model.maker} ${model.model}`,
      );
      expect(standing).toContain(picked);
    },
  );
});

describe('the demo’s lines as they are walked', () => {
  const lines = DEMO_LINES;
  const network = (name: string): Network => {
    const line = lines.find((one) => one.name === name);
    return walkNetwork(line?.items ?? [], () => ({ kind: 'valve' }));
  };

  it('are ten or more, with about 120 positions, each met once on its walk', () => {
    expect(lines.length).toBeGreaterThanOrEqual(10);
    const tags = lines.flatMap((line) => line.positions.map(({ tag }) => tag));
    expect(new Set(tags).size).toBe(tags.length);
    expect(tags.length).toBeGreaterThanOrEqual(110);
    for (const line of lines)
      expect(line.items.flatMap(({ valve }) => valve?.tag ?? [])).toEqual(
        line.positions.map(({ tag }) => tag),
      );
  });

  it('tell of entries only at positions there are', () => {
    const tags = new Set(lines.flatMap((line) => line.positions.map(({ tag }) => tag)));
    expect(DEMO_ENTRIES.filter(({ tag }) => !tags.has(tag))).toEqual([]);
  });

  it('have a looped grid of about 150 links, with hydrants', () => {
    const grid = network('Harbour grid');
    expect(grid.links.length).toBeGreaterThan(140);
    expect(grid.links.length).toBeGreaterThan(grid.nodes.length);
    expect(lines.at(-1)?.items.some(({ fixture }) => fixture === 'hydrant')).toBe(true);
  });

  it('feed every fixture', () => {
    for (const { name } of lines)
      expect(isolate(network(name), { node: network(name).nodes[0]!.id }).alreadyDry).toEqual([]);
  });
});

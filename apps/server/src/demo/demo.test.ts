import { catalogueModelInput, lineUp, positionDutyInput } from '@grevik/core';
import { DEMO_CATALOGUE } from './catalogue/demo-catalogue.js';
import { DEMO_LINES } from './demo-job.js';

const positions = DEMO_LINES.flatMap((line) =>
  line.positions.map((position) => ({ ...position, medium: line.medium })),
);
const named = positions.map((position) => [position.tag, position] as const);

describe('the demo data', () => {
  it('is a catalogue the core reads, about thirty models, one with nylon seats and one without a drinking-water approval', () => {
    for (const model of DEMO_CATALOGUE)
      expect(() => catalogueModelInput.read(model, model.model)).not.toThrow();
    expect(DEMO_CATALOGUE.length).toBeGreaterThanOrEqual(30);
    expect(DEMO_CATALOGUE.filter(({ seatMaterial }) => seatMaterial === 'nylon')).toHaveLength(1);
    expect(DEMO_CATALOGUE.some(({ approvals }) => !approvals?.includes('potable'))).toBe(true);
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

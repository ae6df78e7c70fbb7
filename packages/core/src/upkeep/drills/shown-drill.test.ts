import type { CatalogueModel } from '../../judgement/line-up/index.js';
import { houseRuleSettings, select } from '../../judgement/selection/index.js';
import { type ChooseValveQuestion, drill, gradeMade, positionDrill, shownDrill, shownKind } from './index.js';
import { VALVES_TO_CHOOSE_FROM } from './kinds/valves-to-choose-from.js';

const settings = houseRuleSettings();
const { duty } = drill({ kind: 'which-valve', seed: 7, level: 1, trade: 'gas' })
  .question as ChooseValveQuestion;
/** The stock of the counter as a catalogue. */
const models = VALVES_TO_CHOOSE_FROM.map((valve, at): CatalogueModel => ({
  ...valve,
  maker: 'Ostrand',
  model: `${at}`,
  sizes: [{ dn: duty.dn, price: 10 }],
}));

it('a position’s duty and the catalogue make a question with one best answer, the same each time', () => {
  const question = positionDrill(duty, models, settings, 'G-101');
  if (!question) throw new Error('nothing can be asked of this position');
  expect(positionDrill(duty, models, settings, 'G-101')).toEqual(question);
  const made = shownDrill('which-valve', question, settings);
  expect(made.trade).toBe('gas');
  const { ranked } = select(question.duty, question.candidates, settings);
  expect(gradeMade(made, String(ranked[0])).right).toBe(true);
});

it('asks nothing where no model is better than three others', () => {
  expect(positionDrill(duty, models.slice(0, 2), settings, 'G-101')).toBeUndefined();
});

it('a real line and its burst are graded by isolate', () => {
  const network = {
    nodes: [
      { id: 'main', kind: 'source' },
      { id: 'hall', kind: 'user' },
    ],
    links: [
      { id: 'CW-101', from: 'main', to: 'hall', kind: 'valve' },
      { id: 'run', from: 'hall', to: 'hall', kind: 'pipe' },
    ],
  };
  const made = shownDrill('what-to-close', { network, fault: { link: 'run' } }, settings);
  expect(gradeMade(made, ['CW-101'])).toMatchObject({ right: true, key: ['CW-101'] });
});

it('a valve as it was found is graded by the walk’s judgement', () => {
  const shown = {
    place: {
      duty: { function: 'isolate', medium: 'natural-gas', dn: 20 },
      condition: { type: 'plug-taper', turning: 'seized' },
    },
    now: '2026-11-29T08:00:00.000Z',
  };
  const made = shownDrill('touch-it-or-not', shown, settings);
  expect(gradeMade(made, 'replace-now').right).toBe(true);
  expect(gradeMade(made, 'work-it')).toMatchObject({ right: false, score: 0 });
});

it.each([
  ['fire-water', 'fire'],
  ['steam-low', 'steam'],
  ['raw-sewage', 'sewage'],
  ['lp-gas', 'gas'],
  ['irrigation', 'water'],
])('a valve that carries %s counts for %s', (medium, trade) => {
  const place = { duty: { function: 'isolate', medium, dn: 50 }, condition: { type: 'gate-resilient' } };
  const shown = { place, now: '2026-11-29T08:00:00.000Z' };
  expect(shownDrill('touch-it-or-not', shown, settings).trade).toBe(trade);
});

it('refuses what is no question of its kind, with the field', () => {
  expect(() => shownDrill('which-valve', { duty, candidates: [] }, settings)).toThrow(/shown\.candidates/);
  expect(() => shownKind('name-it')).toThrow(/with shown give one of which-valve/);
});

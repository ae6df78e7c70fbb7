import { number, record } from '../../ground/input/index.js';

const weight = number({ min: 0, max: 100 });

/** What counts how much in the ranking, against one another: only their proportions matter. */
export const weightsInput = record({ judgement: weight, price: weight, loss: weight, service: weight });

export interface Weights {
  /** The verdict's reasons. */
  judgement: number;
  /** Price per year of expected life. */
  price: number;
  /** What it passes fully open. */
  loss: number;
  /** How easily it is opened and repaired in place. */
  service: number;
}
export const WEIGHTED = ['judgement', 'price', 'loss', 'service'] as const;

/** Unless told otherwise. */
export const STANDARD_WEIGHTS: Weights = { judgement: 70, price: 30, loss: 0, service: 0 };

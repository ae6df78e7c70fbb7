import type { CatalogueModel } from '@grevik/core';
import { BALLS } from './balls.js';
import { BUTTERFLIES } from './butterflies.js';
import { GATES_AND_GLOBES } from './gates-and-globes.js';
import { STOPS } from './stops.js';

/** Made-up models of made-up makers at made-up prices. */
export const DEMO_CATALOGUE: readonly CatalogueModel[] = [
  ...BALLS,
  ...GATES_AND_GLOBES,
  ...BUTTERFLIES,
  ...STOPS,
];

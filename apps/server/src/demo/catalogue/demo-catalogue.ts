import type { CatalogueModel } from '@grevik/core';
import { BALLS } from './balls.js';
import { BUTTERFLIES } from './butterflies.js';
import { CHECKS } from './checks.js';
import { GATES_AND_GLOBES } from './gates-and-globes.js';
import { LARGE_LINES } from './large-lines.js';
import { PLUGS_AND_KNIVES } from './plugs-and-knives.js';
import { STEAM_AND_SELF_ACTING } from './steam-and-self-acting.js';
import { STOPS } from './stops.js';

/** Made-up models of made-up makers at made-up prices. */
export const DEMO_CATALOGUE: readonly CatalogueModel[] = [
  ...BALLS,
  ...GATES_AND_GLOBES,
  ...BUTTERFLIES,
  ...STOPS,
  ...CHECKS,
  ...PLUGS_AND_KNIVES,
  ...STEAM_AND_SELF_ACTING,
  ...LARGE_LINES,
].map(withBreaks);

/** What a counter gives off in small sizes: a tenth from a box of ten, a sixth from a case of fifty. */
function withBreaks(model: CatalogueModel): CatalogueModel {
  const off = (price: number, share: number): number => Math.round(price * (1 - share) * 100) / 100;
  return {
    ...model,
    sizes: model.sizes.map((size) =>
      size.dn > 25
        ? size
        : {
            ...size,
            breaks: [
              { from: 10, price: off(size.price, 0.1) },
              { from: 50, price: off(size.price, 1 / 6) },
            ],
          },
    ),
  };
}

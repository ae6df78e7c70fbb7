import type { Edge } from '@grevik/core';
import type { Words } from '../../words';
import { factName, figureWords, sentenceFact } from '../duty/field-words';
import type { Figures } from '../useFigures';

const named = ({ fact, value }: Pick<Edge, 'fact' | 'value'>, figures: Figures) => ({
  fact: factName(sentenceFact(fact)),
  value: figureWords(sentenceFact(fact), value, figures),
});

/** Each edge of a verdict in words: “pressure up to 480 psi, then with care”. */
export const edgesSaid = ({ edges }: { edges: readonly Edge[] }, figures: Figures, words: Words): string[] =>
  edges.map(({ direction, verdict, ...edge }) =>
    words(direction === 'up' ? 'holds.up' : 'holds.down', {
      ...named(edge, figures),
      then: words(`holds.then.${verdict}`),
    }),
  );

/** Each edge of a pick that its duty has crossed, in a sentence. */
export const crossedSaid = (crossed: readonly Edge[], figures: Figures, words: Words): string[] =>
  crossed.map(({ direction, ...edge }) =>
    words(direction === 'up' ? 'pick.heldUp' : 'pick.heldDown', named(edge, figures)),
  );

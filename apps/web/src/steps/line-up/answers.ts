import type { ModelView } from '@grevik/contracts';
import {
  APPROVALS,
  BODY_MATERIALS,
  BODY_WORDS,
  type Candidate,
  OPERATORS,
  PORTS,
  SEAT_MATERIALS,
  SEAT_WORDS,
  STEMS,
} from '@grevik/core';
import { createContext } from 'react';
import { RATING_CHOICES, ratingWords } from '../../kit/rating-choices';
import type { Figures } from '../../kit/useFigures';
import type { Words } from '../../words';
import { translated } from '../../words';

/** What a person answered to a question of the rules, by model: judged again at once with it. */
export type Answers = Readonly<Record<string, Partial<Candidate>>>;

/** How a question of the rules is answered where it is put; nobody answers where none is given. */
export interface Answering {
  answer: (modelId: string, fact: Partial<Candidate>) => void;
}

export const AnsweringContext = createContext<Answering | null>(null);

/** One way to answer a question. */
export interface Choice {
  say: string;
  fact: Partial<Candidate>;
}

/** A model with what was answered of it: a bore belongs to its size, the rest to all of them. */
export function withAnswer(model: ModelView, fact: Partial<Candidate> | undefined, dn: number): ModelView {
  if (!fact) return model;
  const { boreM, unitPrice: _price, ...shared } = fact;
  const sizes = model.sizes.map((size) =>
    boreM !== undefined && size.dn === dn ? { ...size, boreM } : size,
  );
  return { ...model, ...shared, sizes };
}

const plain = (id: string): string => translated(id.replaceAll('-', ' '));

/** The ways a question about a field can be answered; none where it wants a figure. */
export function choicesFor(field: string, figures: Figures, words: Words): Choice[] {
  switch (field) {
    case 'operator':
      return OPERATORS.map((operator) => ({ say: plain(operator), fact: { operator } }));
    case 'stem':
      return STEMS.map((stem) => ({ say: plain(stem), fact: { stem } }));
    case 'port':
      return PORTS.map((port) => ({ say: port, fact: { port } }));
    case 'pieces':
      return [1, 2, 3].map((pieces) => ({ say: String(pieces), fact: { pieces } }));
    case 'bodyMaterial':
      return BODY_MATERIALS.map((bodyMaterial) => ({
        say: translated(BODY_WORDS[bodyMaterial]),
        fact: { bodyMaterial },
      }));
    case 'seatMaterial':
    case 'discMaterial':
      return SEAT_MATERIALS.map((material) => ({
        say: translated(SEAT_WORDS[material]),
        fact: { [field]: material },
      }));
    case 'approvals':
      return [
        { say: words('answers.noApproval'), fact: { approvals: [] } },
        ...APPROVALS.map((approval) => ({ say: translated(approval), fact: { approvals: [approval] } })),
      ];
    case 'listedIndicating':
      return [
        { say: words('catalogue.yes'), fact: { listedIndicating: true } },
        { say: words('catalogue.no'), fact: { listedIndicating: false } },
      ];
    case 'ratingId':
      return RATING_CHOICES.map((ratingId) => ({
        say: ratingWords(ratingId, figures, words),
        fact: { ratingId },
      }));
    default:
      return [];
  }
}

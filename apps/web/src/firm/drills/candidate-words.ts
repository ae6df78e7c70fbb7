import { type Candidate, type CatalogueModel, modelWords, orderChoice } from '@grevik/core';
import { translated, words } from '../../words';

/** A candidate that is nobody's model: what it is, and its particulars. */
export function candidateWords(candidate: Candidate): { name: string; details: string } {
  const { name, details } = modelWords({ ...candidate, maker: '', model: '', sizes: [] } as CatalogueModel);
  const more = [
    candidate.stem && orderChoice('stem', candidate.stem),
    candidate.operator && orderChoice('operator', candidate.operator),
    candidate.approvals?.length && words('drills.approvedFor', { list: candidate.approvals.join(', ') }),
  ].filter(Boolean);
  return { name, details: [translated(details), ...more].join(', ') };
}

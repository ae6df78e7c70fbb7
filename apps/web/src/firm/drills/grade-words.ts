import type { DrillGrade } from '@grevik/core';
import type { Words } from '../../words';

/** Right, nearly right by how much, or wrong. */
export function gradeWords({ right, score }: Pick<DrillGrade, 'right' | 'score'>, words: Words): string {
  if (right) return words('drills.right');
  return score > 0 ? words('drills.nearly', { percent: Math.round(score * 100) }) : words('drills.wrong');
}

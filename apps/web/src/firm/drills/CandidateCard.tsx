import type { Candidate } from '@grevik/core';
import { Cutaway } from '../../kit/cutaway/Cutaway';
import { candidateWords } from './candidate-words';
import styles from './Drills.module.css';

/** A valve to choose: cut open, with its particulars. */
export function CandidateCard({ candidate }: { candidate: Candidate }) {
  const { name, details } = candidateWords(candidate);
  return (
    <>
      <Cutaway model={candidate} opening={1} />
      <b>{name}</b>
      <span className={styles.soft}>{details}</span>
    </>
  );
}

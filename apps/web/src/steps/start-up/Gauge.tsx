/** One figure of a reading, with what it is. */
export function Gauge({ term, said }: { term: string; said: string }) {
  return (
    <div>
      <dt>{term}</dt>
      <dd>{said}</dd>
    </div>
  );
}

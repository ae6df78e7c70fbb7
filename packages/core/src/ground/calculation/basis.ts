/** What a result stands on, said beside it. */
export interface Basis {
  method: string;
  source: string;
  /** Where it holds. */
  limits: string;
  /** What it leaves out. */
  ignores: string;
}

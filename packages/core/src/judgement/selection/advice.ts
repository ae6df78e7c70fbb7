/** Said wherever verdicts are shown. */
export const ADVICE =
  'Advice for a qualified person: local code, the authority, the listing and the maker override it.';

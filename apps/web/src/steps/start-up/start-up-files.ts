import type { Paper, StartUpFileKind } from '@grevik/contracts';
import type { UnitSystem } from '@grevik/core';
import type { Language } from '@grevik/words';

/** The paper that goes with the units a person reads. */
export const usualPaper = (system: UnitSystem): Paper => (system === 'us' ? 'letter' : 'a4');

/** The address of a file of a line’s start-up. */
export const startUpFile = (
  lineId: string,
  kind: StartUpFileKind,
  { system, language, paper = usualPaper(system) }: { system: UnitSystem; language: Language; paper?: Paper },
): string => `/api/lines/${lineId}/start-up/${kind}.pdf?paper=${paper}&units=${system}&language=${language}`;

import { type CheckDiagnosis, InvalidInput, checkDiagnosis } from '@grevik/core';

export interface StationTask {
  /** A stretch of levels as JSON. */
  levels: string;
  wellAreaM2: number;
  pumpFlowM3s: number | null;
}

/** What a station's levels say of its check: in a thread of its own. @returns null where there are too few cycles to say anything */
export function diagnoseStation({
  levels,
  wellAreaM2,
  pumpFlowM3s,
}: StationTask): Promise<CheckDiagnosis | null> {
  const { timeS, levelM, pumpOn } = JSON.parse(levels) as {
    timeS: number[];
    levelM: number[];
    pumpOn: boolean[];
  };
  const samples = timeS.map((time, at) => ({
    timeS: time,
    levelM: levelM[at] ?? 0,
    pumpOn: pumpOn[at] ?? false,
  }));
  try {
    return Promise.resolve(
      checkDiagnosis({ samples, wellAreaM2, ...(pumpFlowM3s !== null && { pumpFlowM3s }) }),
    );
  } catch (error) {
    if (error instanceof InvalidInput) return Promise.resolve(null);
    throw error;
  }
}

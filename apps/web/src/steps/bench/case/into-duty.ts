import type { PositionDuty } from '@grevik/core';
import { createContext } from 'react';

/** Facts that a bench and the duty have under one name. */
const SHARED = ['flowM3s', 'pressurePa', 'temperatureC', 'startsPerHour', 'orientation'] as const;
export type SharedFact = (typeof SHARED)[number];

export const isSharedFact = (name: string): name is SharedFact =>
  (SHARED as readonly string[]).includes(name);

/** Puts a figure that was entered on a bench into the duty of its position; undefined where the reader may not change it. */
export const IntoDutyContext = createContext<
  ((fact: SharedFact, value: PositionDuty[SharedFact]) => void) | undefined
>(undefined);

import {
  type Duty,
  type HouseRuleSettings,
  type PositionDuty,
  assumedFacts,
  candidateOf,
  openVerdicts,
} from '@grevik/core';
import { useEffect, useMemo, useState } from 'react';
import type { ModelColumn } from './model-column';
import { type Ahead, type Asked, plainDuty } from './look-ahead';
import { besideTheScreen } from './beside-the-screen';

/** One at a time; of those that come meanwhile only the latest is asked. */
let running = false;
let latest: (() => Promise<void>) | undefined;
async function inTurn(work: () => Promise<void>): Promise<void> {
  latest = work;
  if (running) return;
  running = true;
  while (latest) {
    const next: () => Promise<void> = latest;
    latest = undefined;
    await next();
  }
  running = false;
}

const SLOW_MS = 200;
/** The line-up is drawn first. */
const DRAWN_MS = 50;

export interface LookedAhead {
  /** Undefined until the first answer. */
  ahead: Ahead | undefined;
  /** Models by the place questions name them by. */
  order: readonly ModelColumn[];
  isSlow: boolean;
}

/**
 * What to ask first and until when verdicts hold, worked out beside the screen.
 *
 * @param duty     as the position gives it
 * @param columns  what could serve, best first
 * @param tray     what is out
 * @param settings house rules in force
 * @param isUntil  whether it is asked until when verdicts hold, too
 */
export function useAhead(
  duty: Duty & Pick<PositionDuty, 'origins'>,
  columns: readonly ModelColumn[],
  tray: readonly ModelColumn[],
  settings: HouseRuleSettings,
  isUntil = true,
): LookedAhead {
  const [known, setKnown] = useState<{ of: Asked; ahead: Ahead }>();
  const [slow, setSlow] = useState<Asked>();
  const order = useMemo(() => [...columns, ...tray], [columns, tray]);
  const asked = useMemo((): Asked => {
    return {
      duty: plainDuty(duty),
      candidates: order.map(({ model, size }) => candidateOf(model, size)),
      lifeYears: order.map(({ life }) => life.years),
      serving: isUntil ? columns.length : 0,
      assumed: assumedFacts(duty),
      settings,
    };
  }, [duty, order, columns.length, settings, isUntil]);
  useEffect(() => {
    let isOutdated = false;
    const timer = window.setTimeout(() => setSlow(asked), SLOW_MS);
    const beginning = window.setTimeout(() => {
      void inTurn(async () => {
        if (isOutdated) return;
        const ahead = await besideTheScreen().lookAhead(asked);
        window.clearTimeout(timer);
        if (!isOutdated) setKnown({ of: asked, ahead });
      });
    }, DRAWN_MS);
    return () => {
      isOutdated = true;
      window.clearTimeout(beginning);
      window.clearTimeout(timer);
    };
  }, [asked]);
  const ahead = known?.of === asked ? known.ahead : undefined;
  const isSlow = ahead === undefined && slow === asked;
  return useMemo(() => ({ ahead, order, isSlow }), [ahead, order, isSlow]);
}

/** Ids of the models whose verdict is only so far: an open question could change it. */
export function soFar({ ahead, order }: Pick<LookedAhead, 'ahead' | 'order'>): ReadonlySet<string> {
  return new Set(ahead && [...openVerdicts(ahead.questions)].map((index) => order[index]?.model.id ?? ''));
}

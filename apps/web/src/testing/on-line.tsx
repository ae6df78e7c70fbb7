import type { LineView, ModelView, Permission } from '@grevik/contracts';
import { houseRuleSettings } from '@grevik/core';
import type { ReactElement } from 'react';
import { Outlet, Route, Routes } from 'react-router';
import { BALL, GATE, LINE, NYLON } from './demo';
import { show } from './render';

/** Shows a screen of a line as its frame does: with line, position, catalogue and house rules at hand. */
export function onLine(
  screen: ReactElement,
  {
    line = LINE,
    models = [BALL, NYLON, GATE],
    at = '/',
    may,
  }: { line?: LineView; models?: ModelView[]; at?: string; may?: readonly Permission[] } = {},
): ReturnType<typeof show> {
  const context = {
    line,
    models,
    position: line.positions[0],
    settings: houseRuleSettings(),
    companyName: 'Tarnside',
    jobName: 'Quay',
    money: (amount: number) => `$${amount.toFixed(2)}`,
    addressOf: ({ tag }: { tag: string }) => `/jobs/job/lines/line/line-up/${tag}`,
  };
  return show(
    <Routes>
      <Route element={<Outlet context={context} />}>
        <Route path="*" element={screen} />
      </Route>
    </Routes>,
    { at, ...(may && { may }) },
  );
}

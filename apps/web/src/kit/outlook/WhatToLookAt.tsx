import type { LineView, ModelView, PositionView } from '@grevik/contracts';
import { type Duty, type HouseRuleSettings, lineUp } from '@grevik/core';
import { useMemo } from 'react';
import { useWords } from '../../words';
import { AskFirst } from './AskFirst';
import { useAhead } from './useAhead';

interface WhatToLookAtProps {
  line: LineView;
  position: PositionView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
}

/** What to look at while one is standing at a position: the facts its pick hangs on. */
export function WhatToLookAt({ line, position, models, settings }: WhatToLookAtProps) {
  const words = useWords();
  const duty: Duty = useMemo(() => ({ ...position.duty, medium: line.medium }), [position.duty, line.medium]);
  const judged = useMemo(
    () =>
      lineUp(
        duty,
        models.filter(({ retired }) => !retired),
        settings,
      ),
    [duty, models, settings],
  );
  const looked = useAhead(duty, judged.columns, judged.tray, settings, false);
  return <AskFirst line={line} position={position} looked={looked} title={words('ask.lookAt')} />;
}

import { type Found, VALVE_TYPE_FACTS } from '@grevik/core';
import type { Words } from '../../words';
import type { Figures } from '../useFigures';
import { translated } from '../../words';

/** What was found, fact by fact in a line. */
export function foundWords(found: Found, words: Words, figures: Figures): string {
  const {
    flow,
    flowBeforeM3s,
    flowAfterM3s,
    type,
    marking,
    turning,
    holding,
    leaking,
    turns,
    handleShows,
    standing,
  } = found;
  return [
    type && (type === 'nothing' ? words('walk.nothing') : translated(VALVE_TYPE_FACTS[type].words)),
    marking && `“${marking}”`,
    turning && words('found.says.turning', { how: words(`found.turning.${turning}`) }),
    turns !== undefined && words('log.turnsFigure', { turns }),
    holding && words('found.says.holding', { how: words(`found.holding.${holding}`) }),
    leaking && words('found.says.leaking', { how: words(`found.leaking.${leaking}`) }),
    handleShows !== undefined && words(handleShows ? 'found.says.handleTrue' : 'found.says.handleLies'),
    flow && words(`found.flow.${flow}`),
    flowBeforeM3s !== undefined &&
      words('found.says.flowBefore', { flow: figures.quantity(flowBeforeM3s, 'flow') }),
    flowAfterM3s !== undefined &&
      words('found.says.flowAfter', { flow: figures.quantity(flowAfterM3s, 'flow') }),
    standing && words('found.says.standing', { how: words(`found.standing.${standing}`) }),
  ]
    .filter(Boolean)
    .join(', ');
}

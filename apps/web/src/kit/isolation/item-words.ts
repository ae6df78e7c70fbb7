import type { PositionView } from '@grevik/contracts';
import {
  type WalkItem,
  FIXTURES,
  PIPE_FACTS,
  VALVE_TYPE_FACTS,
  type ValveType,
  capitalized,
  conditionAt,
  formatNominalSize,
} from '@grevik/core';
import type { Figures } from '../useFigures';
import { shortName } from '../position-name';
import type { Words } from '../../words';
import { translated } from '../../words';

/** What an item is called, and what is known of it in a word. */
export interface ItemWords {
  name: string;
  facts: string;
}

/** Says an item of a walk in the person's units. */
export function itemWords(
  item: WalkItem,
  position: PositionView | undefined,
  figures: Figures,
  words: Words,
): ItemWords {
  switch (item.kind) {
    case 'source':
      return { name: item.name ?? words('walk.source'), facts: '' };
    case 'tee':
      return { name: item.name ?? words('walk.tee'), facts: '' };
    case 'fixture': {
      const { words: kind } = FIXTURES[item.fixture ?? 'other'];
      const count = item.count === undefined || item.count === 1 ? '' : ` ×${item.count}`;
      return { name: `${capitalized(translated(kind))}${count}`, facts: item.name ?? '' };
    }
    case 'run': {
      const pipe = [
        item.dn === undefined ? '' : figures.size(item.dn),
        item.material ? translated(PIPE_FACTS[item.material].words) : '',
      ]
        .filter(Boolean)
        .join(' ');
      const length = item.lengthM === undefined ? '' : figures.quantity(item.lengthM, 'length');
      const rise = item.riseM
        ? words(item.riseM > 0 ? 'walk.up' : 'walk.down', {
            height: figures.quantity(Math.abs(item.riseM), 'length'),
          })
        : '';
      return {
        name: item.name ?? (pipe === '' ? words('walk.run') : pipe),
        facts: [item.name === undefined ? '' : pipe, length, rise, item.endsAt ? words('walk.loop') : '']
          .filter(Boolean)
          .join(' · '),
      };
    }
    case 'valve': {
      // Typed without a network: it has no position until the server has made one.
      if (!position)
        return {
          name: item.name ?? words('walk.valve'),
          facts: item.type === undefined ? '' : shortType(item.type),
        };
      const { type, turning, holding } = conditionAt(item, position.condition);
      return {
        name: `${position.tag} ${shortName(position)}`,
        facts: [
          figures.size(position.duty.dn),
          type === undefined ? '' : type === 'nothing' ? words('walk.nothing') : shortType(type),
          turning && turning !== 'freely'
            ? words(`found.turning.${turning}`)
            : holding && holding !== 'tight'
              ? words(`found.holding.${holding}`)
              : '',
        ]
          .filter(Boolean)
          .join(' · '),
      };
    }
  }
}

const shortType = (type: ValveType): string => translated(VALVE_TYPE_FACTS[type].words).split(',')[0] ?? type;

/** An item as it would be typed: what the field for writing takes. */
export function asTyped(item: WalkItem, figures: Figures): string {
  const named = (text: string): string => (item.name === undefined ? text : `${text}: ${item.name}`);
  if (item.kind === 'source') return named('source');
  if (item.kind === 'tee') return named('tee');
  if (item.kind === 'fixture')
    return named(
      `${translated(FIXTURES[item.fixture ?? 'other'].words)}${item.count && item.count > 1 ? ` x${item.count}` : ''}`,
    );
  const size = item.dn === undefined ? '' : formatNominalSize(item.dn, figures.system);
  const parts = [
    size,
    item.material?.replace('-', ' ') ?? 'run',
    item.lengthM === undefined ? '' : figures.quantity(item.lengthM, 'length'),
    item.riseM ? `${item.riseM > 0 ? 'up' : 'down'} ${figures.quantity(Math.abs(item.riseM), 'length')}` : '',
  ];
  return named(parts.filter(Boolean).join(' '));
}

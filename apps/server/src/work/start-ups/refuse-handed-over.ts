import { Refusal } from '../../ground/errors/refusal.js';
import type { Line } from '../lines/line.model.js';
import type { HandOver } from './hand-over.model.js';

/** Refuses a change of a start-up that is closed. */
export async function refuseHandedOver(
  handOvers: typeof HandOver,
  { id, name }: Pick<Line, 'id' | 'name'>,
): Promise<void> {
  if (await handOvers.count({ where: { lineId: id } }))
    throw new Refusal(409, {
      code: 'conflict',
      message: `${name} was handed over. What follows is written in the log of its positions.`,
    });
}

import { type OpenField, type ValveSpec, orderLine, readOrder } from '../../../trade/order-wording/index.js';
import { type Draw, drawEach, untilMade } from '../draw.js';
import type { DrillFrom } from '../made-drill.js';
import { type OrderedValves, VALVES_TO_ORDER } from './valves-to-order.js';

export interface ValveToOrder {
  spec: ValveSpec;
  /** Complete, with nothing missing. */
  text: string;
  of: OrderedValves;
}

/** A valve that can be ordered in full, and is read back from its own line as it is. */
export const valveToOrder = ({ draw, level, trade }: DrillFrom): ValveToOrder =>
  untilMade(() => {
    const rows = VALVES_TO_ORDER.filter((row) =>
      trade === undefined ? row.level === level : row.trade === trade,
    );
    const of = draw.of(rows.length > 0 ? rows : VALVES_TO_ORDER);
    const drawn = drawnFrom(draw, of);
    const { text } = orderLine(drawn);
    const { spec, missing, unread, conflicts } = readOrder(text);
    return missing.length + unread.length + conflicts.length === 0 ? { spec, text, of } : undefined;
  });

const drawnFrom = (draw: Draw, { family, type, fields }: OrderedValves): ValveSpec => ({
  family,
  ...(type && { type }),
  ...drawEach<ValveSpec>(draw, fields),
});

/** Fields as they are called when one speaks of an order. */
export const FIELD_NAMES: Readonly<Partial<Record<keyof ValveSpec, string>>> = {
  type: 'type',
  dn: 'size',
  ends: 'connections',
  form: 'form',
  action: 'action',
  port: 'port',
  body: 'body material',
  leadFree: 'lead-free',
  pieces: 'number of body pieces',
  seat: 'seat material',
  disc: 'disc material',
  stem: 'stem',
  operator: 'operator',
  rating: 'pressure rating',
  facing: 'flange facing',
  trim: 'trim number',
  bonnet: 'bonnet',
  standard: 'standard',
  coating: 'coating',
  opening: 'opening direction',
  approvals: 'approvals',
};

/** The name of a field, as it stands where none is kept. */
export const orderFieldName = (field: keyof ValveSpec): string => FIELD_NAMES[field] ?? field;

/** Why an order needs a field, where it does. */
export const whyNeeded = (missing: readonly OpenField[], field: keyof ValveSpec): string | undefined =>
  missing.find((open) => open.field === field)?.why;

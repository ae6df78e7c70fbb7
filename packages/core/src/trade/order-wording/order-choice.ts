import type { End, Operator, Port, SeatMaterial, Stem, ValveType } from '../../ground/valves/index.js';
import { BODY_MATERIALS, type BodyMaterial } from '../../ground/valves/index.js';
import {
  ORDER_ACTION_WORDS,
  ORDER_BODY_WORDS,
  ORDER_BONNET_WORDS,
  ORDER_END_WORDS,
  ORDER_FORM_WORDS,
  ORDER_OPERATOR_WORDS,
  ORDER_ORIENTATION_WORDS,
  ORDER_PORT_WORDS,
  ORDER_SEAT_WORDS,
  ORDER_STEM_WORDS,
  ORDER_TYPE_WORDS,
} from './order-words.js';
import type { ValveSpec } from './valve-spec.js';

const PHRASES: Partial<Record<keyof ValveSpec, (choice: string) => string>> = {
  type: (choice) => ORDER_TYPE_WORDS[choice as ValveType],
  ends: (choice) => `${ORDER_END_WORDS[choice as End]} x ${ORDER_END_WORDS[choice as End]}`,
  form: (choice) => ORDER_FORM_WORDS[choice as keyof typeof ORDER_FORM_WORDS],
  action: (choice) => ORDER_ACTION_WORDS[choice as keyof typeof ORDER_ACTION_WORDS],
  body: (choice) =>
    (BODY_MATERIALS as readonly string[]).includes(choice)
      ? ORDER_BODY_WORDS[choice as BodyMaterial]
      : choice,
  port: (choice) => ORDER_PORT_WORDS[choice as Port],
  seat: (choice) => `${ORDER_SEAT_WORDS[choice as SeatMaterial]} seats`,
  operator: (choice) => ORDER_OPERATOR_WORDS[choice as Operator],
  trim: (choice) => `trim ${choice}`,
  bonnet: (choice) => ORDER_BONNET_WORDS[choice as keyof typeof ORDER_BONNET_WORDS],
  stem: (choice) => ORDER_STEM_WORDS[choice as Stem],
  coating: (choice) => (choice === 'epoxy' ? 'epoxy-coated' : 'uncoated'),
  opening: (choice) => `open ${choice}`,
  kind: (choice) => ORDER_TYPE_WORDS[`check-${choice}` as ValveType],
  orientation: (choice) => ORDER_ORIENTATION_WORDS[choice] ?? choice,
  setPressurePa: (choice) => `set at ${choice}`,
  rangePa: (choice) => `range ${choice}`,
  facing: (choice) => choice.toUpperCase(),
  normally: (choice) => `normally ${choice}`,
};

/**
 * What the counter hears for a choice of a missing field; said before a line it settles that field.
 *
 * @param field  of an open field
 * @param choice one of its choices
 *
 * @example
 * orderChoice('seat', 'ptfe') // 'PTFE seats'
 */
export const orderChoice = (field: keyof ValveSpec, choice: string): string =>
  PHRASES[field]?.(choice) ?? choice;

/** A connection as the counter says it. */
export const orderEndWords = (end: End): string => ORDER_END_WORDS[end];

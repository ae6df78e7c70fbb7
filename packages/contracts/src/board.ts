import type { Condition, JobOutlook, Medium, ValveFunction, ValveType } from '@grevik/core';
import type { OrderView } from './order.js';

/** A position as the board of its job shows it. */
export interface BoardPosition {
  id: string;
  tag: string;
  remarks: string;
  function: ValveFunction;
  dn: number;
  /** Type of the model that is picked; null where none is. */
  pickedType: ValveType | null;
  /** What was found there. */
  condition: Condition;
  /** State of the order its valve is on; null where it is on none. */
  ordered: OrderView['state'] | null;
  /** Whether its line was handed over. */
  isHandedOver: boolean;
}

export interface BoardLine {
  id: string;
  name: string;
  medium: Medium;
  /** In flow order. */
  positions: BoardPosition[];
}

/** What a supplier was asked to deliver to a job. */
export interface BoardOrder {
  id: string;
  /** Null while no supplier is chosen. */
  supplier: string | null;
  state: OrderView['state'];
  lines: number;
  /** The longest lead time of its lines, days; null where none is known. */
  leadDays: number | null;
}

/** A job at a glance: every line with the state of its valves, and its orders. */
export interface BoardView {
  id: string;
  name: string;
  /** ISO; null while the job is open. */
  archivedAt: string | null;
  lines: BoardLine[];
  orders: BoardOrder[];
}

/** What to ask first on a job, and the picks their duty has outgrown. */
export type JobOutlookView = JobOutlook;

import type { Medium } from '../../ground/media/index.js';
import type { Operator, ValveFunction, ValveType } from '../../ground/valves/index.js';
import { type EntryKind, TURNING_TASKS, type Task, type Visit } from '../../judgement/log/index.js';
import type { HouseRuleSettings } from '../../judgement/selection/index.js';
import { type Condition, isPassing, isUnexercised, typeFound } from '../../judgement/walk/index.js';
import { type DueTask, nextDue, type TaskDone } from './next-due.js';
import type { OwnIntervals } from './own-intervals.js';

/** An entry of the log, as far as it decides what is due. */
export interface KeptEntry {
  kind: EntryKind;
  /** ISO, UTC. */
  happenedAt: string;
  visit?: Visit | null;
}

/** A position with all that decides what is due there. */
export interface KeptPosition {
  medium: Medium;
  duty: { function: ValveFunction; dn: number; lockout?: boolean | undefined };
  /** The model that is picked, where one is. */
  model?: { type: ValveType; operator?: Operator | undefined; pieces?: number | undefined } | undefined;
  condition: Condition;
  /** When its line was handed over, ISO. */
  handedOverAt?: string | undefined;
  entries: readonly KeptEntry[];
}

/** A valve that stands at a position and works. */
export interface ValveInService {
  type: ValveType;
  operator?: Operator | undefined;
  pieces?: number | undefined;
  /** The day it was put in, `YYYY-MM-DD`, where that is known. */
  since?: string;
}

const dayOf = (moment: string): string => moment.slice(0, 10);

/**
 * The valve in service at a position: the picked one once its line was handed over or it replaced another, else the one that was found there. A
 * start-up operates every valve, so that its hand-over counts as the day for both.
 *
 * @returns undefined where no valve is known to stand there
 *
 * @example
 * valveInService({ medium: 'potable-cold', duty: { function: 'isolate', dn: 25 }, condition: { type: 'gate-solid' }, entries: [] })?.type // 'gate-solid'
 */
export function valveInService({
  model,
  condition,
  handedOverAt,
  entries,
}: KeptPosition): ValveInService | undefined {
  const replaced = entries.filter(({ kind }) => kind === 'replaced').map(({ happenedAt }) => happenedAt);
  const since = [...replaced, ...(handedOverAt === undefined ? [] : [handedOverAt])].sort().pop();
  const day = since === undefined ? {} : { since: dayOf(since) };
  if (model && since !== undefined) return { ...model, ...day };
  const type = typeFound(condition);
  return type && { type, ...day };
}

/** A task at a position, with the day its interval counts from: left out where nobody knows it. */
export interface DueHere extends DueTask {
  lastOn?: string;
}

/** What is to be done at a position, and what is not. */
export interface DueAtPosition {
  tasks: DueHere[];
  /** Why the valve stands on the replacement list and is not operated; left out where it does not. */
  doNotOperate?: 'seized' | 'leaks-by' | 'unexercised';
}

/**
 * What is due at a position in service. A valve that was found seized or leaking by is not exercised until it is dealt with, nor is a solid gate that
 * nobody operated for three years, where the house rule goes by age.
 *
 * @param position with its entries
 * @param settings house rules
 * @param asOf     the day it is asked
 * @returns undefined where no valve is known to be in service
 *
 * @example
 * dueAt({ medium: 'potable-cold', duty: { function: 'isolate', dn: 25 }, condition: { type: 'ball' }, entries: [] }, houseRuleSettings({}), new Date('2026-11-28'))?.tasks
 */
export function dueAt(
  position: KeptPosition,
  settings: HouseRuleSettings,
  asOf: Date,
  own?: OwnIntervals,
): DueAtPosition | undefined {
  const valve = valveInService(position);
  if (!valve) return undefined;
  const { since, ...kept } = valve;
  const { medium, duty, condition } = position;
  const done = tasksDone(position.entries);
  const due = nextDue({
    ...kept,
    medium,
    function: duty.function,
    dn: duty.dn,
    supervised: duty.lockout,
    houseRules: settings,
    installedOn: since,
    done,
    own,
    asOf: dayOf(asOf.toISOString()),
  });
  const tasks = due.tasks.map((one): DueHere => {
    const days = done.flatMap(({ task, on }) => (task === one.task ? [on] : [])).sort();
    const lastOn = days[days.length - 1] ?? since;
    return { ...one, ...(lastOn !== undefined && { lastOn }) };
  });
  const doNotOperate = whyNotOperated(valve.type, condition, settings, asOf);
  return doNotOperate === undefined
    ? { tasks }
    : { tasks: tasks.filter(({ task }) => !TURNING_TASKS.includes(task)), doNotOperate };
}

function whyNotOperated(
  type: ValveType,
  condition: Condition,
  settings: HouseRuleSettings,
  now: Date,
): DueAtPosition['doNotOperate'] {
  if (condition.turning === 'seized') return 'seized';
  if (isPassing(condition)) return 'leaks-by';
  const isOldGate = type === 'gate-solid' && settings['old-gates'] === 'by-age';
  return isOldGate && isUnexercised(condition, now) ? 'unexercised' : undefined;
}

/** What was done when: on rounds, and where somebody wrote that it was operated. */
function tasksDone(entries: readonly KeptEntry[]): TaskDone[] {
  return entries.flatMap(({ kind, happenedAt, visit }) => {
    const tasks: readonly Task[] = kind === 'turned' ? TURNING_TASKS : (visit?.done ?? []);
    return tasks.map((task) => ({ task, on: dayOf(happenedAt) }));
  });
}

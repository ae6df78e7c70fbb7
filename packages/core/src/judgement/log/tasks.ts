/** What is done at a valve in service, again and again. */
export const TASKS = [
  'fire-look',
  'fire-exercise',
  'exercise',
  'gas-leak',
  'lubricate',
  'packing',
  'look-inside',
  'count-starts',
  'reducer-check',
  'strainer',
  'lift',
  'cycle',
  'seat-adjust',
] as const;
export type Task = (typeof TASKS)[number];

/** What a task is called. */
export const TASK_WORDS: Readonly<Record<Task, string>> = {
  'fire-look': 'look at it',
  'fire-exercise': 'exercise it, then drain test',
  exercise: 'exercise',
  'gas-leak': 'leak test with soap',
  lubricate: 'lubricate',
  packing: 'packing',
  'look-inside': 'look inside',
  'count-starts': 'count pump starts',
  'reducer-check': 'check the setting',
  strainer: 'clean the strainer',
  lift: 'lift it',
  cycle: 'switch it',
  'seat-adjust': 'tighten the seats',
};

/** Tasks in which the valve is turned through its travel. */
export const TURNING_TASKS: readonly Task[] = ['exercise', 'fire-exercise'];

import type { Bench } from '@grevik/core';

/** Words of the trade that lead to a screen: what people type is seldom its title. */
export const SCREEN_WORDS = {
  emergency: 'burst leak flood shut off gas smell ceiling',
  walk: 'survey outline plan isolation shut-off',
  'line-up': 'compare select choose verdict pick',
  bench: 'simulation calculate',
  'hook-up': 'connection joint press solder sweat thread flange fittings kit',
  order: 'order line quote spec specification',
  'start-up': 'commissioning test pressure hold flush purge disinfect hand over valve chart',
  owner: 'householder building manager customer offer options link',
  log: 'history record entry turns seized',
  schedule: 'valve list csv print',
  orders: 'purchase supplier quote request receiving delivery',
  rounds: 'due maintenance exercise inspection overdue interval calendar schedule visit',
  takeoff: 'stops fixtures count budget rough-in',
  catalogue: 'models makers prices sizes',
  types: 'cutaway inside how it works wear fails',
  drills: 'training practice apprentice test quiz learn exam',
  'parts-list': 'counter e-mail read list',
  'house-rules': 'standards preferences push-fit gate policy currency',
  people: 'invite roles crew permissions',
  tasks: 'queue running servers progress cancel retry',
  'walk-list': 'import csv survey positions',
} as const;

/** Calculations by the words the trade has for them, and the bench that shows each. */
export const CALCULATION_WORDS: readonly { bench: Bench; also: string }[] = [
  { bench: 'hammer', also: 'surge arrester closing time joukowsky slam pipe banging' },
  { bench: 'control', also: 'throttle cavitation authority balancing flow coefficient cv kv' },
  { bench: 'check-stop', also: 'check slam swing non-return backflow pump chatter' },
  { bench: 'gas-line', also: 'gas sizing pipe size btu longest run appliance' },
  { bench: 'gas-purge', also: 'purging riser sacrificial valve excess flow' },
  { bench: 'radiators', also: 'steam balance internal stop edr metering' },
  { bench: 'wash-line', also: 'pressure washer gun velocity' },
  { bench: 'dirty-ball', also: 'grit wear seat ball' },
  { bench: 'part-open-gate', also: 'gate vibration chatter throttled' },
  { bench: 'port', also: 'reduced port full port venturi loss' },
];

/** What a valve has to do. */
export const VALVE_FUNCTIONS = [
  'isolate',
  'emergency-shutoff',
  'throttle',
  'non-return',
  'divert',
  'reduce-pressure',
  'relieve',
  'purge',
] as const;
export type ValveFunction = (typeof VALVE_FUNCTIONS)[number];

export const FUNCTION_WORDS: Record<ValveFunction, string> = {
  isolate: 'shut off',
  'emergency-shutoff': 'shut off in an emergency',
  throttle: 'throttle',
  'non-return': 'stop reverse flow',
  divert: 'divert',
  'reduce-pressure': 'reduce the pressure',
  relieve: 'relieve pressure',
  purge: 'purge',
};

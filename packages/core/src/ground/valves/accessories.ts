/** What goes along with a valve as part of it. */
export const ACCESSORIES = [
  'panel-mount',
  'wall-mount',
  'long-handle',
  'safety-handle',
  'extension',
  'drain',
] as const;
export type Accessory = (typeof ACCESSORIES)[number];

export const ACCESSORY_WORDS: Readonly<Record<Accessory, string>> = {
  'panel-mount': 'panel mount',
  'wall-mount': 'wall mount',
  'long-handle': 'long handle',
  'safety-handle': 'safety handle',
  extension: 'stem extension',
  drain: 'with drain',
};

/** What may be changed by people who may do it: the ids are the server's permissions. */
type Needed =
  | 'look'
  | 'record'
  | 'change-duty'
  | 'pick'
  | 'walk'
  | 'bring-lines'
  | 'house-rules'
  | 'catalogue'
  | 'order'
  | 'receive'
  | 'devices'
  | 'rounds'
  | 'people';

export interface ChangeKindRow {
  /** What it is a change of: that is how it is found again. */
  of: 'position' | 'job' | 'company';
  /** What was changed, in words; `what` is a tag or a name. */
  words: (what: string) => string;
  /** Who may do it, and take it back. */
  needs: Needed;
  /** Whether it can be taken back. */
  isUndoable?: true;
  /** Whether the history of a position shows it: an entry stands there by itself. */
  isShown?: true;
}

/** Every kind of change there is. A row here puts a kind into the database, the server and the interface. */
const TABLE = {
  duty: {
    of: 'position',
    words: (tag) => `Duty of ${tag}`,
    needs: 'change-duty',
    isUndoable: true,
    isShown: true,
  },
  pick: { of: 'position', words: (tag) => `Pick at ${tag}`, needs: 'pick', isUndoable: true, isShown: true },
  name: { of: 'position', words: (tag) => `Name of ${tag}`, needs: 'walk', isUndoable: true, isShown: true },
  'hook-up': {
    of: 'position',
    words: (tag) => `Hook-up of ${tag}`,
    needs: 'pick',
    isUndoable: true,
    isShown: true,
  },
  place: {
    of: 'position',
    words: (tag) => `Coordinates of ${tag}`,
    needs: 'walk',
    isUndoable: true,
    isShown: true,
  },
  photo: { of: 'position', words: (tag) => `Photo of ${tag}`, needs: 'record', isShown: true },
  entry: { of: 'position', words: (tag) => `Entry at ${tag}`, needs: 'record' },
  'line-facts': {
    of: 'job',
    words: (name) => `Facts of ${name}`,
    needs: 'change-duty',
    isUndoable: true,
  },
  job: { of: 'job', words: (name) => `Job ${name}`, needs: 'bring-lines' },
  'job-archive': {
    of: 'job',
    words: (name) => `Job ${name} archived or brought back`,
    needs: 'bring-lines',
    isUndoable: true,
  },
  line: { of: 'job', words: (name) => `Line ${name}`, needs: 'walk' },
  walk: { of: 'job', words: (line) => `Walk of ${line}`, needs: 'walk', isUndoable: true },
  'walk-list': {
    of: 'job',
    words: (lines) => `Walk list for ${lines}`,
    needs: 'bring-lines',
    isUndoable: true,
  },
  archive: { of: 'job', words: (name) => `Import of ${name}`, needs: 'bring-lines' },
  'job-house-rules': {
    of: 'job',
    words: (name) => `House rules of ${name}`,
    needs: 'house-rules',
    isUndoable: true,
  },
  'order-add': { of: 'job', words: (lines) => `Order lines: ${lines}`, needs: 'order', isUndoable: true },
  'order-change': { of: 'job', words: (line) => `Order line ${line}`, needs: 'order', isUndoable: true },
  'order-remove': {
    of: 'job',
    words: (lines) => `Removed order lines: ${lines}`,
    needs: 'order',
    isUndoable: true,
  },
  'order-place': { of: 'job', words: (supplier) => `Lines placed with ${supplier}`, needs: 'order' },
  'order-sheet': { of: 'job', words: (lines) => `Order sheet: ${lines}`, needs: 'order' },
  'order-state': { of: 'job', words: (order) => `Order with ${order}`, needs: 'order' },
  'quote-request': { of: 'job', words: (supplier) => `Quote request to ${supplier}`, needs: 'order' },
  'start-up': { of: 'job', words: (line) => `Start-up of ${line}`, needs: 'record' },
  'hand-over': { of: 'job', words: (line) => `${line} handed over`, needs: 'walk' },
  receipt: { of: 'job', words: (line) => `Receipt of ${line}`, needs: 'receive' },
  'house-rules': { of: 'company', words: () => 'House rules', needs: 'house-rules', isUndoable: true },
  'hold-rules': {
    of: 'company',
    words: () => 'Test pressures and times',
    needs: 'house-rules',
    isUndoable: true,
  },
  interval: { of: 'company', words: (task) => `Interval of ${task}`, needs: 'house-rules', isUndoable: true },
  'interval-of-job': {
    of: 'job',
    words: (task) => `Interval of ${task}`,
    needs: 'house-rules',
    isUndoable: true,
  },
  'interval-of-position': {
    of: 'position',
    words: (task) => `Interval of ${task}`,
    needs: 'house-rules',
    isUndoable: true,
  },
  'owner-page': {
    of: 'position',
    words: (tag) => `Page for the owner at ${tag}`,
    needs: 'order',
    isShown: true,
  },
  station: {
    of: 'position',
    words: (tag) => `Station of ${tag}`,
    needs: 'devices',
    isUndoable: true,
    isShown: true,
  },
  wets: {
    of: 'position',
    words: (tag) => `What gets wet at ${tag}`,
    needs: 'walk',
    isUndoable: true,
    isShown: true,
  },
  budget: { of: 'company', words: () => 'Budget of the company', needs: 'order', isUndoable: true },
  'budget-of-job': { of: 'job', words: (name) => `Budget of ${name}`, needs: 'order', isUndoable: true },
  round: { of: 'company', words: (name) => `Round ${name}`, needs: 'rounds' },
  'round-change': {
    of: 'company',
    words: (name) => `Round ${name} changed`,
    needs: 'rounds',
    isUndoable: true,
  },
  'calendar-address': { of: 'company', words: () => 'Calendar address', needs: 'look' },
  device: { of: 'company', words: (name) => `Device ${name}`, needs: 'devices' },
  currency: { of: 'company', words: () => 'Currency', needs: 'catalogue', isUndoable: true },
  'model-add': { of: 'company', words: (model) => `Model ${model} added`, needs: 'catalogue' },
  'model-change': { of: 'company', words: (model) => `Model ${model}`, needs: 'catalogue', isUndoable: true },
  'model-retire': {
    of: 'company',
    words: (model) => `Model ${model} in or out of use`,
    needs: 'catalogue',
    isUndoable: true,
  },
  'model-list': { of: 'company', words: (models) => `Catalogue list: ${models}`, needs: 'catalogue' },
  role: { of: 'company', words: (person) => `Role of ${person}`, needs: 'people' },
  joined: { of: 'company', words: (person) => `${person} joined`, needs: 'people' },
  left: { of: 'company', words: (person) => `${person} left`, needs: 'people' },
  invited: { of: 'company', words: (role) => `Invitation as ${role}`, needs: 'people' },
  'invitation-withdrawn': {
    of: 'company',
    words: (role) => `Invitation as ${role} withdrawn`,
    needs: 'people',
  },
  password: { of: 'company', words: (person) => `Password of ${person}`, needs: 'people' },
  'password-link': {
    of: 'company',
    words: (person) => `Link for a new password of ${person}`,
    needs: 'people',
  },
  'second-factor': {
    of: 'company',
    words: (person) => `Second factor of ${person} on or off`,
    needs: 'people',
  },
} as const satisfies Record<string, ChangeKindRow>;

export type ChangeKind = keyof typeof TABLE;
export const CHANGE_KIND_TABLE: Readonly<Record<ChangeKind, ChangeKindRow>> = TABLE;
export const CHANGE_KINDS = Object.keys(TABLE) as ChangeKind[];

/** The kinds that can be taken back. */
export const UNDOABLE_KINDS = CHANGE_KINDS.filter((kind) => CHANGE_KIND_TABLE[kind].isUndoable);

export * from './fed-nodes.js';
export * from './isolate.js';
export * from './isolation-calculations.js';
export * from './network.js';
export * from './segments.js';

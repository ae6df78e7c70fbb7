export * from './catalogue.js';
export * from './described.js';
export * from './error-body.js';
export * from './job.js';
export * from './line.js';
export * from './position.js';
export * from './walk-list.js';

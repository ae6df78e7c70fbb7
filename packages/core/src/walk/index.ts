export * from './fixtures.js';
export * from './found.js';
export * from './isolation-answer.js';
export * from './judge-found.js';
export * from './read-walk-text.js';
export * from './upstream-valve.js';
export * from './walk-item.js';
export * from './walk-network.js';

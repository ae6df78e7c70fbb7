export * from './read-tag-calculation.js';
export * from './read-tag.js';
export * from './required-fields.js';
export * from './valve-spec.js';
export { type TaggedModel, modelFromTag } from './model-from-tag.js';

export { type TaggedModel, modelFromTag } from './model-from-tag.js';
export { type OrderLine, orderLine } from './order-line.js';
export * from './read-tag-calculation.js';
export * from './read-tag.js';
export { type OrderReading, readOrder } from './read-order.js';
export * from './required-fields.js';
export * from './valve-spec.js';
export { orderLineCalculation, readOrderCalculation } from './order-calculations.js';
export { specInput } from './spec-input.js';

export { type OwnerCosts, type OwnerPrice, ownerPrice } from './owner-price.js';
export { type OwnerFacts, type OwnerWords, ownerWords } from './owner-words.js';

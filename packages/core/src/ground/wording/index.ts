export { capitalized } from './capitalized.js';
export { withArticle } from './with-article.js';

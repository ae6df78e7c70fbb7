export { type ReadSheet, type SheetProblem, catalogueSheet, readCatalogueSheet } from './catalogue-sheet.js';

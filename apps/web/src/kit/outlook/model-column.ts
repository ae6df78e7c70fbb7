import type { ModelView } from '@grevik/contracts';
import type { Column } from '@grevik/core';

/** A column of the line-up: a model of the company's catalogue, judged for the position. */
export type ModelColumn = Column<ModelView>;

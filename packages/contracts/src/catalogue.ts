import type { CatalogueModel } from '@grevik/core';

/** A catalogue's model as the company holds it. */
export interface ModelView extends CatalogueModel {
  id: string;
}

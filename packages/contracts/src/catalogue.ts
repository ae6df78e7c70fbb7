import { type CatalogueModel, type SheetProblem, catalogueModelInput } from '@grevik/core';
import { IsBoolean, IsIn, IsInt, IsString, MaxLength, Min, MinLength } from 'class-validator';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';

/** A catalogue's model as the company holds it. */
export interface ModelView extends CatalogueModel {
  id: string;
  /** Goes up with every change: send it back with the next one. */
  version: number;
  /** Not to be picked any more; what was picked keeps it. */
  retired: boolean;
}

export class AddModelRequest {
  @Described(catalogueModelInput)
  model!: CatalogueModel;
}

export class ChangeModelRequest extends VersionedRequest {
  @Described(catalogueModelInput)
  model!: CatalogueModel;
}

export class RetireModelRequest extends VersionedRequest {
  @IsBoolean()
  retired!: boolean;
}

export const CATALOGUE_FORMATS = ['csv', 'json'] as const;
export type CatalogueFormat = (typeof CATALOGUE_FORMATS)[number];

/** Longest list of models taken, in characters. */
export const LONGEST_CATALOGUE = 4_000_000;

export class CatalogueListRequest {
  @IsIn(CATALOGUE_FORMATS)
  format!: CatalogueFormat;

  @IsString()
  @MinLength(1)
  @MaxLength(LONGEST_CATALOGUE)
  text!: string;
}

/** The list again, with how much of it the person saw would be taken. */
export class TakeCatalogueListRequest extends CatalogueListRequest {
  @IsInt()
  @Min(0)
  adds!: number;

  @IsInt()
  @Min(0)
  changes!: number;
}

/** What taking a list of models would do. */
export interface CatalogueListPreview {
  adds: string[];
  changes: string[];
  /** How many are here already, just so. */
  same: number;
  problems: SheetProblem[];
  unread: string[];
}

import {
  type CastingCheck,
  type OrderState,
  type SheetRead,
  type SupplierAnswer,
  type ValveSpec,
  type Field,
  type ValueOf,
  ORDER_STATES,
  list,
  number,
  optional,
  record,
  specInput,
  text,
} from '@grevik/core';
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Nested } from './nested.js';
import { Described } from './described.js';
import { VersionedRequest } from './position.js';
import { uuid } from './uuid.js';

/** Most lines that come in one list. */
export const MOST_ORDER_LINES = 5_000;
const MOST_PIECES = 1_000_000;
/** A note may be empty. */
const note: Field<string> = {
  takes: 'a text of at most 500 characters',
  schema: { type: 'string', maxLength: 500 },
  read: (value, path) => (value === '' ? '' : text(500).read(value, path)),
};
const SAYS_SOMETHING = { message: 'must say something' };

/** A line of an order: what, how many, and for which positions. Its id is made on the device, so that sending it twice orders it once. */
const newOrderLineInput = record({
  id: uuid,
  /** Said in full; a valve has its fields beside it. */
  text: text(1000),
  spec: optional(specInput),
  quantity: number({ integer: true, min: 1, max: MOST_PIECES }),
  positions: optional(list(uuid, { most: 1000 })),
  note: optional(note),
});
export type NewOrderLine = ValueOf<typeof newOrderLineInput>;

/** Thousands of lines come at once: they are read by one description, not each made an object of a class. */
export class AddOrderLinesRequest {
  @Described(list(newOrderLineInput, { least: 1, most: MOST_ORDER_LINES }))
  lines!: NewOrderLine[];
}

export class OrderLineIds {
  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(MOST_ORDER_LINES)
  @ArrayUnique()
  @IsUUID(undefined, { each: true })
  ids!: string[];
}

export class ChangeOrderLineRequest extends VersionedRequest {
  @IsString()
  @Length(1, 1000)
  @Matches(/\S/, SAYS_SOMETHING)
  text!: string;

  @IsOptional()
  @Described(specInput)
  spec?: ValveSpec;

  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  quantity!: number;

  @IsString()
  @MaxLength(500)
  note!: string;
}

/** A line as a supplier gets it: at a price, and said another way where a substitute is taken. */
export class PlacedLine extends VersionedRequest {
  @IsUUID()
  id!: string;

  @IsOptional()
  @IsNumber({ allowInfinity: false, allowNaN: false, maxDecimalPlaces: 4 })
  @Min(0)
  @Max(1e9)
  unitPrice?: number;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(1000)
  leadDays?: number;

  @IsOptional()
  @IsString()
  @Length(1, 1000)
  text?: string;

  @IsOptional()
  @Described(specInput)
  spec?: ValveSpec;
}

export class PlaceOrderLinesRequest {
  @IsString()
  @Length(1, 80)
  @Matches(/\S/, SAYS_SOMETHING)
  supplier!: string;

  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(MOST_ORDER_LINES)
  @Nested(() => PlacedLine, { each: true })
  lines!: PlacedLine[];
}

export class OrderStateRequest extends VersionedRequest {
  @IsIn(ORDER_STATES)
  state!: OrderState;
}

/** What came of a line, with what its casting or tag says. Sent twice under one id it came once. */
export class ReceiptRequest {
  @IsUUID()
  id!: string;

  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  quantity!: number;

  @IsString()
  @MaxLength(500)
  casting!: string;

  /** Kept although it differs; without it what differs goes back and does not count as come. */
  @IsBoolean()
  accepted!: boolean;

  @IsString()
  @MaxLength(500)
  note!: string;
}

export const DESK_FAULTS = ['none', 'busy', 'garbled', 'cut-off'] as const;
export type DeskFault = (typeof DESK_FAULTS)[number];

/** How the simulated price desk behaves, to see what happens when one does. */
export class DeskPractice {
  @IsInt()
  @Min(0)
  @Max(10)
  delayS!: number;

  @IsIn(DESK_FAULTS)
  fault!: DeskFault;
}

export class AskPricesRequest extends OrderLineIds {
  /** Made when the request is begun: sent again, nothing is asked twice. */
  @IsUUID()
  id!: string;

  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(5)
  @ArrayUnique()
  @IsString({ each: true })
  @Length(1, 80, { each: true })
  suppliers!: string[];

  @IsOptional()
  @Nested(() => DeskPractice)
  practice?: DeskPractice;
}

/** What a supplier's desk is asked, over HTTP. */
export class QuotationLine {
  @IsString()
  @Length(1, 60)
  line!: string;

  @IsString()
  @Length(1, 1000)
  text!: string;

  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  quantity!: number;
}

export class QuotationRequest {
  @IsString()
  @Matches(/^[A-Z]{3}$/, { message: 'must be a currency like USD' })
  currency!: string;

  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(MOST_ORDER_LINES)
  @Nested(() => QuotationLine, { each: true })
  lines!: QuotationLine[];

  @IsOptional()
  @Nested(() => DeskPractice)
  practice?: DeskPractice;
}

/** One change a sheet that came back makes, on the version of the line that was seen. */
export class SheetLineChange extends VersionedRequest {
  @IsUUID()
  id!: string;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(MOST_PIECES)
  quantity?: number;

  @IsOptional()
  @IsString()
  @Length(1, 1000)
  @Matches(/\S/, SAYS_SOMETHING)
  text?: string;

  @IsOptional()
  @IsString()
  @MaxLength(500)
  note?: string;
}

/** The changes of a sheet that came back, as the person saw them: all of them, or none. */
export class TakeOrderSheetRequest {
  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(MOST_ORDER_LINES)
  @Nested(() => SheetLineChange, { each: true })
  changes!: SheetLineChange[];
}

export interface ReceiptView {
  id: string;
  quantity: number;
  casting: string;
  check: CastingCheck | null;
  accepted: boolean;
  note: string;
  at: string;
  by: string;
}

export interface OrderLineView {
  id: string;
  version: number;
  text: string;
  spec: ValveSpec | null;
  quantity: number;
  positions: { id: string; tag: string }[];
  note: string;
  unitPrice: number | null;
  leadDays: number | null;
  received: number;
  receipts: ReceiptView[];
}

export interface OrderView {
  id: string;
  version: number;
  /** Nobody's yet where null: lines that wait for a price. */
  supplier: string | null;
  state: OrderState;
  lines: OrderLineView[];
}

export interface QuotationView {
  id: string;
  supplier: string;
  state: 'asked' | 'answered' | 'failed';
  askedAt: string;
  askedBy: string;
  lines: string[];
  answer: SupplierAnswer | null;
  /** What went wrong, where it did. */
  problem: string | null;
}

/** Largest sheet that is read back, bytes. */
export const LARGEST_SHEET = 4_000_000;

/** The order sheet of a job. */
export interface OrdersView {
  job: string;
  currency: string;
  orders: OrderView[];
  quotations: QuotationView[];
}

export type OrderSheetPreview = SheetRead;

export interface SupplierView {
  id: string;
  words: string;
}

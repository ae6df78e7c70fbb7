import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Role } from '@grevik/contracts';
import {
  type CatalogueModel,
  type EntryKind,
  type Found,
  type Medium,
  type OrderState,
  type PipeMaterial,
  type PositionDuty,
  parseNominalSize,
  parseQuantity,
} from '@grevik/core';
import { SERVER_FOLDER } from '../ground/settings/server-folder.js';

/** A text of the demo's data. */
export const demoText = (name: string): string =>
  readFileSync(join(SERVER_FOLDER, 'demo-data', name), 'utf8');

const demoJson = <T>(name: string): T => JSON.parse(demoText(name)) as T;

/** A duty as people say its figures: "3/4", "75 psi", "50 F", "8 gpm", copper over "62 ft". */
interface SaidDuty extends Omit<PositionDuty, 'dn' | 'pressurePa' | 'temperatureC' | 'flowM3s' | 'pipe'> {
  size: string;
  pressure: string;
  temperature: string;
  flow?: string;
  pipe: PipeMaterial;
  upstream: string;
}

/** @returns the duty in SI */
export function dutySaid({
  size,
  pressure,
  temperature,
  flow,
  pipe,
  upstream,
  ...more
}: SaidDuty): PositionDuty {
  return {
    ...more,
    dn: parseNominalSize(size),
    pressurePa: parseQuantity(pressure, 'pressure'),
    temperatureC: parseQuantity(temperature, 'temperature'),
    ...(flow !== undefined && { flowM3s: parseQuantity(flow, 'flow') }),
    pipe: { material: pipe, lengthUpstreamM: parseQuantity(upstream, 'length') },
  };
}

/** A line whose positions are listed one by one. */
export interface ListedLine {
  name: string;
  medium: Medium;
  positions: readonly { tag: string; remarks: string; duty: SaidDuty; picked?: string }[];
}

/** A line that is only walked: a position a valve, all with the same pressure and temperature. */
export interface WalkedLineData {
  name: string;
  medium: Medium;
  pressure: string;
  temperature: string;
  material: PipeMaterial;
  /** That its pipe is sized for; none on steam. */
  velocity?: string;
  solids?: PositionDuty['solids'];
  /** Whether the first choice is picked at every position where it fits without care. */
  isPicked?: true;
}

export interface DemoPosition {
  tag: string;
  remarks: string;
  duty: PositionDuty;
  /** Maker and model of what is picked already. */
  picked?: string;
  /** Longitude and latitude, where somebody measured them. */
  place?: readonly [longitude: number, latitude: number];
}

export interface DemoEntry {
  tag: string;
  by: string;
  happenedAt: string;
  kind: EntryKind;
  text?: string;
  turns?: number;
  found?: Found;
}

export interface DemoOrder {
  supplier: string | null;
  state: OrderState;
  lines: readonly {
    text: string;
    quantity: number;
    tags: readonly string[];
    unitPrice?: number;
    leadDays?: number;
    note?: string;
    receipts?: readonly {
      quantity: number;
      casting: string;
      accepted: boolean;
      note: string;
      receivedAt: string;
      by: string;
    }[];
  }[];
}

export interface DemoPerson {
  name: string;
  email: string;
  role: Role;
}

/** A ferry terminal on a lake, with a bathhouse, staff rooms, a bakery café and a heated old customs hall. All of it is made up. */
export const DEMO_JOB = 'Tarn Quay terminal';
/** Whoever walked the job and made its picks. */
export const DEMO_FOREMAN = 'ada@tarnside.example';
/** Who goes on rounds; the first plans them. */
export const DEMO_CREW = [DEMO_FOREMAN, 'joss@tarnside.example', 'bea@tarnside.example'];

export const listedLines = (): ListedLine[] => demoJson('lines.json');
export const walkedLines = (): WalkedLineData[] => demoJson('walked-lines.json');
export const DEMO_ENTRIES: readonly DemoEntry[] = demoJson('entries.json');
export const DEMO_ORDERS: readonly DemoOrder[] = demoJson('orders.json');
export const DEMO_PEOPLE: readonly DemoPerson[] = demoJson('people.json');
/** Made-up models of made-up makers at made-up prices. */
export const DEMO_CATALOGUE: readonly CatalogueModel[] =
  demoJson<CatalogueModel[]>('catalogue.json').map(withBreaks);

/** What a counter gives off in small sizes: a tenth from a box of ten, a sixth from a case of fifty. */
function withBreaks(model: CatalogueModel): CatalogueModel {
  const off = (price: number, share: number): number => Math.round(price * (1 - share) * 100) / 100;
  return {
    ...model,
    sizes: model.sizes.map((size) =>
      size.dn > 25
        ? size
        : {
            ...size,
            breaks: [
              { from: 10, price: off(size.price, 0.1) },
              { from: 50, price: off(size.price, 1 / 6) },
            ],
          },
    ),
  };
}

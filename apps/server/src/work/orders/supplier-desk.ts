import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import type { QuotationRequest } from '@grevik/contracts';
import { InvalidInput, type SupplierAnswer, supplierAnswerInput } from '@grevik/core';
import { Injectable } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';

const PATIENCE_MS = 15_000;
const TRIES = 2;
const BETWEEN_MS = 500;
const MOST_BYTES = 8 * 1024 * 1024;

/** No answer came whole: it can be asked again. */
export class ConnectionLost extends Error {}

/** What a desk said that can be said to a person. */
class DeskTrouble extends Error {}

/** Speaks to suppliers' desks over HTTP. The simulated one, at this server, answers for all of them. */
@Injectable()
export class SupplierDesk {
  constructor(private readonly host: HttpAdapterHost) {}

  /**
   * @throws with a sentence for the person, where no answer can be had or what came is no answer
   */
  async ask(supplier: string, request: QuotationRequest): Promise<SupplierAnswer> {
    for (let attempt = 1; ; attempt += 1) {
      try {
        return await this.askOnce(supplier, request);
      } catch (error) {
        if (error instanceof DeskTrouble || attempt === TRIES) throw error;
        await pause(BETWEEN_MS);
      }
    }
  }

  private async askOnce(supplier: string, request: QuotationRequest): Promise<SupplierAnswer> {
    const desk = `${this.base()}/${encodeURIComponent(supplier)}/quotations`;
    if (!isAllowed(desk, this.allowed))
      throw new DeskTrouble('This server does not send requests to that address.');
    const response = await fetch(desk, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(request),
      // An answer that sends on to another address is none.
      redirect: 'error',
      signal: AbortSignal.timeout(PATIENCE_MS),
    }).catch((error: unknown) => {
      throw error instanceof Error && error.name === 'TimeoutError'
        ? new DeskTrouble(`No answer within ${PATIENCE_MS / 1000} s. Request again, or call the supplier.`)
        : new ConnectionLost('The connection was lost before the answer arrived. Request again.');
    });
    if (response.status === 503) throw new Error('The supplier is busy. Request again later.');
    if (!response.ok) throw new DeskTrouble(`The supplier refused the request (${response.status}).`);
    try {
      return supplierAnswerInput.read(JSON.parse(await textOf(response)), '');
    } catch (error) {
      if (error instanceof DeskTrouble) throw error;
      const where = error instanceof InvalidInput ? `: ${error.message}` : '';
      throw new DeskTrouble(`The answer cannot be read${where}. Request again, or call the supplier.`);
    }
  }

  /** The simulated desk, at the address this server listens on. */
  private base(): string {
    const address = (this.host.httpAdapter.getHttpServer() as Server).address() as AddressInfo;
    const isAny = address.address === '0.0.0.0' || address.address === '::';
    const host = isAny ? 'localhost' : address.family === 'IPv6' ? `[${address.address}]` : address.address;
    return `http://${host}:${address.port}/api/price-desk`;
  }

  /** Where requests may go: to this server itself, and to no other. */
  private get allowed(): readonly string[] {
    return [new URL(this.base()).origin];
  }
}

export const isAllowed = (address: string, origins: readonly string[]): boolean =>
  origins.includes(new URL(address).origin);

/** The text of an answer, as much of it as an answer may have. */
async function textOf(response: Response): Promise<string> {
  const decoder = new TextDecoder();
  let text = '';
  let bytes = 0;
  for await (const piece of response.body ?? []) {
    bytes += (piece as Uint8Array).length;
    if (bytes > MOST_BYTES)
      throw new DeskTrouble(
        `The answer has more than ${MOST_BYTES} bytes. Request again, or call the supplier.`,
      );
    text += decoder.decode(piece as Uint8Array, { stream: true });
  }
  return text + decoder.decode();
}

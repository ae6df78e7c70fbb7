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
    const response = await fetch(`${this.base()}/${encodeURIComponent(supplier)}/quotations`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(request),
      signal: AbortSignal.timeout(PATIENCE_MS),
    }).catch((error: unknown) => {
      throw error instanceof Error && error.name === 'TimeoutError'
        ? new DeskTrouble(`No answer within ${PATIENCE_MS / 1000} s. Ask again, or by telephone.`)
        : new Error('The line went dead before the answer came. Ask again.');
    });
    if (response.status === 503) throw new Error('The desk is busy. Ask again in a while.');
    if (!response.ok) throw new DeskTrouble(`The desk refused the request (${response.status}).`);
    try {
      return supplierAnswerInput.read(await response.json(), '');
    } catch (error) {
      const where = error instanceof InvalidInput ? `: ${error.message}` : '';
      throw new DeskTrouble(`The answer can not be read${where}. Ask again, or by telephone.`);
    }
  }

  private base(): string {
    const { port } = (this.host.httpAdapter.getHttpServer() as Server).address() as AddressInfo;
    return `http://127.0.0.1:${port}/api/price-desk`;
  }
}

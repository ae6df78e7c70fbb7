import { setImmediate as breathe, setTimeout as pause } from 'node:timers/promises';
import { QuotationRequest, type SupplierView } from '@grevik/contracts';
import type { AnsweredLine, SupplierAnswer } from '@grevik/core';
import { Body, Controller, Get, HttpCode, Inject, NotFoundException, Param, Post, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Response } from 'express';
import { OFFERS_DEMO } from '../../firm/company/company.service.js';
import { Anyone } from '../../ground/access/may.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { SUPPLIERS, quoted } from './price-list.js';

/** Lines answered between two looks at other requests. */
const AT_ONCE = 100;

/** Stands in for suppliers’ desks, to be asked over HTTP as they would be. It keeps nothing, and every price in it is made up. */
@Controller('api/price-desk')
export class PriceDeskController {
  constructor(@Inject(OFFERS_DEMO) private readonly offersDemo: boolean) {}

  @ApiOperation({ summary: 'The made-up suppliers that answer here.' })
  @Anyone()
  @Get()
  list(): SupplierView[] {
    return SUPPLIERS.map(({ id, words }) => ({ id, words }));
  }

  @ApiOperation({
    summary:
      'Answers a quote request line by line: price and breaks, a substitute, a question, or not carried. Late or wrong where a practice fault asks for it.',
  })
  @Anyone()
  @Post(':supplier/quotations')
  @HttpCode(200)
  async answer(
    @Param('supplier') id: string,
    @Body() { currency, lines, practice }: QuotationRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SupplierAnswer | object | undefined> {
    const supplier = SUPPLIERS.find((one) => one.id === id);
    if (!supplier)
      throw new NotFoundException(
        `No supplier “${id.slice(0, 60)}” here. There are ${SUPPLIERS.map((one) => one.id).join(', ')}.`,
      );
    if (practice && !this.offersDemo)
      throw new Refusal(403, {
        code: 'not-allowed',
        field: 'practice',
        message: 'Practice faults are for a server with the demo company. Leave practice out.',
      });
    if (practice) await pause(practice.delayS * 1000);
    if (practice?.fault === 'busy')
      throw new Refusal(503, { code: 'unavailable', message: 'The supplier is busy. Request again later.' });
    if (practice?.fault === 'cut-off') return void response.destroy();
    const answered: AnsweredLine[] = [];
    for (const [at, line] of lines.entries()) {
      answered.push(quoted(supplier, line));
      // A long request lets others through between its parts.
      if (at % AT_ONCE === AT_ONCE - 1) await breathe();
    }
    if (practice?.fault === 'garbled')
      return {
        supplier: id,
        currency,
        lines: answered.map(({ line }) => ({ line, unitPrice: 'on request' })),
      };
    return { supplier: id, currency, validDays: 30, lines: answered };
  }
}

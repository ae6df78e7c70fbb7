import {
  AddOrderLinesRequest,
  AskPricesRequest,
  ChangeOrderLineRequest,
  OrderLineIds,
  type OrderSheetPreview,
  OrderStateRequest,
  type OrdersView,
  PlaceOrderLinesRequest,
  ReceiptRequest,
  TakeOrderSheetRequest,
} from '@grevik/contracts';
import { InvalidInput } from '@grevik/core';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req, Res } from '@nestjs/common';
import { ApiConsumes, ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { currentCompanyId } from '../../ground/database/company-scope.js';
import { May } from '../../ground/access/may.js';
import { type JsonText, SendsJson, type Sent } from '../../ground/requests/sent.js';
import { ownBytes } from '../../ground/threads/own-bytes.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { type Budget, WorkThreads } from '../../ground/threads/work-threads.service.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import type { OrderFileTask } from './order-files.js';
import { OrderProgress } from './order-progress.service.js';
import { OrdersService } from './orders.service.js';
import { QuotationsService } from './quotations.service.js';
import { ReadOrders } from './read-orders.js';

const TYPES = {
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  csv: 'text/csv; charset=utf-8',
  pdf: 'application/pdf',
} as const;

@Controller('api/jobs/:id/orders')
export class OrdersController {
  constructor(
    private readonly orders: OrdersService,
    private readonly quotations: QuotationsService,
    private readonly reading: ReadOrders,
    private readonly threads: WorkThreads,
  ) {}

  @ApiOperation({ summary: 'The orders of a job, with quote requests and receipts.' })
  @SendsJson()
  @May('look')
  @Get()
  show(@Param('id', IdPipe) jobId: string): Promise<JsonText<OrdersView>> {
    return this.reading.of(jobId);
  }

  @ApiOperation({
    summary: 'Adds order lines without a supplier: all of them, or none. Sent twice they are added once.',
  })
  @SendsJson()
  @May('order')
  @Post('lines')
  add(
    @Param('id', IdPipe) jobId: string,
    @Body() { lines }: AddOrderLinesRequest,
  ): Promise<JsonText<OrdersView>> {
    return this.orders.add(jobId, lines);
  }

  @ApiOperation({ summary: 'Removes lines that have not been sent.' })
  @SendsJson()
  @May('order')
  @Delete('lines')
  remove(@Param('id', IdPipe) jobId: string, @Body() { ids }: OrderLineIds): Promise<JsonText<OrdersView>> {
    return this.orders.remove(jobId, ids);
  }

  @ApiOperation({ summary: 'Places lines with a supplier, at a price.' })
  @SendsJson()
  @May('order')
  @Put('places')
  place(
    @Param('id', IdPipe) jobId: string,
    @Body() request: PlaceOrderLinesRequest,
  ): Promise<JsonText<OrdersView>> {
    return this.orders.place(jobId, request);
  }

  @ApiOperation({
    summary: 'Requests quotes from suppliers. Answers at once; quotes appear when they arrive.',
  })
  @SendsJson()
  @May('order')
  @Post('quotations')
  @HttpCode(202)
  ask(@Param('id', IdPipe) jobId: string, @Body() request: AskPricesRequest): Promise<JsonText<OrdersView>> {
    return this.quotations.ask(jobId, request);
  }

  @ApiOperation({ summary: 'The order sheet as a spreadsheet.' })
  @May('look')
  @OnReplica()
  @Get('sheet.xlsx')
  xlsx(
    @Param('id', IdPipe) jobId: string,
    @Res() response: Response,
  ): Promise<Sent<'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'>> {
    return this.send(jobId, 'xlsx', response);
  }

  @ApiOperation({ summary: 'The order sheet as CSV.' })
  @May('look')
  @OnReplica()
  @Get('sheet.csv')
  csv(@Param('id', IdPipe) jobId: string, @Res() response: Response): Promise<Sent<'text/csv'>> {
    return this.send(jobId, 'csv', response);
  }

  @ApiOperation({ summary: 'The order sheet to print: a page for each supplier.' })
  @May('look')
  @OnReplica()
  @Get('sheet.pdf')
  pdf(@Param('id', IdPipe) jobId: string, @Res() response: Response): Promise<Sent<'application/pdf'>> {
    return this.send(jobId, 'pdf', response);
  }

  @ApiOperation({
    summary: 'What importing an order sheet would change. Changes nothing. Send the XLSX file itself.',
  })
  @ApiConsumes(TYPES.xlsx)
  @May('order')
  @Post('sheet/preview')
  @HttpCode(200)
  async preview(@Param('id', IdPipe) jobId: string, @Req() { body }: Request): Promise<OrderSheetPreview> {
    const { orders } = await this.reading.named(jobId);
    if (!Buffer.isBuffer(body) || body.length === 0)
      throw new InvalidInput('file', 'Send the XLSX file itself.');
    return this.threads.run('readOrderFile', { file: ownBytes(body), orders }, budget());
  }

  @ApiOperation({
    summary: 'Imports the checked changes of an order sheet: all of them, or none.',
  })
  @SendsJson()
  @May('order')
  @Put('sheet')
  takeSheet(
    @Param('id', IdPipe) jobId: string,
    @Body() request: TakeOrderSheetRequest,
  ): Promise<JsonText<OrdersView>> {
    return this.orders.takeSheet(jobId, request);
  }

  private async send(jobId: string, kind: OrderFileTask['kind'], response: Response): Promise<void> {
    const { orders, name } = await this.reading.named(jobId);
    const at = new Date().toISOString();
    const file = await this.threads.run('writeOrderFile', { kind, orders, at }, budget());
    response.attachment(`${name} order sheet.${kind}`).type(TYPES[kind]).end(file);
  }
}

const budget = (): Budget => ({
  sender: currentCompanyId(),
  mostMs: 60_000,
  insteadOfLong: 'Order in smaller jobs.',
});

@Controller('api/orders')
export class OrderStatesController {
  constructor(private readonly progress: OrderProgress) {}

  @ApiOperation({ summary: 'Sends, confirms or withdraws an order.' })
  @SendsJson()
  @May('order')
  @Put(':id/state')
  setState(
    @Param('id', IdPipe) id: string,
    @Body() request: OrderStateRequest,
  ): Promise<JsonText<OrdersView>> {
    return this.progress.setState(id, request);
  }
}

@Controller('api/order-lines')
export class OrderLinesController {
  constructor(
    private readonly orders: OrdersService,
    private readonly progress: OrderProgress,
  ) {}

  @ApiOperation({ summary: 'Changes a line that has not been sent.' })
  @SendsJson()
  @May('order')
  @Put(':id')
  change(
    @Param('id', IdPipe) id: string,
    @Body() request: ChangeOrderLineRequest,
  ): Promise<JsonText<OrdersView>> {
    return this.orders.change(id, request);
  }

  @ApiOperation({
    summary: 'Records a receipt of a line, checked by its casting. Sent twice it is stored once.',
  })
  @SendsJson()
  @May('receive')
  @Post(':id/receipts')
  @HttpCode(200)
  receive(@Param('id', IdPipe) id: string, @Body() request: ReceiptRequest): Promise<JsonText<OrdersView>> {
    return this.progress.receive(id, request);
  }
}

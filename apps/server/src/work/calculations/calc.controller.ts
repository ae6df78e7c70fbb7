import { CALCULATIONS, findCalculation } from '@grevik/core';
import { Controller, Get, HttpCode, NotFoundException, Param, Post, Req, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { Anyone } from '../../ground/access/may.js';
import { actingIn } from '../../ground/sessions/acting.js';
import type { Sent } from '../../ground/requests/sent.js';
import { ownBytes } from '../../ground/threads/own-bytes.js';
import { WorkThreads } from '../../ground/threads/work-threads.service.js';

/** What one request may take, of somebody of a company, and of anybody else. */
const LIMITS = {
  company: { mostMs: 20_000, mostAnswerBytes: 64 * 1024 * 1024 },
  anybody: { mostMs: 5_000, mostAnswerBytes: 8 * 1024 * 1024 },
} as const;
/** The thread is ended where a list did not stop by itself. */
const GRACE_MS = 1_000;

@Controller('api/calc')
export class CalcController {
  constructor(private readonly threads: WorkThreads) {}

  @ApiOperation({ summary: 'The calculations there are.' })
  @Anyone()
  @Get()
  list(): { name: string; summary: string }[] {
    return CALCULATIONS.map(({ name, summary }) => ({ name, summary }));
  }

  @ApiOperation({ summary: 'Runs one calculation on one input, or on a list of them.' })
  @Anyone()
  @Post(':name')
  @HttpCode(200)
  async run(
    @Param('name') name: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<Sent<unknown>> {
    if (!findCalculation(name))
      throw new NotFoundException(
        `There is no calculation “${name.slice(0, 60)}”. There are ${CALCULATIONS.map((known) => known.name).join(', ')}.`,
      );
    const acting = actingIn(request);
    const { mostMs, mostAnswerBytes } = acting ? LIMITS.company : LIMITS.anybody;
    const body = Buffer.isBuffer(request.body) ? ownBytes(request.body) : new Uint8Array();
    const answer = await this.threads.run(
      'calculate',
      { name, body, mostMs, mostAnswerBytes },
      {
        sender: acting?.companyId ?? request.ip ?? '',
        mostMs: mostMs + GRACE_MS,
        insteadOfLong: 'Send fewer inputs at once, or smaller ones.',
      },
      [body.buffer],
    );
    // Not through send(), which would work a fingerprint out of all of it.
    response.type('application/json').set('content-length', String(answer.byteLength)).end(answer);
  }
}

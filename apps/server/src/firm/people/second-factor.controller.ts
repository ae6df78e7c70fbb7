import {
  type RecoveryCodesView,
  type SecondFactorOfferView,
  SecondFactorRequest,
  type SecondFactorView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Post, Put, Req } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request } from 'express';
import { SignedIn } from '../../ground/access/may.js';
import { Refusal } from '../../ground/errors/refusal.js';
import { actingIn } from '../../ground/sessions/acting.js';
import { SecondFactors } from './second-factors.service.js';

@Controller('api/session/second-factor')
export class SecondFactorController {
  constructor(private readonly factors: SecondFactors) {}

  @ApiOperation({ summary: 'Whether your sign-in asks for a second factor.' })
  @SignedIn()
  @Get()
  show(): Promise<SecondFactorView> {
    return this.factors.own();
  }

  @ApiOperation({ summary: 'Offers a secret for an authenticator app. It counts once a code was entered.' })
  @SignedIn()
  @Post()
  offer(@Req() request: Request): Promise<SecondFactorOfferView> {
    refuseDemo(request);
    return this.factors.offer();
  }

  @ApiOperation({
    summary: 'Turns the second factor on with a first code, and gives codes for a lost phone.',
  })
  @SignedIn()
  @Put()
  confirm(@Body() { code }: SecondFactorRequest): Promise<RecoveryCodesView> {
    return this.factors.confirm(code);
  }

  @ApiOperation({ summary: 'Turns your second factor off, with a code.' })
  @SignedIn()
  @Delete()
  @HttpCode(204)
  async turnOff(@Body() { code }: SecondFactorRequest): Promise<void> {
    await this.factors.turnOff(code);
  }
}

/** People of the demo company come in by its own door. */
function refuseDemo(request: Request): void {
  if (actingIn(request)?.isDemo)
    throw new Refusal(403, {
      code: 'not-allowed',
      message: 'People in the demo company have no password, and no second factor.',
    });
}

import {
  AcceptInvitationRequest,
  type InvitationOfferView,
  InvitationToken,
  InviteRequest,
  type InvitationView,
  type NewInvitationView,
  type PersonView,
  RoleRequest,
  type SessionView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Ip, Param, Post, Put, Req } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request } from 'express';
import { Anyone, May } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { SessionsService } from './sessions.service.js';
import { PeopleService } from './people.service.js';

@Controller('api/people')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
  ) {}

  @ApiOperation({ summary: 'Everybody in the company.' })
  @May('look')
  @Get()
  list(): Promise<PersonView[]> {
    return this.people.list();
  }

  @ApiOperation({ summary: 'Gives somebody another role.' })
  @May('people')
  @Put(':id/role')
  setRole(@Param('id', IdPipe) id: string, @Body() { version, role }: RoleRequest): Promise<PersonView> {
    return this.people.setRole(id, version, role);
  }

  @ApiOperation({ summary: 'Removes a person from the company. Their entries keep their name.' })
  @May('people')
  @Delete(':id')
  remove(@Param('id', IdPipe) id: string): Promise<PersonView> {
    return this.people.remove(id);
  }

  @ApiOperation({ summary: 'Open invitations.' })
  @May('people')
  @Get('invitations')
  invitations(): Promise<InvitationView[]> {
    return this.people.openInvitations();
  }

  @ApiOperation({ summary: 'Creates a link for one person, valid for a week.' })
  @May('people')
  @Post('invitations')
  invite(@Body() { role }: InviteRequest): Promise<NewInvitationView> {
    return this.people.invite(role);
  }

  @ApiOperation({ summary: 'Withdraws an invitation.' })
  @May('people')
  @Delete('invitations/:id')
  @HttpCode(204)
  withdraw(@Param('id', IdPipe) id: string): Promise<void> {
    return this.people.withdraw(id);
  }

  @ApiOperation({
    summary: 'What a link offers. The secret travels in the body, not in an address that gets logged.',
  })
  @Anyone()
  @Post('invitations/look')
  @HttpCode(200)
  look(@Ip() address: string, @Body() { token }: InvitationToken): Promise<InvitationOfferView> {
    return this.people.offer(token, address);
  }

  @ApiOperation({ summary: 'Joins by a link.' })
  @Anyone()
  @Post('invitations/accept')
  async accept(
    @Req() request: Request,
    @Ip() address: string,
    @Body() joining: AcceptInvitationRequest,
  ): Promise<SessionView> {
    return this.sessions.open(request, await this.people.accept(joining, address));
  }
}

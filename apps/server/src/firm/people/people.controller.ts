import {
  AcceptInvitationRequest,
  type InvitationOfferView,
  LinkToken,
  InviteRequest,
  type InvitationView,
  type NewInvitationView,
  type NewPasswordLinkView,
  type PersonView,
  RoleRequest,
  type SessionView,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, HttpCode, Ip, Param, Post, Put, Req, Res } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { notAllowed } from '../../ground/access/access.guard.js';
import { mayDo } from '../../ground/access/permission-table.js';
import { type Acting, actingIn } from '../../ground/sessions/acting.js';
import { Anyone, May, SignedIn } from '../../ground/access/may.js';
import { IdPipe } from '../../ground/errors/id.pipe.js';
import { OnReplica } from '../../ground/replicas/on-replica.js';
import { SessionsService } from './sessions.service.js';
import { PasswordLinks } from './password-links.service.js';
import { PersonData } from './person-data.service.js';
import { SecondFactors } from './second-factors.service.js';
import { PeopleService } from './people.service.js';

@Controller('api/people')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
    private readonly links: PasswordLinks,
    private readonly factors: SecondFactors,
    private readonly personData: PersonData,
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

  @ApiOperation({ summary: 'Creates a link for one person’s new password, valid for a day.' })
  @May('people')
  @Post(':id/password-link')
  passwordLink(@Param('id', IdPipe) id: string): Promise<NewPasswordLinkView> {
    return this.links.make(id);
  }

  @ApiOperation({ summary: 'Turns off the second factor of somebody who lost phone and codes.' })
  @May('people')
  @Delete(':id/second-factor')
  @HttpCode(204)
  removeFactor(@Param('id', IdPipe) id: string): Promise<void> {
    return this.factors.remove(id);
  }

  @ApiOperation({ summary: 'Everything that is kept of a person: your own, or anybody’s for the owner.' })
  @SignedIn()
  @OnReplica()
  @Get(':id/data.json')
  data(
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<object> {
    const acting = actingIn(request) as Acting;
    if (id !== acting.personId && (acting.isDemo || !mayDo(acting.role, 'people')))
      throw notAllowed(acting.role, 'people');
    response.attachment('person.json');
    return this.personData.of(id);
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
  look(@Ip() address: string, @Body() { token }: LinkToken): Promise<InvitationOfferView> {
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

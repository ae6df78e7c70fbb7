import {
  ChangePasswordRequest,
  DemoRequest,
  LanguageRequest,
  LinkToken,
  NewPasswordRequest,
  type OpenSessionView,
  type PasswordLinkOfferView,
  type SignInOptionsView,
  type SessionView,
  SignInRequest,
  StartCompanyRequest,
} from '@grevik/contracts';
import { Body, Controller, Delete, Get, Header, HttpCode, Ip, Param, Post, Put, Req } from '@nestjs/common';
import { ApiOperation } from '@nestjs/swagger';
import type { Request } from 'express';
import { Anyone, SignedIn } from '../../ground/access/may.js';
import { OpenSessions } from './open-sessions.service.js';
import { PasswordLinks } from './password-links.service.js';
import { SignInService } from './sign-in.service.js';
import { SessionsService } from './sessions.service.js';

/** What the browser forgets with a session; the interface does so itself, since this works over https alone. */
const CLEARED = '"cache", "storage"';

@Controller('api/session')
export class SessionsController {
  constructor(
    private readonly sessions: SessionsService,
    private readonly signIn: SignInService,
    private readonly open: OpenSessions,
    private readonly links: PasswordLinks,
  ) {}

  @ApiOperation({ summary: 'Who is signed in; null where nobody is.' })
  @Anyone()
  @Get()
  async show(@Req() request: Request): Promise<{ session: SessionView | null; doors: SignInOptionsView }> {
    return { session: await this.sessions.show(request), doors: await this.signIn.doors() };
  }

  @ApiOperation({ summary: 'Signs in with e-mail and password.' })
  @Anyone()
  @Post()
  @HttpCode(200)
  async enter(
    @Req() request: Request,
    @Ip() address: string,
    @Body() asked: SignInRequest,
  ): Promise<SessionView> {
    return this.sessions.open(request, await this.signIn.byPassword(asked, address));
  }

  @ApiOperation({ summary: 'Opens the demo company.' })
  @Anyone()
  @Post('demo')
  @HttpCode(200)
  async lookAround(
    @Req() request: Request,
    @Ip() address: string,
    @Body() { role }: DemoRequest,
  ): Promise<SessionView> {
    return this.sessions.open(request, await this.signIn.asDemo(role, address));
  }

  @ApiOperation({ summary: 'Creates a company, with you as its owner.' })
  @Anyone()
  @Post('company')
  async startCompany(
    @Req() request: Request,
    @Ip() address: string,
    @Body() start: StartCompanyRequest,
  ): Promise<SessionView> {
    return this.sessions.open(request, await this.signIn.startCompany(start, address));
  }

  @ApiOperation({ summary: 'Keeps the language you read, for every device.' })
  @SignedIn()
  @Put('language')
  @HttpCode(204)
  speak(@Req() request: Request, @Body() { language }: LanguageRequest): Promise<void> {
    return this.sessions.speak(request, language);
  }

  @ApiOperation({ summary: 'Where you are signed in.' })
  @SignedIn()
  @Get('all')
  all(@Req() request: Request): Promise<OpenSessionView[]> {
    return this.open.list(request);
  }

  @ApiOperation({ summary: 'Ends one of your sessions.' })
  @SignedIn()
  @Delete('all/:session')
  @HttpCode(204)
  end(@Req() request: Request, @Param('session') id: string): Promise<void> {
    return this.open.end(request, id);
  }

  @ApiOperation({ summary: 'For whom a link for a new password is.' })
  @Anyone()
  @Post('new-password/look')
  @HttpCode(200)
  look(@Ip() address: string, @Body() { token }: LinkToken): Promise<PasswordLinkOfferView> {
    return this.links.offer(token, address);
  }

  @ApiOperation({ summary: 'Chooses a new password by a link, and ends all sessions. Sign in with it then.' })
  @Anyone()
  @Post('new-password')
  @HttpCode(204)
  async newPassword(@Ip() address: string, @Body() chosen: NewPasswordRequest): Promise<void> {
    await this.links.use(chosen, address);
  }

  @ApiOperation({ summary: 'Signs out on this device.' })
  @SignedIn()
  @Delete()
  @HttpCode(204)
  @Header('clear-site-data', CLEARED)
  leave(@Req() request: Request): Promise<void> {
    return this.sessions.close(request);
  }

  @ApiOperation({ summary: 'Signs out everywhere.' })
  @SignedIn()
  @Delete('everywhere')
  @HttpCode(204)
  @Header('clear-site-data', CLEARED)
  leaveEverywhere(@Req() request: Request): Promise<void> {
    return this.sessions.closeEverywhere(request);
  }

  @ApiOperation({ summary: 'Changes your password and signs out all your other devices.' })
  @SignedIn()
  @Put('password')
  @HttpCode(200)
  async changePassword(
    @Req() request: Request,
    @Ip() address: string,
    @Body() { current, next }: ChangePasswordRequest,
  ): Promise<SessionView> {
    const person = await this.signIn.changePassword(current, next, address);
    await this.sessions.closeAll(person.id);
    return this.sessions.open(request, person);
  }
}

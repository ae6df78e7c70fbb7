import { type MiddlewareConsumer, Module, type NestModule } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import type { NextFunction, Request, Response } from 'express';
import { inCompany } from '../company/company-scope.js';
import { setActing } from '../sessions/acting.js';
import { SessionsController } from './sessions.controller.js';
import { SessionsService } from './sessions.service.js';
import { SessionStore } from '../sessions/session-store.js';
import { Invitation } from './invitation.model.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { Person } from './person.model.js';
import { SignInService } from './sign-in.service.js';

/** People and their sessions. */
@Module({
  imports: [SequelizeModule.forFeature([Person, Invitation])],
  controllers: [SessionsController, PeopleController],
  providers: [SessionsService, SignInService, PeopleService],
  exports: [SessionsService],
})
export class PeopleModule implements NestModule {
  constructor(
    private readonly store: SessionStore,
    private readonly sessions: SessionsService,
  ) {}

  /** Finds out who sent each request, and opens their company around it. Calculations and health know nobody. */
  configure(consumer: MiddlewareConsumer): void {
    consumer
      .apply(this.store.middleware, this.actAsSender.bind(this))
      .exclude('api/calc', 'api/calc/{*path}', 'api/health')
      .forRoutes('api/{*path}');
  }

  private async actAsSender(request: Request, _response: Response, next: NextFunction): Promise<void> {
    const acting = await this.sessions.find(request);
    if (!acting) {
      next();
      return;
    }
    setActing(request, acting);
    inCompany(acting.companyId, next, acting.personId);
  }
}

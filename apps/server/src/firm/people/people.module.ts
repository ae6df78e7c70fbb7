import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { SessionsController } from './sessions.controller.js';
import { SessionsService } from './sessions.service.js';
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
  exports: [SessionsService, PeopleService],
})
export class PeopleModule {}

import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { SessionsController } from './sessions.controller.js';
import { SessionsService } from './sessions.service.js';
import { Invitation } from './invitation.model.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { OpenSessions } from './open-sessions.service.js';
import { PasswordLink } from './password-link.model.js';
import { PasswordLinks } from './password-links.service.js';
import { PersonData } from './person-data.service.js';
import { SecondFactorController } from './second-factor.controller.js';
import { SecondFactor } from './second-factor.model.js';
import { SecondFactors } from './second-factors.service.js';
import { Person } from './person.model.js';
import { SignInService } from './sign-in.service.js';

/** People and their sessions. */
@Module({
  imports: [SequelizeModule.forFeature([Person, Invitation, PasswordLink, SecondFactor])],
  controllers: [SecondFactorController, SessionsController, PeopleController],
  providers: [
    SessionsService,
    SignInService,
    PeopleService,
    PasswordLinks,
    SecondFactors,
    OpenSessions,
    PersonData,
  ],
  exports: [SessionsService, PeopleService],
})
export class PeopleModule {}

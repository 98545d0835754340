import { Module } from '@nestjs/common';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { PinLock } from './pinLock.js';
import { SessionController } from './session.controller.js';
import { SessionsService } from './sessions.service.js';
import { SignInService } from './signIn.service.js';

@Module({
  controllers: [PeopleController, SessionController],
  providers: [PeopleService, SessionsService, SignInService, PinLock],
  exports: [PeopleService, SessionsService, SignInService],
})
export class PeopleModule {}

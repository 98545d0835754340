import { Module } from '@nestjs/common';
import { AccountsController } from './accounts.controller.js';
import { AccountsService } from './accounts.service.js';
import { NetworkDoorController } from './networkDoor.controller.js';
import { OpenIdProvider } from './OpenIdProvider.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { PinLock } from './pinLock.js';
import { SessionController } from './session.controller.js';
import { SessionsService } from './sessions.service.js';
import { SignInService } from './signIn.service.js';

@Module({
  controllers: [PeopleController, SessionController, NetworkDoorController, AccountsController],
  providers: [PeopleService, SessionsService, SignInService, PinLock, AccountsService, OpenIdProvider],
  exports: [PeopleService, SessionsService, SignInService],
})
export class PeopleModule {}

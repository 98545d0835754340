import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { PeopleModule } from '../people/people.module.js';
import { AccessGuard } from './access.guard.js';
import { signInPlan, type SignInPlan } from './SignInPlan.js';
import { readingIsClosed } from './readingIsClosed.js';

/** Requests of one address in a minute: far above a busy desk with several tabs, far below a flood. */
const requestsAMinute = 1500;

/** Who may come in, and how often. Global for the switch, which the session tells of. */
@Global()
@Module({})
export class AccessModule {
  static with(isReadingClosed: boolean, signIn: SignInPlan): DynamicModule {
    return {
      module: AccessModule,
      imports: [PeopleModule, ThrottlerModule.forRoot([{ ttl: 60_000, limit: requestsAMinute }])],
      providers: [
        { provide: readingIsClosed, useValue: isReadingClosed },
        { provide: signInPlan, useValue: signIn },
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_GUARD, useClass: AccessGuard },
      ],
      exports: [readingIsClosed, signInPlan],
    };
  }
}

import {
  ownPinSchema,
  personSchema,
  sessionSchema,
  signInSchema,
  type Person,
  type Session,
  type OwnPin,
  type SignIn,
} from '@lone-heron/contract';
import { Controller, Delete, Get, HttpCode, Inject, Put, Req, Res } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Throttle } from '@nestjs/throttler';
import type { Response } from 'express';
import { By, ForAnyone, ForEverybody, type HeronRequest } from '../access/access.js';
import { readingIsClosed } from '../access/readingIsClosed.js';
import { signInPlan, type SignInPlan } from '../access/SignInPlan.js';
import { takesPins } from '../access/takesPins.js';
import { giveCookie, sessionToken, takeCookie } from '../access/sessionCookie.js';
import { notAllowed } from '../http/problem.js';
import { Answers, Sent } from '../http/schemaRoutes.js';
import { PeopleService } from './people.service.js';
import { SessionsService } from './sessions.service.js';
import { SignInService } from './signIn.service.js';

/** Tries of one address in a minute, whichever name they are for. */
const triesAMinute = { default: { limit: 30, ttl: 60_000 } };

@ApiTags('session')
@Controller('session')
export class SessionController {
  constructor(
    private readonly people: PeopleService,
    private readonly sessions: SessionsService,
    private readonly door: SignInService,
    @Inject(signInPlan) private readonly ways: SignInPlan,
    @Inject(readingIsClosed) private readonly isReadingClosed: boolean,
  ) {}

  @Get()
  @ForAnyone()
  @ApiOperation({ summary: 'Who is signed in on this device' })
  @Answers(sessionSchema)
  async current(@Req() { person }: HeronRequest): Promise<Session> {
    return {
      person,
      needsFirstLead: !(await this.people.hasLead()),
      isReadingClosed: this.isReadingClosed,
      hasSamplePin: await this.people.hasSamplePin(),
    };
  }

  @Put()
  @ForAnyone()
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Sign in with a name and its PIN' })
  @Answers(personSchema)
  async signIn(
    @Sent(signInSchema) given: SignIn,
    @Req() request: HeronRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Person> {
    if (!takesPins(this.ways.pinFrom, request)) throw pinsAtTheBenchAlone();
    const { person, token } = await this.door.signIn(given, request.socket.remoteAddress ?? '');
    await this.endCurrent(request);
    giveCookie(request, response, token);
    return person;
  }

  @Delete()
  @ForAnyone()
  @HttpCode(204)
  @ApiOperation({ summary: 'Sign out on this device' })
  @ApiNoContentResponse()
  async signOut(@Req() request: HeronRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.endCurrent(request);
    takeCookie(request, response);
  }

  @Put('pin')
  @ForEverybody()
  @HttpCode(204)
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Change one’s own PIN; every device of theirs signs in again' })
  @ApiNoContentResponse()
  changeOwnPin(@Sent(ownPinSchema) change: OwnPin, @By() by: Person): Promise<void> {
    return this.door.changeOwnPin(by, change);
  }

  private async endCurrent(request: HeronRequest): Promise<void> {
    const token = sessionToken(request);
    if (token !== null) await this.sessions.end(token);
  }
}

function pinsAtTheBenchAlone() {
  return notAllowed('PINs are taken at the benches. From here, sign in with your account.');
}

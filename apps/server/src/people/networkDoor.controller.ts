import {
  accountSignInSchema,
  doorSchema,
  ownPassphraseSchema,
  personSchema,
  providerAnswerSchema,
  providerBegunSchema,
  type AccountSignIn,
  type Door,
  type OwnPassphrase,
  type Person,
  type ProviderAnswer,
  type ProviderBegun,
} from '@lone-heron/contract';
import { Controller, Get, HttpCode, Inject, Put, Req, Res } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { Throttle } from '@nestjs/throttler';
import type { Response } from 'express';
import { By, ForAnyone, ForEverybody, type HeronRequest } from '../access/access.js';
import { giveCookie, sessionToken } from '../access/sessionCookie.js';
import { ProblemException } from '../http/problem.js';
import { Answers, Sent } from '../http/schemaRoutes.js';
import { SessionsService } from './sessions.service.js';
import type { SignedIn } from './signIn.service.js';
import { AccountsService } from './accounts.service.js';
import { OpenIdProvider } from './OpenIdProvider.js';
import { signInPlan, type SignInPlan } from '../access/SignInPlan.js';
import { takesPins } from '../access/takesPins.js';
import { keepTrip, tripOf } from './tripCookie.js';

/** Tries of one address in a minute, whichever account they are for. */
const triesAMinute = { default: { limit: 30, ttl: 60_000 } };

/** The ways in beside a name and a PIN. */
@ApiTags('session')
@Controller('session')
export class NetworkDoorController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly provider: OpenIdProvider,
    private readonly sessions: SessionsService,
    @Inject(signInPlan) private readonly plan: SignInPlan,
  ) {}

  @Get('ways')
  @ForAnyone()
  @ApiOperation({ summary: 'What ways in there are from here' })
  @Answers(doorSchema)
  async ways(@Req() request: HeronRequest): Promise<Door> {
    return {
      takesPins: takesPins(this.plan.pinFrom, request),
      hasPassphrases: await this.accounts.hasPassphrases(),
      provider: this.provider.name,
    };
  }

  @Put('account')
  @ForAnyone()
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Sign in with an account and its passphrase' })
  @Answers(personSchema)
  async signIn(
    @Sent(accountSignInSchema) given: AccountSignIn,
    @Req() request: HeronRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Person> {
    const signedIn = await this.accounts.signIn(given, request.socket.remoteAddress ?? '');
    return this.letIn(signedIn, request, response);
  }

  @Put('passphrase')
  @ForEverybody()
  @HttpCode(204)
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Change one’s own passphrase; every device of theirs signs in again' })
  @ApiNoContentResponse()
  changeOwn(@Sent(ownPassphraseSchema) change: OwnPassphrase, @By() by: Person): Promise<void> {
    return this.accounts.changeOwn(by, change);
  }

  @Put('provider/begun')
  @ForAnyone()
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Where to sign in at the firm’s provider' })
  @Answers(providerBegunSchema)
  async begin(
    @Req() request: HeronRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ProviderBegun> {
    const { url, trip } = await this.provider.begin();
    keepTrip(request, response, trip);
    return { url };
  }

  @Put('provider')
  @ForAnyone()
  @Throttle(triesAMinute)
  @ApiOperation({ summary: 'Sign in with what the provider sent the browser back with' })
  @Answers(personSchema)
  async end(
    @Sent(providerAnswerSchema) { query }: ProviderAnswer,
    @Req() request: HeronRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Person> {
    const trip = tripOf(request);
    if (trip === null) throw notBegunHere();
    keepTrip(request, response, null);
    const provided = await this.provider.end(query, trip);
    return this.letIn(await this.accounts.signInProvided(provided), request, response);
  }

  private async letIn(
    { person, token }: SignedIn,
    request: HeronRequest,
    response: Response,
  ): Promise<Person> {
    const before = sessionToken(request);
    if (before !== null) await this.sessions.end(before);
    giveCookie(request, response, token);
    return person;
  }
}

function notBegunHere(): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Not signed in',
    status: 401,
    detail: 'This sign-in was not begun on this device, or too long ago. Begin again.',
  });
}

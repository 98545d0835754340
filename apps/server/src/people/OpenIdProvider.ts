import { Inject, Injectable } from '@nestjs/common';
import * as openId from 'openid-client';
import { conflict, ProblemException } from '../http/problem.js';
import { signInPlan, type ProviderPlan, type SignInPlan } from '../access/SignInPlan.js';

/** What the device keeps while its browser is at the provider. */
export interface ProviderTrip {
  readonly state: string;
  readonly nonce: string;
  readonly verifier: string;
}

/** Who the provider says it is. */
export interface ProvidedPerson {
  /** The provider's issuer and its own name for them: never given to somebody else. */
  readonly subject: string;
  /** Their address in small letters; null where the provider does not say that it is theirs. */
  readonly email: string | null;
}

/** The page of the interface that the provider sends people back to. */
const answerPage = '/shop/in';

/** Talks to the firm's provider of sign-ins: code flow with PKCE, state and nonce. */
@Injectable()
export class OpenIdProvider {
  private found: Promise<openId.Configuration> | null = null;

  constructor(@Inject(signInPlan) private readonly plan: SignInPlan) {}

  /** What its button says; null where the shop has none. */
  get name(): string | null {
    return this.plan.provider?.name ?? null;
  }

  /** Where the browser goes, and what it takes along. */
  async begin(): Promise<{ readonly url: string; readonly trip: ProviderTrip }> {
    const plan = this.require();
    const configuration = await this.configuration(plan);
    const trip = {
      state: openId.randomState(),
      nonce: openId.randomNonce(),
      verifier: openId.randomPKCECodeVerifier(),
    };
    const url = openId.buildAuthorizationUrl(configuration, {
      redirect_uri: new URL(answerPage, plan.url).href,
      scope: 'openid email',
      state: trip.state,
      nonce: trip.nonce,
      code_challenge: await openId.calculatePKCECodeChallenge(trip.verifier),
      code_challenge_method: 'S256',
    });
    return { url: url.href, trip };
  }

  /**
   * Who came back.
   *
   * @param query what stood behind the question mark of the address
   * @throws ProblemException 401 where the answer is not one to this device's question, or says no
   */
  async end(query: string, trip: ProviderTrip): Promise<ProvidedPerson> {
    const plan = this.require();
    const configuration = await this.configuration(plan);
    const answered = new URL(answerPage, plan.url);
    answered.search = query;
    const tokens = await openId
      .authorizationCodeGrant(configuration, answered, {
        expectedState: trip.state,
        expectedNonce: trip.nonce,
        pkceCodeVerifier: trip.verifier,
        idTokenExpected: true,
      })
      .catch((fault: unknown) => {
        throw notLetIn(plan, fault);
      });
    const claims = tokens.claims();
    if (claims === undefined) throw notLetIn(plan, null);
    const { email } = claims;
    const isTheirs = claims['email_verified'] === true && typeof email === 'string';
    return { subject: `${claims.iss} ${claims.sub}`, email: isTheirs ? email.trim().toLowerCase() : null };
  }

  private require(): ProviderPlan {
    if (this.plan.provider === null) throw conflict('This shop has no provider of sign-ins.');
    return this.plan.provider;
  }

  /** What the provider says of itself, asked for once; again where it did not answer. */
  private configuration(plan: ProviderPlan): Promise<openId.Configuration> {
    this.found ??= discover(plan).catch((fault: unknown) => {
      this.found = null;
      throw away(plan, fault);
    });
    return this.found;
  }
}

function discover({ issuer, clientId, clientSecret }: ProviderPlan): Promise<openId.Configuration> {
  const authentication = clientSecret === null ? openId.None() : openId.ClientSecretPost(clientSecret);
  // A provider on this very machine, as in tests, needs no certificate.
  const isHere = issuer.protocol === 'http:' && ['127.0.0.1', 'localhost'].includes(issuer.hostname);
  // oxlint-disable-next-line typescript/no-deprecated -- marked so only to make it stand out
  const execute = isHere ? [openId.allowInsecureRequests] : [];
  return openId.discovery(issuer, clientId, undefined, authentication, { execute });
}

function away({ name }: ProviderPlan, fault: unknown): ProblemException {
  const why = fault instanceof Error ? fault.message : String(fault);
  return new ProblemException({
    type: 'about:blank',
    title: 'Away',
    status: 503,
    detail: `${name} does not answer (${why}). Sign in another way, or try again.`,
  });
}

function notLetIn({ name }: ProviderPlan, fault: unknown): ProblemException {
  const said = fault instanceof openId.AuthorizationResponseError ? ` It said: ${fault.error}.` : '';
  return new ProblemException({
    type: 'about:blank',
    title: 'Not signed in',
    status: 401,
    detail: `${name} did not say who this is, or not to this device.${said} Begin again.`,
  });
}

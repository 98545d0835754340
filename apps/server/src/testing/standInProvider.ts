import { createHash, randomUUID } from 'node:crypto';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { exportJWK, generateKeyPair, SignJWT } from 'jose';

/** Who signs in at the stand-in next, as it will say. */
export interface StandInPerson {
  readonly sub: string;
  readonly email?: string;
  readonly email_verified?: boolean;
}

/** A provider of sign-ins by OpenID Connect that lets in whoever a test says, without asking. */
export interface StandInProvider {
  readonly issuer: URL;
  person: StandInPerson;
  /** Goes where a browser would, and comes back with the query of the address it is sent to. */
  signIn(url: string): Promise<string>;
  close(): Promise<void>;
}

export const standInClient = { id: 'lone-heron', secret: 'what only the two of them know' };

interface Asked {
  readonly nonce: string;
  readonly challenge: string;
  readonly person: StandInPerson;
}

/** Starts one on this machine. */
export async function startStandInProvider(person: StandInPerson): Promise<StandInProvider> {
  const { publicKey, privateKey } = await generateKeyPair('RS256');
  const key = { ...(await exportJWK(publicKey)), kid: 'stand-in', alg: 'RS256', use: 'sig' };
  const codes = new Map<string, Asked>();
  const server = createServer((request, response) => void answer(request, response));
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  const issuer = new URL(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  const provider: StandInProvider = {
    issuer,
    person,
    signIn: async (url) => {
      const { headers } = await fetch(url, { redirect: 'manual' });
      return new URL(headers.get('location') ?? '').search.slice(1);
    },
    close: () => new Promise((closed) => server.close(() => closed())),
  };

  async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const url = new URL(request.url ?? '/', issuer);
    if (url.pathname === '/.well-known/openid-configuration') json(response, described(issuer));
    else if (url.pathname === '/keys') json(response, { keys: [key] });
    else if (url.pathname === '/authorize') authorize(url, response);
    else if (url.pathname === '/token')
      await giveTokens(new URLSearchParams(await bodyOf(request)), response);
    else json(response, {}, 404);
  }

  function authorize({ searchParams }: URL, response: ServerResponse): void {
    const code = randomUUID();
    codes.set(code, {
      nonce: searchParams.get('nonce') ?? '',
      challenge: searchParams.get('code_challenge') ?? '',
      person: provider.person,
    });
    const back = new URL(searchParams.get('redirect_uri') ?? '');
    back.search = new URLSearchParams({ code, state: searchParams.get('state') ?? '' }).toString();
    response.writeHead(302, { Location: back.href }).end();
  }

  async function giveTokens(sent: URLSearchParams, response: ServerResponse): Promise<void> {
    const asked = codes.get(sent.get('code') ?? '');
    codes.delete(sent.get('code') ?? '');
    const verifier = createHash('sha256')
      .update(sent.get('code_verifier') ?? '')
      .digest('base64url');
    const isClient =
      sent.get('client_id') === standInClient.id && sent.get('client_secret') === standInClient.secret;
    if (asked === undefined || verifier !== asked.challenge || !isClient) {
      json(response, { error: 'invalid_grant' }, 400);
      return;
    }
    const idToken = await new SignJWT({ ...asked.person, nonce: asked.nonce })
      .setProtectedHeader({ alg: 'RS256', kid: 'stand-in' })
      .setIssuer(issuer.href)
      .setAudience(standInClient.id)
      .setIssuedAt()
      .setExpirationTime('5m')
      .sign(privateKey);
    json(response, { access_token: randomUUID(), token_type: 'Bearer', expires_in: 300, id_token: idToken });
  }

  return provider;
}

function described(issuer: URL) {
  const at = (path: string) => new URL(path, issuer).href;
  return {
    issuer: issuer.href,
    authorization_endpoint: at('/authorize'),
    token_endpoint: at('/token'),
    jwks_uri: at('/keys'),
    response_types_supported: ['code'],
    subject_types_supported: ['public'],
    id_token_signing_alg_values_supported: ['RS256'],
    code_challenge_methods_supported: ['S256'],
  };
}

async function bodyOf(request: IncomingMessage): Promise<string> {
  let text = '';
  for await (const chunk of request) text += String(chunk);
  return text;
}

function json(response: ServerResponse, body: object, status = 200): void {
  response.writeHead(status, { 'Content-Type': 'application/json' }).end(JSON.stringify(body));
}

import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A store that speaks as much S3 as pictures need: puts, gets, and says what is not there. */
export interface StandInBucket {
  /** Where it is, as `HERON_PHOTOS` says it. */
  readonly address: string;
  /** What lies in it, by its key. */
  readonly objects: Map<string, Buffer>;
  /** Answers nothing but faults until told otherwise. */
  isAway: boolean;
  close(): Promise<void>;
}

/** Starts one on this machine; whoever signs in its usual variables is let in. */
export async function startStandInBucket(): Promise<StandInBucket> {
  process.env.AWS_ACCESS_KEY_ID = 'stand-in';
  process.env.AWS_SECRET_ACCESS_KEY = 'a secret of nobody';
  const objects = new Map<string, Buffer>();
  const server = createServer((request, response) => void answer(request, response));
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  const endpoint = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const bucket: StandInBucket = {
    address: `s3://pictures/heron?endpoint=${encodeURIComponent(endpoint)}`,
    objects,
    isAway: false,
    close: () =>
      new Promise((closed) => {
        server.close(() => closed());
        server.closeAllConnections();
      }),
  };

  async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const bytes = await bytesOf(request);
    if (bucket.isAway) {
      fault(response, 503, 'ServiceUnavailable');
      return;
    }
    if (request.headers.authorization?.startsWith('AWS4-HMAC-SHA256 ') !== true) {
      fault(response, 403, 'AccessDenied');
      return;
    }
    const key = decodeURIComponent((request.url ?? '').split('?')[0] ?? '').replace(/^\/pictures\//, '');
    if (request.method === 'PUT') {
      objects.set(key, bytes);
      response.writeHead(200, { ETag: '"stored"' }).end();
      return;
    }
    const found = objects.get(key);
    if (found === undefined) {
      fault(response, 404, 'NoSuchKey');
      return;
    }
    response.writeHead(200, { 'Content-Length': found.length }).end(found);
  }

  return bucket;
}

async function bytesOf(request: IncomingMessage): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of request) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

function fault(response: ServerResponse, status: number, code: string): void {
  response.writeHead(status, { 'Content-Type': 'application/xml' });
  response.end(`<?xml version="1.0"?><Error><Code>${code}</Code><Message>${code}</Message></Error>`);
}

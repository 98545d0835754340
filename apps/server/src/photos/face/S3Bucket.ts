import type { S3Client } from '@aws-sdk/client-s3';
import { ProblemException } from '../../http/problem.js';
import type { PhotoBucket } from './photoFiles.js';

/** Whether photos are said to lie in a bucket: `s3://bucket/prefix?endpoint=https://store:9000&region=eu-1`. */
export function isBucketAddress(photos: string): boolean {
  return photos.startsWith('s3://') && URL.canParse(photos) && new URL(photos).hostname !== '';
}

/** Longest that a store is waited for, ms. */
const patienceMs = 20_000;

/** Pictures in a store that speaks S3, by the standard client. Who we are there stands in its usual variables (AWS_ACCESS_KEY_ID and others). */
export class S3Bucket implements PhotoBucket {
  private client: Promise<S3Client> | null = null;
  private readonly url: URL;

  constructor(address: string) {
    this.url = new URL(address);
  }

  async put(hash: string, bytes: Buffer): Promise<void> {
    const { PutObjectCommand } = await library();
    const client = await this.connected();
    await client.send(new PutObjectCommand({ ...this.at(hash), Body: bytes })).catch((fault: unknown) => {
      throw away(fault);
    });
  }

  async get(hash: string): Promise<Buffer | null> {
    const { GetObjectCommand, NoSuchKey } = await library();
    const client = await this.connected();
    try {
      const { Body } = await client.send(new GetObjectCommand(this.at(hash)));
      return Body === undefined ? null : Buffer.from(await Body.transformToByteArray());
    } catch (fault) {
      if (fault instanceof NoSuchKey) return null;
      throw away(fault);
    }
  }

  private at(hash: string) {
    const prefix = this.url.pathname.replace(/^\/+|\/+$/g, '');
    return {
      Bucket: this.url.hostname,
      Key: `${prefix === '' ? '' : `${prefix}/`}${hash.slice(0, 2)}/${hash}`,
    };
  }

  /** Made with the first picture: a shop without a bucket does without all that. */
  private connected(): Promise<S3Client> {
    this.client ??= library().then(({ S3Client: Client }) => {
      const endpoint = this.url.searchParams.get('endpoint');
      return new Client({
        region: this.url.searchParams.get('region') ?? 'us-east-1',
        ...(endpoint === null ? {} : { endpoint, forcePathStyle: true }),
        // Bytes are held against their own hash, which stores of other makes agree with.
        requestChecksumCalculation: 'WHEN_REQUIRED',
        responseChecksumValidation: 'WHEN_REQUIRED',
        requestHandler: { requestTimeout: patienceMs, connectionTimeout: patienceMs / 4 },
      });
    });
    return this.client;
  }
}

const library = () => import('@aws-sdk/client-s3');

function away(fault: unknown): ProblemException {
  const why = fault instanceof Error ? `${fault.name}: ${fault.message}` : String(fault);
  return new ProblemException({
    type: 'about:blank',
    title: 'Away',
    status: 503,
    detail: `The store of the photos does not answer (${why}). Nothing was stored, and nothing typed is lost: try again.`,
  });
}

import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import { multistream, pino, transport, type Logger } from 'pino';

/** A file of the log is turned over at this size, and so many are kept. */
const fileSize = '5m';
const filesKept = 8;

/**
 * The log of a server: everything as lines of JSON into files that are turned over, and what somebody should look at as plain
 * lines to whoever started it.
 *
 * @param folder that the files lie in, made where it is missing
 */
export function openLog(folder: string): Logger {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const files = transport<Record<string, unknown>>({
    target: 'pino-roll',
    options: {
      file: join(folder, 'heron.jsonl'),
      size: fileSize,
      limit: { count: filesKept },
      // Whoever starts the server alone reads them.
      mode: 0o600,
    },
  });
  // A disk that is full is told elsewhere, and no request fails for want of a line about it.
  files.on('error', () => undefined);
  return pino(
    loggingOptions,
    multistream([
      { level: 'info', stream: files },
      { level: 'warn', stream: plainLines() },
    ]),
  );
}

/** A log that nobody reads. */
export const noLog = (): Logger => pino({ level: 'silent' });

/** How lines are written: when, what, and no data of it. */
export const loggingOptions = {
  base: null,
  timestamp: pino.stdTimeFunctions.isoTime,
  serializers: { err: withoutData },
  formatters: { level: (level: string) => ({ level }) },
};

/** An error without what it was about: a database tells the values of the row that it refused. */
function withoutData(error: Error): object {
  const { name, message, stack, code } = error as NodeJS.ErrnoException;
  return { name, message, stack, ...(code === undefined ? {} : { code }) };
}

function plainLines(): Writable {
  return new Writable({
    write: (line: Buffer, _encoding, done) => {
      const { msg, context, err, request } = JSON.parse(line.toString()) as PlainLine;
      const whence = [context, request === undefined ? undefined : `request ${request}`].filter(
        (each) => each !== undefined,
      );
      const words = err === undefined ? msg : `${msg ?? ''} ${err.stack ?? err.message}`;
      process.stderr.write(`heron: ${whence.length === 0 ? '' : `[${whence.join(', ')}] `}${words ?? ''}\n`);
      done();
    },
  });
}

interface PlainLine {
  readonly msg?: string;
  readonly context?: string;
  readonly err?: { readonly message: string; readonly stack?: string };
  readonly request?: string;
}

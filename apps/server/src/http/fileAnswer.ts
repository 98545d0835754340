import { Logger, StreamableFile } from '@nestjs/common';
import type { Response } from 'express';
import type { Readable } from 'node:stream';
import { problemFor } from './problemFilter.js';
import { sendProblem } from './sendProblem.js';

const log = new Logger('File');

/**
 * A file that is answered while it is made. What fails before its first byte is a refusal as any other; what fails later breaks
 * it off, so that nobody takes half of it for the whole.
 *
 * @param type of its content, as HTTP says it
 * @param name it is kept under
 */
export function fileAnswer(stream: Readable, type: string, name: string): StreamableFile {
  const file = new StreamableFile(stream, { type, disposition: `attachment; filename="${name}"` });
  return file.setErrorHandler((fault, response) => {
    log.error(fault.stack ?? fault.message);
    if (response.headersSent) {
      response.destroy?.();
      return;
    }
    const answer = response as unknown as Response;
    answer.removeHeader('Content-Disposition');
    sendProblem(answer, problemFor(fault));
  });
}

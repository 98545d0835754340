import type { FileProgress } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { notFound, ProblemException } from '../http/problem.js';
import type { ReadOrder } from './FileOrder.js';
import { FileWork } from './FileWork.js';

/** Files that are being read in, by the ids that their senders gave them. */
@Injectable()
export class FilesUnderWay {
  private readonly progress = new Map<string, FileProgress>();

  constructor(private readonly work: FileWork) {}

  /**
   * Reads a file in for a request; where that is broken off, so is the work.
   *
   * @param id what its progress can be asked for by; undefined where nobody will
   * @returns the answer, as JSON
   */
  async read(order: ReadOrder, id: string | undefined, response: Response): Promise<string> {
    const left = new AbortController();
    const leave = () => left.abort(senderLeft());
    response.once('close', leave);
    if (id !== undefined) this.progress.set(id, { phase: 'waiting', done: 0, of: 0 });
    try {
      return await this.work.read(order, {
        signal: left.signal,
        tell: (progress) => id !== undefined && this.progress.set(id, progress),
      });
    } finally {
      response.off('close', leave);
      if (id !== undefined) this.progress.delete(id);
    }
  }

  /** How far a file has come; 404 where none is read under that id, or no longer. */
  progressOf(id: string): FileProgress {
    const progress = this.progress.get(id);
    if (progress === undefined) throw notFound('file that is being read', id);
    return progress;
  }
}

/** Nobody reads it: it keeps what was broken off from being logged as a fault of ours. */
function senderLeft(): ProblemException {
  const detail = 'Whoever sent the file broke it off.';
  return new ProblemException({ type: 'about:blank', title: 'Broken off', status: 499, detail });
}

import { parentPort, workerData } from 'node:worker_threads';
import Database from 'better-sqlite3';

/** What a thread for long reads is asked for. @see longReadsInThread.ts */
export interface AskedOfReader {
  readonly id: number;
  readonly sql: string;
  readonly parameters: readonly unknown[];
}

/** What it answers. */
export type SaidByReader =
  | { readonly id: number; readonly rows: unknown[] }
  | { readonly id: number; readonly fault: { readonly message: string; readonly code: string } };

/** Reads over a connection of its own, one statement after the other. */
const database = new Database((workerData as { databaseFile: string }).databaseFile, { readonly: true });
parentPort?.on('message', ({ id, sql, parameters }: AskedOfReader) => {
  parentPort?.postMessage(answer(id, sql, parameters));
});

function answer(id: number, sql: string, parameters: readonly unknown[]): SaidByReader {
  try {
    return { id, rows: database.prepare(sql).all(...parameters) };
  } catch (fault) {
    const { message, code = '' } = fault as Error & { code?: string };
    return { id, fault: { message, code } };
  }
}

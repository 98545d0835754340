import { procedureStatedSchema, type ProcedureStated } from '@lone-heron/contract';
import { z } from 'zod';
import { readKept } from '../../shared/memory/browserMemory.js';

const keyOf = (cardId: string) => `lone-heron.procedure.${cardId}`;
const typedSchema = z.object({ after: z.int(), stated: procedureStatedSchema });

/** What was typed upon a revision and not saved yet; null where nothing was, or the procedure has gone on since. */
export function readTypedStated(cardId: string, after: number): ProcedureStated | null {
  const kept = readKept(localStorage, keyOf(cardId), typedSchema);
  return kept?.after === after ? kept.stated : null;
}

export function keepTyped(cardId: string, after: number, stated: ProcedureStated): void {
  try {
    localStorage.setItem(keyOf(cardId), JSON.stringify({ after, stated }));
  } catch {
    // A full or forbidden storage: what is typed still stands on the page.
  }
}

export function forgetTyped(cardId: string): void {
  localStorage.removeItem(keyOf(cardId));
}

import { dialledMetals, metalTable, type DialledMetalId } from '@lone-heron/core';

/** A metal as the shop says it. */
export function metalName(id: DialledMetalId): string {
  return metalTable[id].name;
}

/** The metals a joint can be said in, in the order they are offered. */
export const metalChoices = dialledMetals.map((id) => ({ value: id, label: metalName(id) }));

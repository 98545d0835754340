import { dialledMetals, metalTable, type DialledMetalId } from '@lone-heron/core';

/** A metal as the shop says it. */
export function metalName(id: DialledMetalId): string {
  return metalTable[id].name;
}

/** The metals a joint can be said in, in the order they are offered. */
export const metalChoices = dialledMetals.map((id) => ({ value: id, label: metalName(id) }));

/** Whether a word is the id of a metal that joints are said in. */
export function isMetalId(id: string): id is DialledMetalId {
  return dialledMetals.some((each) => each === id);
}

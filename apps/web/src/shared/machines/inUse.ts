import type { Machine } from '@lone-heron/contract';

/** The same machines give the same list, so that what is worked out over them is not worked out anew. */
const known = new WeakMap<readonly Machine[], readonly Machine[]>();

/** The machines that are used: a retired one is offered nowhere, and named where something was done with it. */
export function inUse(machines: readonly Machine[]): readonly Machine[] {
  const before = known.get(machines);
  if (before !== undefined) return before;
  const used = machines.filter(({ retiredAt }) => retiredAt === undefined);
  // Where none is retired it is the list itself.
  const list = used.length === machines.length ? machines : used;
  known.set(machines, list);
  return list;
}

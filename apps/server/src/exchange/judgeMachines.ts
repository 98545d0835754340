import type { ExchangedMachine, Machine } from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import { judged, type JudgedPart } from './JudgedPart.js';
import type { ReadPart } from './readExchange.js';

/** The next revision of a machine, or the first of a new one. */
export interface MachineToStore extends ExchangedMachine {
  readonly revision: number;
}

/**
 * Holds machines of a file against the shop's.
 *
 * @param taken ids that somebody chose to take where they clash: theirs becomes our machine's next revision
 */
export function judgeMachines(
  parts: readonly ReadPart<ExchangedMachine>[],
  ours: readonly Machine[],
  taken: ReadonlySet<string>,
): readonly JudgedPart<MachineToStore>[] {
  const names = new Set(ours.map(({ name }) => name));
  const seen = new Set<string>();
  return parts.map(({ row, record, reasons }) => {
    const part = { of: 'machine', row, id: record?.id ?? '', words: record?.name ?? '' } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    if (seen.has(record.id)) return judged(part, 'wrong', ['stands twice in this file']);
    seen.add(record.id);
    const mine = ours.find(({ id }) => id === record.id);
    if (mine === undefined) {
      const name = freeName(record.name, names);
      names.add(name);
      const renamed = name === record.name ? [] : [`its name is taken: it is called “${name}” here`];
      return judged(part, 'new', renamed, { ...record, name, revision: 1 });
    }
    const same = mine.name === record.name && isDeepStrictEqual(mine.profile, record.profile);
    if (same) return judged(part, 'here', [`is ${mine.name}, revision ${mine.revision}`]);
    const next = { ...record, name: mine.name, revision: mine.revision + 1 };
    return judged(
      part,
      'conflict',
      [`ours says something else; taken, theirs becomes revision ${next.revision} of ${mine.name}`],
      taken.has(record.id) ? next : null,
    );
  });
}

function freeName(name: string, taken: ReadonlySet<string>): string {
  for (let number = 2, free = name; ; number += 1) {
    if (!taken.has(free)) return free;
    free = `${name.slice(0, 56)} ${number}`;
  }
}

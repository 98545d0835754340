import type { JobDraft, JobWeld } from '@lone-heron/contract';

/** What is edited of a job here: its parts, its welds, and the order somebody made of them. */
export type EditedWelds = Pick<JobDraft, 'parts' | 'welds' | 'order'>;

/** Adds welds behind the others; in an order by hand they come last. */
export function withWelds({ parts, welds, order }: EditedWelds, more: readonly JobWeld[]): EditedWelds {
  const marks = more.map(({ mark }) => mark);
  return { parts, welds: [...welds, ...more], order: order === null ? null : [...order, ...marks] };
}

/** A copy right behind a weld, under the next free mark, placed nowhere. */
export function copied(edited: EditedWelds, mark: string): EditedWelds {
  const { parts, welds, order } = edited;
  const at = welds.findIndex((each) => each.mark === mark);
  const weld = welds[at];
  if (weld === undefined) return edited;
  const copy = { ...weld, mark: freeMark(welds, mark), place: null };
  return {
    ...{ parts, welds: welds.toSpliced(at + 1, 0, copy) },
    order: order === null ? null : order.toSpliced(order.indexOf(mark) + 1, 0, copy.mark),
  };
}

/** A weld taken out, with every link to it. */
export function without({ parts, welds, order }: EditedWelds, mark: string): EditedWelds {
  const rest = welds.filter((each) => each.mark !== mark);
  return {
    parts,
    welds: rest.map((each) => ({ ...each, after: each.after.filter((link) => link !== mark) })),
    order: order?.filter((each) => each !== mark) ?? null,
  };
}

/** A weld moved up or down the list; the order it is welded in is another thing. */
export function moved(edited: EditedWelds, mark: string, by: -1 | 1): EditedWelds {
  const at = edited.welds.findIndex((each) => each.mark === mark);
  const weld = edited.welds[at];
  const to = at + by;
  if (weld === undefined || to < 0 || to >= edited.welds.length) return edited;
  return { ...edited, welds: edited.welds.toSpliced(at, 1).toSpliced(to, 0, weld) };
}

/** A weld changed; a new mark is followed by every link to it. */
export function changed({ parts, welds, order }: EditedWelds, mark: string, weld: JobWeld): EditedWelds {
  const renamed = (each: string) => (each === mark ? weld.mark : each);
  return {
    parts,
    welds: welds.map((each) => (each.mark === mark ? weld : { ...each, after: each.after.map(renamed) })),
    order: order?.map(renamed) ?? null,
  };
}

/** What is filled down from a weld to those below it. */
export type FilledField = 'pose' | 'preparation' | 'level' | 'tests' | 'part' | 'joint';

/** What a weld says in a field, said by every weld below it too. */
export function filledDown(edited: EditedWelds, mark: string, field: FilledField): EditedWelds {
  const at = edited.welds.findIndex((each) => each.mark === mark);
  const source = edited.welds[at];
  if (source === undefined) return edited;
  return {
    ...edited,
    welds: edited.welds.map((each, i) => (i > at ? { ...each, [field]: source[field] } : each)),
  };
}

/** The next mark that is free: W7 after W6, B12 after B11. */
export function freeMark(welds: readonly JobWeld[], like = 'W0'): string {
  const [, letters = 'W', digits = '0'] = /^(.*?)(\d+)$/.exec(like) ?? [];
  const taken = new Set(welds.map(({ mark }) => mark.toLowerCase()));
  let next = Number(digits) + 1;
  while (taken.has(`${letters}${next}`.toLowerCase())) next++;
  return `${letters}${next}`;
}

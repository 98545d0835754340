import type { LinkStored, MachineProfile } from '@lone-heron/contract';

/** An entry of the feeder’s menu in three columns, and what to make of it. */
export interface FeederRow {
  readonly name: string;
  readonly holds: string;
  readonly written: string;
  readonly came: string;
  readonly words: string;
}

/** What the machine says of its feeder’s menu beside what is written down of it; entries that only one of them has are there too. */
export function feederRows(
  written: MachineProfile['feederMenu'],
  read: LinkStored['feeder'],
): readonly FeederRow[] {
  const said = read.map(({ name, value, fault }): FeederRow => {
    const entry = written.find((each) => isSame(each.name, name));
    if (entry === undefined)
      return {
        name,
        holds: value ?? 'not said',
        written: '',
        came: '',
        words: fault ?? 'not written down here',
      };
    const { value: here, makerDefault } = entry;
    return {
      name,
      holds: value ?? 'not said',
      written: here,
      came: makerDefault,
      words: fault ?? standing(value ?? '', entry),
    };
  });
  const silent = written
    .filter(({ name }) => !read.some((each) => isSame(each.name, name)))
    .map(({ name, value, makerDefault }): FeederRow => ({
      ...{ name, holds: 'not on the map', written: value, came: makerDefault, words: 'look at the feeder' },
    }));
  return [...said, ...silent];
}

function standing(holds: string, { value, makerDefault }: MachineProfile['feederMenu'][number]): string {
  if (!isSame(holds, value)) return 'differs from what is written';
  return isSame(value, makerDefault) ? 'as it came' : 'changed, as written';
}

/** “200 ms” and “200ms” are the same. */
function isSame(one: string, other: string): boolean {
  const bare = (text: string) => text.replace(/\s+/g, '').toLowerCase();
  return bare(one) === bare(other);
}

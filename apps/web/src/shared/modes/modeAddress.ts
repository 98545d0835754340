import type { ModeSetting, ModeWork } from '@lone-heron/contract';

/** What stands in Dial's address for a mode: its words as typed, and the knobs that were turned. */
export interface ModeAddress {
  readonly words: Readonly<Record<string, string>>;
  /** In the contract's units, by the setting's own names. */
  readonly turns: Readonly<Record<string, string>>;
}

const turnPrefix = 'set.';

/** Reads an address; names it does not know are kept, for the sentence to leave aside. */
export function readModeAddress(search: URLSearchParams): ModeAddress {
  const words: Record<string, string> = {};
  const turns: Record<string, string> = {};
  for (const [name, value] of search) {
    if (name.startsWith(turnPrefix)) turns[name.slice(turnPrefix.length)] = value;
    else words[name] = value;
  }
  return { words, turns };
}

export function writeModeAddress({ words, turns }: ModeAddress): string {
  const search = new URLSearchParams();
  for (const [name, value] of Object.entries(words)) search.set(name, value);
  for (const [name, value] of Object.entries(turns)) search.set(turnPrefix + name, value);
  return search.toString();
}

/** Words of a sentence that are typed, with the unit they are told in here. */
const unitOf: Readonly<Record<string, string>> = { pressureBar: ' bar' };

/** Where Dial shows work, and a setting of it, again. */
export function dialModeAddress(work: ModeWork, machineId: string, setting: ModeSetting | null): string {
  const { mode, ...said } = work;
  const words: Record<string, string> = { machine: machineId };
  for (const [name, value] of Object.entries(said))
    words[name] = typeof value === 'number' ? `${value}${unitOf[name] ?? ' mm'}` : value;
  const turns: Record<string, string> = {};
  if (setting !== null)
    for (const [name, value] of Object.entries(setting))
      if (name !== 'mode') turns[name] = value === null ? 'none' : String(value);
  return `/dial/${mode}?${writeModeAddress({ words, turns })}`;
}

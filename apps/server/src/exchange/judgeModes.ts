import { isDeepStrictEqual } from 'node:util';
import {
  beyondMode,
  type ExchangedModeCard,
  type ExchangedTrial,
  type Machine,
  type ModeCard,
  type ModeSetting,
  type ModeWork,
  type Trial,
} from '@lone-heron/contract';
import { judged, type JudgedPart } from './JudgedPart.js';
import type { ReadPart } from './readExchange.js';

/** The next version of a card of another mode, or the first of a new one. */
export interface ModeCardToStore extends ExchangedModeCard {
  readonly version: number;
}

type MachineOf = (id: string) => Machine | null;

/** Holds cards of cleaning, cutting and pulses against the shop's, by what they say now. */
export function judgeModeCards(
  parts: readonly ReadPart<ExchangedModeCard>[],
  cards: readonly ModeCard[],
  { machineOf, taken }: { readonly machineOf: MachineOf; readonly taken: ReadonlySet<string> },
): readonly JudgedPart<ModeCardToStore>[] {
  return onceEach(parts).map(({ row, record, reasons }) => {
    const part = { of: 'modeCard', row, id: record?.id ?? '', words: record?.draft.title ?? '' } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    const fault = cannotBeHere(record.draft, machineOf);
    if (fault !== null) return judged(part, 'wrong', [fault]);
    const { id, draft } = record;
    const mine = cards.find((card) => card.id === id);
    const newest = mine?.versions[0];
    if (mine === undefined || newest === undefined) return judged(part, 'new', [], { id, draft, version: 1 });
    const { version, madeAt: _at, madeBy: _by, ...ours } = newest;
    if (isDeepStrictEqual(ours, draft))
      return judged(part, 'here', [`is card ${mine.number}, version ${version}`]);
    return judged(
      part,
      'conflict',
      [`ours says something else; taken, theirs becomes version ${version + 1} of card ${mine.number}`],
      taken.has(id) ? { id, draft, version: version + 1 } : null,
    );
  });
}

/** Holds strips, pieces and pulses against the shop's: one that is here stays as it is. */
export function judgeTrials(
  parts: readonly ReadPart<ExchangedTrial>[],
  trials: readonly Pick<Trial, 'id' | 'number'>[],
  { machineOf, now }: { readonly machineOf: MachineOf; readonly now: Date },
): readonly JudgedPart<ExchangedTrial>[] {
  const numbers = new Map(trials.map(({ id, number }) => [id, number]));
  return onceEach(parts).map(({ row, record, reasons }) => {
    const words = record === null ? '' : `${record.draft.work.mode}, ${record.draft.look}`;
    const part = { of: 'trial', row, id: record?.id ?? '', words } as const;
    if (record === null) return judged(part, 'wrong', reasons);
    const number = numbers.get(record.id);
    if (number !== undefined) return judged(part, 'here', [`is trial ${number}`]);
    const fault = cannotBeHere(record.draft, machineOf);
    if (fault !== null) return judged(part, 'wrong', [fault]);
    if (new Date(record.draft.madeAt) > now)
      return judged(part, 'wrong', [`made at ${record.draft.madeAt}, which has not come`]);
    return judged(part, 'new', [], { id: record.id, draft: asItTravels(record.draft) });
  });
}

/** A trial without what stays in its shop. */
export function asItTravels<Draft extends ExchangedTrial['draft']>(draft: Draft): Draft {
  return { ...draft, ladder: null, photoIds: [] };
}

/** Why work cannot be done by its machine here; null where it can. */
function cannotBeHere(
  { machineId, work, setting }: { machineId: string; work: ModeWork; setting: ModeSetting },
  machineOf: MachineOf,
): string | null {
  const machine = machineOf(machineId);
  if (machine === null) return `its machine “${machineId}” is neither here nor in this file`;
  const [beyond] = beyondMode(work, setting, machine);
  return beyond === undefined ? null : `${beyond.field} ${beyond.given}: allowed is ${beyond.allowed}`;
}

/** What stands twice in a file is wrong the second time. */
function onceEach<Record extends { readonly id: string }>(
  parts: readonly ReadPart<Record>[],
): readonly ReadPart<Record>[] {
  const seen = new Set<string>();
  return parts.map((part) => {
    if (part.record === null) return part;
    if (seen.has(part.record.id)) return { ...part, record: null, reasons: ['stands twice in this file'] };
    seen.add(part.record.id);
    return part;
  });
}

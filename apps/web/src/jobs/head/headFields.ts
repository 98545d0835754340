import type { HouseContent, JobDraft, Machine } from '@lone-heron/contract';
import type { TypedValue } from '../../shared/figures/readTyped.js';
import { readWhole } from '../../shared/figures/readWhole.js';

/** What is typed of a job apart from its welds. */
export interface TypedHead {
  readonly name: string;
  readonly reference: string;
  readonly customer: string;
  readonly dueOn: string;
  readonly quantity: string;
  readonly machineId: string;
  readonly level: string;
  readonly rhythm: JobDraft['rhythm'];
  readonly notes: string;
}

/** A job's head as it is read; null where the name is missing or the quantity is none. */
export type ReadHead = Pick<
  JobDraft,
  'name' | 'reference' | 'customer' | 'dueOn' | 'quantity' | 'machineId' | 'level' | 'rhythm' | 'notes'
>;

export function typedHead(draft: ReadHead): TypedHead {
  const { name, reference, customer, dueOn, quantity, machineId, level, rhythm, notes } = draft;
  return {
    ...{ name, reference, customer, machineId, rhythm, notes },
    ...{ dueOn: dueOn ?? '', quantity: String(quantity), level: level.name },
  };
}

/** Where a new job starts. */
export function firstHead(machines: readonly Machine[], { acceptance }: HouseContent): TypedHead {
  return {
    ...{ name: '', reference: '', customer: '', dueOn: '', quantity: '1', rhythm: 'pieceByPiece', notes: '' },
    ...{ machineId: machines[0]?.id ?? '', level: acceptance[0]?.name ?? '' },
  };
}

/** A whole number of pieces, or why it is none. */
export const readQuantity = (text: string): TypedValue => readWhole('how many', text, 10_000);

/** @param levels of the shop, and the one the job has, which may be gone from the shop since */
export function readHead(typed: TypedHead, levels: readonly JobDraft['level'][]): ReadHead | null {
  const quantity = readQuantity(typed.quantity);
  const level = levels.find(({ name }) => name === typed.level);
  if (typed.name.trim() === '' || 'fault' in quantity || level === undefined || typed.machineId === '')
    return null;
  const { reference, customer, machineId, rhythm, notes } = typed;
  return {
    ...{
      name: typed.name.trim(),
      reference: reference.trim(),
      customer: customer.trim(),
      notes: notes.trim(),
    },
    ...{ machineId, rhythm, level, quantity: quantity.value, dueOn: typed.dueOn === '' ? null : typed.dueOn },
  };
}

/** The shop's levels, and the one that the job has. */
export function withLevel(
  levels: readonly JobDraft['level'][],
  own: JobDraft['level'],
): readonly JobDraft['level'][] {
  return [own, ...levels.filter(({ name }) => name !== own.name)];
}

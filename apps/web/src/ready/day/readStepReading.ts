import { readingRanges, type Step, type StepReading } from '@lone-heron/contract';
import { readTyped, type TypedQuantity } from '../../shared/figures/readTyped.js';

/** One value to type at a step. */
export interface ReadingField extends TypedQuantity {
  readonly key: string;
  readonly label: string;
}

const { coolant, room, humidity, bottle, flow, torch, bore } = readingRanges;

/** What is typed at each kind of step. */
export const readingFields: Readonly<Record<Step['reads'], readonly ReadingField[]>> = {
  none: [],
  coolant: [{ key: 'coolantC', label: 'Coolant', range: coolant, dimension: 'temperature' }],
  room: [
    { key: 'roomC', label: 'Room', range: room, dimension: 'temperature' },
    { key: 'humidityPercent', label: 'Humidity', range: humidity, dimension: null },
  ],
  bottle: [{ key: 'bottleBar', label: 'Bottle', range: bottle, dimension: 'pressure' }],
  flow: [
    { key: 'flowLMin', label: 'Flow', range: flow, dimension: 'flow' },
    { key: 'torchBar', label: 'At the nozzle', range: torch, dimension: 'pressure' },
    { key: 'boreMm', label: 'Nozzle bore', range: bore, dimension: 'length' },
  ],
};

/** What was typed at a step: the reading once every value is good, and what is wrong with those that are not. */
export interface ReadReading {
  readonly reading: StepReading | null;
  readonly faults: Readonly<Record<string, string>>;
}

/** Reads what was typed at a step, by field. A field that is still empty is missing and not at fault. */
export function readStepReading(reads: Step['reads'], typed: Readonly<Record<string, string>>): ReadReading {
  const faults: Record<string, string> = {};
  const values: Record<string, number> = {};
  for (const field of readingFields[reads]) {
    const text = typed[field.key] ?? '';
    if (text.trim() === '') continue;
    const read = readTyped(text, field);
    if ('fault' in read) faults[field.key] = read.fault;
    else values[field.key] = read.value;
  }
  const isWhole = readingFields[reads].every(({ key }) => key in values);
  return { reading: isWhole ? ({ reads, ...values } as StepReading) : null, faults };
}

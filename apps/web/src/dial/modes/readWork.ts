import { modesOf, modeWorkSchema, type HandMode, type Machine, type WorkOf } from '@lone-heron/contract';
import { describeFault, describeRange, parseQuantity } from '@lone-heron/core';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenRange } from '../../shared/figures/spokenRange.js';
import { inUse } from '../../shared/machines/inUse.js';
import { readLength, type HouseLength } from '../../shared/saidJoint/readSizes.js';
import { readOneOf, type Read } from '../../shared/saidJoint/readWord.js';
import { isMetalId } from '../../shared/vocabulary/metalNames.js';
import { modeSentences, unknownCoat, type ModeWord, type SentenceAround } from './modeSentences.js';

/** What a mode's sentence comes to. */
export interface WorkReading<Mode extends HandMode> {
  /** Null while a word is at fault, or where nobody knows the coat. */
  readonly work: WorkOf<Mode> | null;
  readonly machine: Machine | null;
  /** Machines of the shop that do this mode. */
  readonly machines: readonly Machine[];
  readonly faults: Readonly<Partial<Record<string, string>>>;
  /** What each word was understood as: text of a pick, mm, bar. */
  readonly values: Readonly<Record<string, string | number>>;
  /** Each word as it stands: what was typed, or the first. */
  readonly said: Readonly<Record<string, string>>;
}

/** Reads the words of a mode's sentence against the machines of the shop. */
export function readWork<Mode extends HandMode>(
  mode: Mode,
  words: Readonly<Record<string, string>>,
  all: readonly Machine[],
  bare: HouseLength,
): WorkReading<Mode> {
  const machines = inUse(all).filter(({ profile }) => modesOf(profile).includes(mode));
  const machine = machines.find(({ id }) => id === words['machine']) ?? machines[0] ?? null;
  const around = { words, profile: machine?.profile ?? null };
  const faults: Record<string, string> = {};
  const values: Record<string, string | number> = {};
  const said: Record<string, string> = {};
  for (const part of modeSentences[mode]) {
    if (typeof part === 'string') continue;
    const text = words[part.word] ?? part.first(around);
    said[part.word] = text;
    const read = readPart(part, text, around, bare);
    if ('value' in read) values[part.word] = read.value;
    else faults[part.word] = read.fault;
  }
  if (words['machine'] !== undefined && machine !== null && machine.id !== words['machine'])
    faults['machine'] = describeFault({
      ...{ quantity: 'machine', given: `“${words['machine']}”` },
      allowed: machines.map(({ name }) => name).join(', '),
    });
  const isWhole = Object.keys(faults).length === 0 && values['coat'] !== unknownCoat;
  const parsed = isWhole ? modeWorkSchema.safeParse({ mode, ...values }) : null;
  return {
    ...{ machine, machines, faults, values, said },
    work: parsed?.success === true ? (parsed.data as WorkOf<Mode>) : null,
  };
}

function readPart(
  part: ModeWord,
  text: string,
  around: SentenceAround,
  bare: HouseLength,
): Read<string | number> {
  const quantity = part.label.toLowerCase();
  switch (part.kind) {
    case 'pick': {
      const choices = part.choices(around);
      const labelOf = (value: string) => choices.find((each) => each.value === value)?.label ?? value;
      return readOneOf(
        quantity,
        text,
        choices.map(({ value }) => value),
        labelOf,
      );
    }
    case 'size': {
      const choices = part.choices(around);
      const found = choices.find(({ value }) => Number(value) === Number.parseFloat(text));
      if (found !== undefined) return { value: Number(found.value) };
      const allowed = choices.map(({ label }) => label).join(', ');
      return { fault: describeFault({ quantity, given: `“${text}”`, allowed }) };
    }
    case 'length': {
      const { metal = '' } = around.words;
      return readLength(text, isMetalId(metal) ? metal : null, part.range, bare);
    }
    case 'pressure': {
      const parsed = parseQuantity(text, 'pressure', { bareUnit: shopUnits().pressure });
      const { min, max } = part.range;
      if (parsed.ok && parsed.value >= min && parsed.value <= max) return { value: parsed.value };
      const allowed = describeRange(spokenRange(part.range));
      return { fault: describeFault({ quantity, given: `“${text}”`, allowed }) };
    }
  }
}

import { wireDiametersMm, type Joint, type Machine } from '@lone-heron/contract';
import {
  describeFault,
  describeRange,
  dialledMetals,
  metalTable,
  parseQuantity,
  sheetRange,
  type Aim,
  type AllowedRange,
  type DialledMetalId,
} from '@lone-heron/core';
import { aimChoices } from './aims.js';
import type { DialWords, WordName } from './dialAddress.js';

/** A sentence understood. */
export interface Said {
  readonly joint: Joint;
  readonly wireDiameterMm: number | null;
  readonly machine: Machine;
  readonly aim: Aim;
}

/** What was made of the words: the sentence where every word is good, and a message for each that is not. */
export interface SentenceReading {
  readonly said: Said | null;
  readonly faults: Readonly<Partial<Record<WordName, string>>>;
  /** Lengths in mm, where they were understood. */
  readonly lengths: Readonly<Record<'first' | 'second' | 'gap', number | null>>;
}

/**
 * Understands the words of the sentence on the machines of this shop.
 */
export function readSentence(words: DialWords, machines: readonly Machine[]): SentenceReading {
  const faults: Partial<Record<WordName, string>> = {};
  const note = <Value>(word: WordName, read: Read<Value>): Value | null => {
    if ('fault' in read) faults[word] = read.fault;
    return 'fault' in read ? null : read.value;
  };
  const metal = note('metal', readMetal(words.metal));
  const first = note('first', readLength(words.first, metal, sheetRange));
  const second = note('second', readLength(words.second, metal, sheetRange));
  const gap = note('gap', readLength(words.gap, null, gapRange(first, second)));
  const machine = note('machine', readMachine(words.machine, machines));
  const wire = note('wire', readWire(words.wire, machine));
  const aim = note('aim', readAim(words.aim));
  const lengths = { first, second, gap };
  if (metal === null || first === null || second === null || gap === null)
    return { said: null, faults, lengths };
  if (machine === null || wire === null || aim === null) return { said: null, faults, lengths };
  const joint: Joint = {
    kind: 'butt',
    metal,
    firstThicknessMm: first,
    secondThicknessMm: second,
    gapMm: gap,
  };
  return { said: { joint, wireDiameterMm: wire.diameterMm, machine, aim }, faults, lengths };
}

type Read<Value> = { readonly value: Value } | { readonly fault: string };

function readMetal(word: string): Read<DialledMetalId> {
  const metal = dialledMetals.find((id) => id === word);
  if (metal !== undefined) return { value: metal };
  const allowed = dialledMetals.map((id) => metalTable[id].name).join(', ');
  return { fault: describeFault({ quantity: 'metal', given: `“${word}”`, allowed }) };
}

function readLength(word: string, metal: DialledMetalId | null, range: AllowedRange): Read<number> {
  const parsed = parseQuantity(word, 'length', { sheet: metal === null ? null : metalTable[metal].sheet });
  if (!parsed.ok) return { fault: describeFault({ ...parsed.fault, quantity: range.quantity }) };
  const value = Math.round(parsed.value * 1e4) / 1e4;
  if (value >= range.min && value <= range.max) return { value };
  return { fault: describeFault({ quantity: range.quantity, given: word, allowed: describeRange(range) }) };
}

/** No gap wider than the thinner sheet can be bridged. */
function gapRange(first: number | null, second: number | null): AllowedRange {
  const thinner = Math.min(first ?? sheetRange.max, second ?? sheetRange.max);
  return { quantity: 'gap', min: 0, max: Math.round(thinner * 100) / 100, unit: 'mm' };
}

/** Machines that Dial has a model for: a lamp's pulses are set by the hint beside its knobs under Shop. */
export function dialledMachines(machines: readonly Machine[]): readonly Machine[] {
  return machines.filter(({ profile }) => profile.lamp === null);
}

/** An address without a machine means the shop's first. */
function readMachine(word: string, machines: readonly Machine[]): Read<Machine> {
  const dialled = dialledMachines(machines);
  const machine = word === '' ? dialled[0] : dialled.find(({ id }) => id === word);
  if (machine !== undefined) return { value: machine };
  const none = `none: this shop has no ${machines.length === 0 ? 'machine' : 'fibre laser'} yet`;
  const allowed = dialled.map(({ name }) => name).join(', ') || none;
  return { fault: describeFault({ quantity: 'machine', given: `“${word}”`, allowed }) };
}

function readWire(word: string, machine: Machine | null): Read<{ diameterMm: number | null }> {
  if (word === 'none') return { value: { diameterMm: null } };
  const diameterMm = wireDiametersMm.find((diameter) => diameter === Number(word));
  if (diameterMm === undefined) {
    const allowed = `none or ${wireDiametersMm.join(', ')} mm`;
    return { fault: describeFault({ quantity: 'wire', given: `“${word}”`, allowed }) };
  }
  if (machine !== null && machine.profile.wireSpeedMmS === null) {
    return {
      fault: describeFault({
        quantity: 'wire',
        given: `${diameterMm} mm`,
        allowed: 'no wire: this machine has no feeder',
      }),
    };
  }
  return { value: { diameterMm } };
}

function readAim(word: string): Read<Aim> {
  const choice = aimChoices.find(({ value }) => value === word);
  if (choice !== undefined) return { value: choice.aim };
  return {
    fault: describeFault({
      quantity: 'aim',
      given: `“${word}”`,
      allowed: aimChoices.map(({ label }) => label).join(', '),
    }),
  };
}

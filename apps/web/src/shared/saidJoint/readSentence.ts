import { coreMachine, jointRanges, type Conditions, type Joint, type Machine } from '@lone-heron/contract';
import {
  describeFault,
  dialledMetals,
  fillers,
  findMetal,
  finishLimits,
  metalTable,
  mm,
  nozzleShapes,
  shieldingGases,
  type Aim,
  type AllowedRange,
  type Filler,
  type FinishLimit,
  type LegFeed,
  type MetalId,
  type NozzleShape,
  type ShieldingGas,
} from '@lone-heron/core';
import { aimChoices } from './aims.js';
import type { DialWords, WordName } from './dialWords.js';
import { readConditions, readKindWords, type KindWords } from './readKind.js';
import { readOneOf, type Note, type Read } from './readWord.js';
import { readLength, readMilliseconds, type HouseLength, type SizeName } from './readSizes.js';
import { readAsIf, readMachine, readWire } from './readMachine.js';

/** Light on and off in a pulsed run. */
interface Pulses {
  readonly onMs: number;
  readonly offMs: number;
}

/** A sentence understood. */
export interface Said {
  readonly joint: Joint;
  readonly wireDiameterMm: number | null;
  /** Null for what the metals and the shelf say. */
  readonly filler: Filler | null;
  /** Null for what the shop's practice says. */
  readonly gas: ShieldingGas | null;
  /** Null for what the joint asks. */
  readonly nozzle: NozzleShape | null;
  readonly machine: Machine;
  /** Watts the machine is taken to have, to try; null for its own. */
  readonly asIfW: number | null;
  /** Null for light without pulses. */
  readonly pulses: Pulses | null;
  readonly aim: Aim;
  readonly limit: FinishLimit;
}

/** What was made of the words: the sentence where every word is good, and a message for each that is not. */
export interface SentenceReading {
  readonly said: Said | null;
  readonly faults: Readonly<Partial<Record<WordName, string>>>;
  /** Sizes in mm, where they were understood; proposed ones where nothing was typed. */
  readonly lengths: Readonly<Partial<Record<WordName, number>>>;
}

/**
 * Understands the words of the sentence on the machines of this shop.
 *
 * @param bare unit of a length without one; a house in mm still takes fractions and very small numbers for inches
 */
export function readSentence(
  words: DialWords,
  machines: readonly Machine[],
  bare: HouseLength = 'mm',
): SentenceReading {
  const faults: Partial<Record<WordName, string>> = {};
  const lengths: Partial<Record<WordName, number>> = {};
  const note: Note = (word, read) => {
    if ('fault' in read) faults[word] = read.fault;
    return 'fault' in read ? null : read.value;
  };
  const size = (word: SizeName, metal: MetalId | null, range: AllowedRange, proposed?: number) => {
    const text = words[word];
    const value =
      text === '' && proposed !== undefined ? proposed : note(word, readLength(text, metal, range, bare));
    if (value !== null) lengths[word] = value;
    return value;
  };
  const metal = note('metal', readOneOf('metal', words.metal, dialledMetals, metalName));
  const secondMetal = note('secondMetal', readSecondMetal(words.secondMetal));
  const first = size('first', metal, jointRanges.thickness);
  const second = size('second', secondMetal ?? metal, jointRanges.thickness);
  const gap = size('gap', null, gapRange(first, second));
  const rest = readRest(words, machines, note);
  const thinner = Math.min(first ?? Infinity, second ?? Infinity);
  const kind = readKindWords(
    words,
    thinner,
    { first, second, feed: metal === null ? null : feedOf(rest, metal) },
    { note, size },
  );
  const conditions = readConditions(words, { note, size });
  const sheets =
    metal === null || first === null || second === null || gap === null
      ? null
      : { metal, ...(secondMetal === null ? {} : { secondMetal }), first, second, gap };
  if (
    Object.keys(faults).length > 0 ||
    sheets === null ||
    kind === null ||
    conditions === null ||
    rest === null
  )
    return { said: null, faults, lengths };
  return { said: { joint: jointOf(sheets, kind, conditions), ...rest }, faults, lengths };
}

/** The wire and the machine that lay it, for what a fillet can be asked; null until both are understood. */
function feedOf(rest: Omit<Said, 'joint'> | null, metal: MetalId): LegFeed | null {
  if (rest === null) return null;
  const { wireDiameterMm, machine } = rest;
  return {
    metal: findMetal(metal),
    wireDiameter: wireDiameterMm === null ? null : mm(wireDiameterMm),
    machine: coreMachine(machine.profile),
  };
}

interface Sheets {
  readonly metal: MetalId;
  readonly secondMetal?: MetalId;
  readonly first: number;
  readonly second: number;
  readonly gap: number;
}

function jointOf({ first, second, gap, ...metals }: Sheets, kind: KindWords, conditions: Conditions): Joint {
  const isPlain =
    conditions.backing === 'none' &&
    conditions.surface === 'clean' &&
    conditions.position === 'flat' &&
    conditions.stitches === null &&
    conditions.freeEdgeMm === undefined;
  return {
    ...metals,
    firstThicknessMm: first,
    secondThicknessMm: second,
    gapMm: gap,
    ...kind,
    ...(isPlain ? {} : { conditions }),
  };
}

function metalName(id: MetalId): string {
  return metalTable[id].name;
}

/** Null where both sheets are of one metal. */
function readSecondMetal(word: string): Read<MetalId | null> {
  return word === 'same' ? { value: null } : readOneOf('second metal', word, dialledMetals, metalName);
}

/** No gap wider than the thinner sheet can be bridged. */
function gapRange(first: number | null, second: number | null): AllowedRange {
  const most = jointRanges.thickness.max;
  const thinner = Math.min(first ?? most, second ?? most);
  return { quantity: 'gap', min: 0, max: Math.round(thinner * 100) / 100, unit: 'mm' };
}

/** What is said beside the joint itself. */
function readRest(words: DialWords, machines: readonly Machine[], note: Note): Omit<Said, 'joint'> | null {
  const own = note('machine', readMachine(words.machine, machines));
  const asIf = note('asIf', readAsIf(words.asIf, own));
  const machine = asIf === null || own === null ? own : asIf.machine;
  const wire = note('wire', readWire(words.wire, machine));
  const filler = note('filler', readUsualOr('filler', words.filler, fillers));
  const gas = note('gas', readUsualOr('gas', words.gas, shieldingGases));
  const nozzle = note('nozzle', readUsualOr('nozzle', words.nozzle, nozzleShapes));
  const pulses = note('pulseOn', readPulses(words, machine, note));
  const aim = note('aim', readAim(words.aim));
  const limit = note('limit', readOneOf('limit', words.limit, finishLimits));
  if (machine === null || wire === null || filler === null || gas === null || nozzle === null) return null;
  if (asIf === null || pulses === null || aim === null || limit === null) return null;
  return {
    wireDiameterMm: wire.diameterMm,
    filler: filler.choice,
    gas: gas.choice,
    nozzle: nozzle.choice,
    machine,
    asIfW: asIf.watts,
    pulses: pulses.pulses,
    aim,
    limit,
  };
}

/** A choice of our own; null inside for what is usual. */
function readUsualOr<Word extends string>(
  quantity: string,
  text: string,
  choices: readonly Word[],
): Read<{ choice: Word | null }> {
  if (text === 'usual') return { value: { choice: null } };
  const read = readOneOf(quantity, text, choices);
  return 'fault' in read ? read : { value: { choice: read.value } };
}

function readPulses(words: DialWords, machine: Machine | null, note: Note): Read<{ pulses: Pulses | null }> {
  if (words.run !== 'pulsed') return { value: { pulses: null } };
  if (machine === null) return { value: { pulses: null } };
  const { pulseOnMs, pulseOffMs, dutyPercent } = machine.profile;
  if (pulseOnMs === null || pulseOffMs === null || dutyPercent === null) {
    return {
      fault: describeFault({
        quantity: 'run',
        given: 'pulsed',
        allowed: 'no pulses: this machine’s panel has none, as its sheet under Shop says',
      }),
    };
  }
  const on = readMilliseconds(words.pulseOn, 'light on', pulseOnMs);
  const offMs = note('pulseOff', readMilliseconds(words.pulseOff, 'light off', pulseOffMs));
  if ('fault' in on) return on;
  return { value: { pulses: offMs === null ? null : { onMs: on.value, offMs } } };
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

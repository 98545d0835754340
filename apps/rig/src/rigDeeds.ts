import { dialledMetals, parameterKeys } from '@lone-heron/core';
import { z } from 'zod';
import { alarmCodes, slotCount, type RigMachine } from './RigMachine.js';
import type { RigBench } from './RigBench.js';
import type { RigTalk } from './rigTalk.js';

const flag = z.boolean().optional();
const handsSchema = z.strictObject({
  keyOn: flag,
  interlocksClosed: flag,
  workClamped: flag,
  isReady: z.literal(false).optional(),
  trigger: z.enum(['released', 'gas', 'light']).optional(),
  takesRemote: flag,
});
const between = (least: number, most: number) => z.number().min(least).max(most).optional();

/** What the panel page, a scenario or a test does to the machine and at its bench. */
export const deedSchema = z.strictObject({
  hands: handsSchema.optional(),
  arm: flag,
  turn: z.partialRecord(z.enum(parameterKeys), z.number()).optional(),
  alarm: z.union([z.literal(0), ...alarmCodes.map((code) => z.literal(code))]).optional(),
  bottle: between(0, 10_000),
  /** Stores a program in a slot, by its own panel. */
  store: z
    .strictObject({
      slot: z.number().int().min(1).max(slotCount),
      values: z.partialRecord(z.enum(parameterKeys), z.number()),
    })
    .optional(),
  /** What is wrong with what it says over MQTT. */
  talk: z.strictObject({ isSilent: flag, isGarbled: flag, clockAhead: between(-1e9, 1e9) }).optional(),
  /** What lies on the bench, and the hand that welds it. */
  piece: z
    .strictObject({
      metal: z.enum(dialledMetals).optional(),
      thicknessMm: between(0.3, 10),
      gapMm: between(0, 1),
    })
    .optional(),
  hand: z
    .strictObject({
      paceMmS: between(1, 60),
      wander: between(0, 0.5),
      slip: z.enum(['paused', 'lifted']).nullable().optional(),
    })
    .optional(),
  /** Lets so many seconds pass at once. */
  skip: between(0, 86_400),
});
export type Deed = z.infer<typeof deedSchema>;

/** The machine, the bench before it, and what it says of itself. */
export interface Rig {
  readonly machine: RigMachine;
  readonly bench: RigBench;
  readonly talk: RigTalk;
}

/** Does what somebody at the machine does. */
export function act({ machine, bench, talk: said }: Rig, deed: Deed): void {
  const { hands, arm, turn, store, alarm, bottle, talk, piece, hand, skip } = deed;
  // In the order of a hand: key and clamp, then armed, then the trigger.
  const { trigger, ...before } = hands ?? {};
  given(machine.hands, before);
  if (arm === true) machine.arm();
  given(machine.hands, { trigger });
  for (const key of parameterKeys) {
    const value = turn?.[key];
    if (value !== undefined) machine.turn(key, value);
  }
  if (store !== undefined) given(machine.slots[store.slot - 1] ?? {}, store.values);
  if (alarm !== undefined) machine.setAlarm(alarm);
  if (bottle !== undefined) machine.fillBottle(bottle);
  given(said.faults, talk);
  given(bench.piece, piece);
  given(bench.hand, hand);
  pass({ machine, bench }, skip ?? 0);
}

/** Lets time pass at the machine and before it, s. */
export function pass({ machine, bench }: Pick<Rig, 'machine' | 'bench'>, seconds: number): void {
  machine.step(seconds);
  bench.step(machine, seconds);
}

/** What is said, and nothing of what is left out. */
function given(of: object, changes: object = {}): void {
  Object.assign(of, Object.fromEntries(Object.entries(changes).filter(([, value]) => value !== undefined)));
}

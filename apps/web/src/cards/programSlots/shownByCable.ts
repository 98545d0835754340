import type { LinkStored, SlotShown } from '@lone-heron/contract';
import type { ParameterKey } from '@lone-heron/core';
import { written } from './slotReadings.js';

/** What a slot of the machine shows over the cable, as somebody would have written it down; null where it says nothing of it. */
export function shownByCable({ slots }: LinkStored, slot: number): SlotShown | null {
  const shown = (slots.find((each) => each.slot === slot)?.readings ?? []).flatMap(({ key, value }) =>
    value === null || !(key in written)
      ? []
      : [[written[key as ParameterKey].name, Math.round(value * 1e6) / 1e6]],
  );
  return shown.length === 0 ? null : (Object.fromEntries(shown) as SlotShown);
}

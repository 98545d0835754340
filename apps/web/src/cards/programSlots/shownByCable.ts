import type { LinkStored, SlotShown } from '@lone-heron/contract';
import type { ParameterKey } from '@lone-heron/core';

/** What each parameter of a link is called where a comparison is written down; the units are the same. */
const written: Readonly<Record<ParameterKey, keyof SlotShown>> = {
  power: 'powerW',
  duty: 'dutyPercent',
  wobbleWidth: 'wobbleWidthMm',
  wobbleRate: 'wobbleRateHz',
  wireSpeed: 'wireSpeedMmS',
};

/** What a slot of the machine shows over the cable, as somebody would have written it down; null where it says nothing of it. */
export function shownByCable({ slots }: LinkStored, slot: number): SlotShown | null {
  const shown = (slots.find((each) => each.slot === slot)?.readings ?? []).flatMap(({ key, value }) =>
    value === null || !(key in written)
      ? []
      : [[written[key as ParameterKey], Math.round(value * 1e6) / 1e6]],
  );
  return shown.length === 0 ? null : (Object.fromEntries(shown) as SlotShown);
}

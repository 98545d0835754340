import { versionInForce, type Card, type CardVersion, type ProgramSlot } from '@lone-heron/contract';

/** A slot with what its card says. */
export interface FilledSlot {
  readonly held: ProgramSlot;
  readonly card: Card;
  /** The version that was stored. */
  readonly version: CardVersion;
}

/** Slots with their cards; one whose card is not known yet is left out. */
export function filledSlots(slots: readonly ProgramSlot[], cards: readonly Card[]): readonly FilledSlot[] {
  return slots.flatMap((held) => {
    const card = cards.find(({ id }) => id === held.cardId);
    const version = card?.versions.find((each) => each.version === held.version);
    return card === undefined || version === undefined ? [] : [{ held, card, version }];
  });
}

/** Why a slot should not be welded by as it is; null where nothing is known against it. */
export function slotTrouble({ held, card }: FilledSlot): string | null {
  if (card.retiredAt !== null) return 'its card is retired';
  const inForce = versionInForce(card);
  if (inForce !== null && inForce.version > held.version)
    return `it holds version ${held.version}, version ${inForce.version} is welded by`;
  return null;
}

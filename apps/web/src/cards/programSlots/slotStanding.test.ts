import type { Card, ProgramSlot } from '@lone-heron/contract';
import { buttOf, cardOf } from '@lone-heron/contract/testing';
import { filledSlots, slotTrouble } from './slotStanding.js';

const held = (card: Card, version = 1): ProgramSlot => ({
  ...{ slot: 3, cardId: card.id, version },
  ...{ storedAt: '2026-11-02T08:00:00.000Z', storedBy: 'ines', compared: null },
});
/** A card of two versions, both signed or the second still open. */
function twoVersions(isSecondSigned: boolean): Card {
  const card = cardOf(1, 'hatch', buttOf('stainless304', 1.5));
  const [first] = card.versions;
  if (first === undefined) throw new Error('a card has a version');
  const signed = { signedAt: first.madeAt, signedBy: 'ines' };
  return {
    ...card,
    versions: [
      { ...first, version: 2, ...(isSecondSigned ? signed : {}) },
      { ...first, ...signed },
    ],
  };
}
const troubleOf = (card: Card, version = 1) => filledSlots([held(card, version)], [card]).map(slotTrouble);

describe('a slot', () => {
  it('holds an old version once the next is signed, and not before', () => {
    expect(troubleOf(twoVersions(false))).toEqual([null]);
    expect(troubleOf(twoVersions(true))).toEqual(['it holds version 1, version 2 is welded by']);
    expect(troubleOf(twoVersions(true), 2)).toEqual([null]);
  });

  it('is not welded by once its card is retired', () => {
    const retired = { ...twoVersions(true), retiredAt: '2026-11-03T08:00:00.000Z' };
    expect(troubleOf(retired, 2)).toEqual(['its card is retired']);
  });

  it('whose card or version has not come yet is left out', () => {
    const card = twoVersions(true);
    expect(filledSlots([held(card, 7)], [card])).toEqual([]);
    expect(filledSlots([held(card)], [])).toEqual([]);
  });
});

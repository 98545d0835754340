import { wireDiameterMm, wireDiametersMm } from '@lone-heron/contract';
import { mm, wireDiameterFor, wireSizes } from '@lone-heron/core';
import { wireInWords } from '../sentences/wireInWords.js';
import type { Choice } from './PickWord.js';
import type { Spoken } from './Spoken.js';
import { spokenMass } from '../figures/spoken.js';

/** Every diameter the shop may have, in the system it buys in, those on the shelf first, with the usual one for this sheet marked. */
export function wireChoices({ reading, house, suggested, words }: Spoken): readonly Choice[] {
  const { first, second } = reading.lengths;
  const thinner = Math.min(first ?? Infinity, second ?? Infinity);
  const system = house.units.length;
  const shelf = house.wire.filter(({ kilograms }) => kilograms > 0).map(({ diameterMm }) => mm(diameterMm));
  const usual = Number.isFinite(thinner)
    ? wireDiameterMm(wireDiameterFor(mm(thinner), system, shelf).diameter)
    : null;
  const suiting = suggested?.fillers.offers.map(({ filler }) => filler) ?? [];
  const onShelf = (diameter: number) =>
    house.wire.some(
      (spool) => spool.diameterMm === diameter && spool.kilograms > 0 && suiting.includes(spool.filler),
    );
  // Those sold in the shop's system, and what else stands on its shelf or in the sentence.
  const offered = wireSizes
    .filter((size) => size.system === system)
    .map(({ diameter }) => wireDiameterMm(diameter));
  const others = wireDiametersMm.filter(
    (diameter) => !offered.includes(diameter) && (onShelf(diameter) || String(diameter) === words.wire),
  );
  const inOrder = [...offered, ...others].sort((a, b) => Number(onShelf(b)) - Number(onShelf(a)) || a - b);
  // What is picked stands in the sentence, without its note.
  const note = (diameter: number) => {
    if (String(diameter) === words.wire) return '';
    const notes = [diameter === usual ? 'usual' : '', onShelf(diameter) ? 'on the shelf' : ''].filter(
      Boolean,
    );
    return notes.length === 0 ? '' : ` (${notes.join(', ')})`;
  };
  return [
    { value: 'none', label: 'without wire' },
    ...inOrder.map((diameter) => ({
      value: String(diameter),
      label: `with ${wireInWords(diameter)} wire${note(diameter)}`,
    })),
  ];
}

/** The alloys that suit, best first, each with its reason and what is left of it. */
export function fillerChoices({ suggested, words }: Spoken): readonly Choice[] {
  const offers = suggested?.fillers.offers ?? [];
  const said = words.filler;
  const [best] = offers;
  const label = ({ filler, why, onShelfKg }: (typeof offers)[number]) =>
    `${filler}: ${why}${onShelfKg > 0 ? `; ${spokenMass(onShelfKg)} on the shelf` : '; none on the shelf'}`;
  const others = offers.map((offer) => ({ value: offer.filler, label: label(offer) }));
  const isOdd = said !== 'usual' && !offers.some(({ filler }) => filler === said);
  return [
    { value: 'usual', label: best === undefined ? 'the usual alloy' : best.filler },
    ...others,
    ...(isOdd ? [{ value: said, label: `${said}: not usual for these metals` }] : []),
  ];
}

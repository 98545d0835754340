import { wireDiametersMm, type HouseUnits, type Machine } from '@lone-heron/contract';
import { parseQuantity, understandJoint, type UnderstoodJoint } from '@lone-heron/core';
import { useEffectEvent, useLayoutEffect } from 'react';
import { useSelector } from 'react-redux';
import { selectRecentJoints } from '../../shared/memory/deskSlice.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { readAddress } from '../dialAddress.js';
import type { DialWords } from '../../shared/saidJoint/dialWords.js';
import { readSentence } from '../../shared/saidJoint/readSentence.js';
import type { Spoken } from '../../shared/saidJoint/Spoken.js';

interface SayOffersProps {
  text: string;
  spoken: Spoken;
  machines: readonly Machine[];
  /** Down the list, from the first; also pressed before the offers were there. */
  steps: number;
  /** Whether the offer that stands out is taken. */
  isTaken: boolean;
  /** The id of the offer that stands out; null where there is none. */
  onShown: (id: string | null) => void;
  /** Told whether there was something to take. */
  onTaken: (isSomething: boolean) => void;
}

/** What stands on offer: what was typed, or a joint of before. */
interface Offer {
  readonly key: string;
  readonly title: string;
  readonly take: () => void;
}

/** What a text would be taken for, and the joints of before that hold it; the first stands out. */
export default function SayOffers({ text, spoken, machines, ...props }: SayOffersProps) {
  const { steps, isTaken, onShown, onTaken } = props;
  const understood = understandJoint(text, machines);
  const offers = useOffers(text, understood, spoken, machines);
  const shown = offers.length === 0 ? 0 : ((steps % offers.length) + offers.length) % offers.length;
  const take = useEffectEvent((offer: Offer | undefined) => {
    offer?.take();
    onTaken(offer !== undefined);
  });
  useLayoutEffect(() => {
    if (isTaken) take(offers[shown]);
  }, [isTaken, offers, shown]);
  const id = offers[shown] === undefined ? null : `say-${shown}`;
  useLayoutEffect(() => onShown(id), [onShown, id]);
  return (
    <>
      {understood.unknown.length > 0 && (
        <p role="status" className="fault px-1 text-sm">
          Not understood: {understood.unknown.join(', ')}. Say metal, thickness, joint, gap, wire, gas,
          machine.
        </p>
      )}
      {understood.flow !== undefined && (
        <p role="status" className="px-1 text-sm text-soft">
          {understood.flow}: the flow is worked out from the joint and the nozzle, and stands on the plate.
        </p>
      )}
      <ul id="say-offers" role="listbox" aria-label="Joints on offer" className="flex flex-col">
        {offers.map((offer, index) => (
          <li
            key={offer.key}
            id={`say-${index}`}
            role="option"
            aria-selected={index === shown}
            className={`touch-always flex cursor-pointer items-center rounded-field px-3 ${index === shown ? 'bg-base-200 font-semibold' : ''}`}
            onPointerDown={(event) => {
              event.preventDefault();
              offer.take();
              onTaken(true);
            }}
          >
            {offer.title}
          </li>
        ))}
      </ul>
      {offers.length === 0 && (
        <p className="px-3 py-2 text-soft">Joints you dial are listed here, newest first.</p>
      )}
    </>
  );
}

function useOffers(
  text: string,
  understood: UnderstoodJoint,
  { words: now, house, sayWords }: Spoken,
  machines: readonly Machine[],
): readonly Offer[] {
  const recent = useSelector(selectRecentJoints);
  const joints = recent
    .filter(({ title }) => title.toLowerCase().includes(text.trim().toLowerCase()))
    .map(({ title, search }) => ({
      key: search,
      title,
      take: () => sayWords(readAddress(new URLSearchParams(search)).address.words),
    }));
  if (text.trim() === '') return joints;
  const words = wordsOf(understood, house.units.length);
  const { said } = readSentence({ ...now, ...words }, machines, house.units.length);
  const isSomething = Object.keys(words).length > 0;
  const typed: Offer = {
    key: 'typed',
    title: said === null ? `as typed, with what is wrong marked` : jointInWords(said.joint),
    take: () => sayWords(words),
  };
  return isSomething ? [typed, ...joints] : joints;
}

/** The words of the sentence that were understood; the rest stays as it is. */
function wordsOf(understood: UnderstoodJoint, system: HouseUnits['length']): Partial<DialWords> {
  const { metals, kind, thicknesses, gap, wire, tube, gas, machine } = understood;
  const withUnit = (text: string) => inSystem(text, system);
  const [metal, secondMetal = 'same'] = metals;
  const [first, second = first] = thicknesses;
  return {
    ...(metal === undefined ? {} : { metal, secondMetal }),
    ...(kind === undefined ? {} : { kind }),
    ...(first === undefined || second === undefined
      ? {}
      : { first: withUnit(first), second: withUnit(second) }),
    ...(gap === undefined ? {} : { gap: withUnit(gap) }),
    ...(wire === undefined ? {} : { wire: wire === null ? 'none' : wireOnOffer(wire) }),
    ...(tube === undefined ? {} : { tube: withUnit(tube) }),
    ...(gas === undefined ? {} : { gas }),
    ...(machine === undefined ? {} : { machine, asIf: '' }),
  };
}

/** In a shop in mm a plain number gets its unit, so that it reads as the rest of the sentence; small ones are inches to all. */
function inSystem(text: string, system: HouseUnits['length']): string {
  const isPlain = /^\d+(?:[.,]\d+)?$/.test(text) && Number(text.replace(',', '.')) >= 0.3;
  return isPlain && system === 'mm' ? `${text} mm` : text;
}

/** Diameters this close are one wire, mm. */
const sameWireMm = 0.03;

/** The wire that is sold nearest to a diameter that was typed, as "0.035", ".035 in" or "0.9 mm"; else the diameter itself. */
function wireOnOffer(text: string): string {
  const parsed = parseQuantity(text, 'length');
  const mm = parsed.ok ? parsed.value : NaN;
  const sold = wireDiametersMm.find((each) => Math.abs(each - mm) <= sameWireMm);
  return String(sold ?? (parsed.ok ? mm : text));
}

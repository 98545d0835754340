import type { Machine } from '@lone-heron/contract';
import { understandJoint, type UnderstoodJoint } from '@lone-heron/core';
import { useEffectEvent, useLayoutEffect } from 'react';
import { useSelector } from 'react-redux';
import { selectRecentJoints } from '../../shared/memory/deskSlice.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { readAddress } from '../dialAddress.js';
import type { DialWords } from '../dialWords.js';
import { readSentence } from '../readSentence.js';
import type { Spoken } from './Spoken.js';

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
  const understood = understandJoint(text);
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
          Not understood: {understood.unknown.join(', ')}. Say metal, thickness, joint, gap, wire.
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
  const words = wordsOf(understood);
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
function wordsOf({ metals, kind, thicknesses, gap, wire }: UnderstoodJoint): Partial<DialWords> {
  const [metal, secondMetal = 'same'] = metals;
  const [first, second = first] = thicknesses;
  return {
    ...(metal === undefined ? {} : { metal, secondMetal }),
    ...(kind === undefined ? {} : { kind }),
    ...(first === undefined || second === undefined
      ? {}
      : { first: withUnit(first), second: withUnit(second) }),
    ...(gap === undefined ? {} : { gap: withUnit(gap) }),
    ...(wire === undefined ? {} : { wire: wire === null ? 'none' : plainDiameter(wire) }),
  };
}

/** A plain number of mm gets its unit, so that it reads as the rest of the sentence. */
function withUnit(text: string): string {
  return /^\d+(?:[.,]\d+)?$/.test(text) && Number(text.replace(',', '.')) >= 0.3 ? `${text} mm` : text;
}

function plainDiameter(text: string): string {
  return String(Number(text.replace(',', '.').replace(/\s*mm$/, '')));
}

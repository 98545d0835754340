import type { Machine } from '@lone-heron/contract';
import { understandJoint, type UnderstoodJoint } from '@lone-heron/core';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useSelector } from 'react-redux';
import { selectRecentJoints } from '../../shared/memory/deskSlice.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { readAddress } from '../dialAddress.js';
import type { DialWords } from '../dialWords.js';
import { readSentence } from '../readSentence.js';
import type { Spoken } from './Spoken.js';

interface SayItAtOnceProps {
  spoken: Spoken;
  machines: readonly Machine[];
  onDone: () => void;
}

/** What stands on offer: what was typed, or a joint of before. */
interface Offer {
  readonly key: string;
  readonly title: string;
  readonly take: () => void;
}

/** The joint in a few words, such as "16ga al corner", with the joints of before below; Enter takes the first. */
export default function SayItAtOnce({ spoken, machines, onDone }: SayItAtOnceProps) {
  const [text, setText] = useState('');
  const [picked, setPicked] = useState(0);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus(), []);
  const understood = understandJoint(text);
  const offers = useOffers(text, understood, spoken, machines);
  const shown = Math.min(picked, offers.length - 1);
  const take = (offer: Offer | undefined) => {
    if (offer === undefined) return;
    offer.take();
    onDone();
  };
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step !== undefined) setPicked((offers.length + shown + step) % Math.max(offers.length, 1));
    else if (event.key === 'Enter') take(offers[shown]);
    else if (event.key === 'Escape') onDone();
    else return;
    event.preventDefault();
  };
  return (
    <div className="sheet absolute inset-x-0 top-0 z-20 flex flex-col gap-1 p-3 shadow-lg" onKeyDown={keys}>
      <label className="input touch-always w-full text-lg">
        <span className="sr-only">Say the joint at once</span>
        <input
          ref={field}
          role="combobox"
          aria-expanded="true"
          aria-controls="say-offers"
          aria-activedescendant={offers[shown] === undefined ? undefined : `say-${shown}`}
          placeholder="304 1.5 to 2 butt, gap .1, wire .8"
          autoComplete="off"
          maxLength={80}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setPicked(0);
          }}
          onBlur={(event) => {
            if (event.relatedTarget === null) onDone();
          }}
        />
      </label>
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
              take(offer);
            }}
          >
            {offer.title}
          </li>
        ))}
      </ul>
      {offers.length === 0 && (
        <p className="px-3 py-2 text-soft">Joints you dial are listed here, newest first.</p>
      )}
    </div>
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

import type { ReactNode } from 'react';
import { metalChoices } from '../vocabulary/metalNames.js';
import { saysBevel, saysSides, saysSize } from './readKind.js';
import type { Spoken } from './Spoken.js';
import type { Words } from './useWords.js';
import { wireChoices } from './wireChoices.js';
import { kindChoices, sideChoices } from './words.js';

interface JointWordsProps {
  words: Words;
  spoken: Spoken;
  /** The first word, where it can be another. */
  verb?: ReactNode;
}

/** What is joined: metal, sheets, kind, its sizes, gap. */
export function JointWords({ words: { pick, length }, spoken, verb = 'Weld' }: JointWordsProps) {
  const { kind, bevel } = spoken.words;
  return (
    <>
      {verb}
      <span> </span>
      {pick('metal', 'Metal', metalChoices)}
      <span>, </span>
      {length('first', 'Thickness of the first sheet')}
      <span> to </span>
      {length('second', 'Thickness of the second sheet')}
      <span>, as </span>
      {pick('kind', 'Joint', kindChoices)}
      {saysSize(kind, 'tubeRadius') && (
        <>
          <span> of tube </span>
          {length('tube', 'Outside diameter of the tube')}
        </>
      )}
      {saysSize(kind, 'leg') && (
        <>
          <span> with a leg of </span>
          {length('leg', 'Leg of the fillet')}
        </>
      )}
      {saysSize(kind, 'holeDiameter') && (
        <>
          <span> of </span>
          {length('hole', 'Diameter of the hole')}
        </>
      )}
      {saysBevel(kind) && bevel !== 'square' && (
        <>
          <span>, bevelled to a land of </span>
          {length('land', 'Land of the bevel')}
        </>
      )}
      <span> with a gap of </span>
      {length('gap', 'Gap')}
    </>
  );
}

/** From how many sides, and with which wire. */
export function SideAndWireWords({
  words: { pick },
  spoken,
}: {
  words: Pick<Words, 'pick'>;
  spoken: Spoken;
}) {
  return (
    <>
      {saysSides(spoken.words.kind) && (
        <>
          <span>, from </span>
          {pick('sides', 'Sides', sideChoices)}
        </>
      )}
      <span>, </span>
      {pick('wire', 'Wire', wireChoices(spoken))}
    </>
  );
}

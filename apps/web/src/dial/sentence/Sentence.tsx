import { wireDiametersMm, type Machine } from '@lone-heron/contract';
import { inMm, mm, wireDiameterFor } from '@lone-heron/core';
import { useRef } from 'react';
import { useKey } from '../../shared/keys/useKey.js';
import { metalChoices } from '../../shared/words/metalNames.js';
import { aimChoices } from '../aims.js';
import type { WordName } from '../dialAddress.js';
import { dialledMachines, readSentence } from '../readSentence.js';
import type { Dial } from '../useDial.js';
import { LengthWord } from './LengthWord.js';
import { PickWord, type Choice } from './PickWord.js';
import { walkWords } from './walkWords.js';

/** The joint, said as one plain sentence whose bold words are the inputs. */
export function Sentence({ dial, machines }: { dial: Dial; machines: readonly Machine[] }) {
  const sentence = useRef<HTMLDivElement>(null);
  useKey('/', () => sentence.current?.querySelector('select')?.focus());
  const { words } = dial.address;
  const pick = (word: WordName, name: string, choices: readonly Choice[]) => (
    <PickWord
      name={name}
      value={words[word]}
      choices={choices}
      fault={dial.reading.faults[word]}
      onPick={(value) => dial.sayWord(word, value)}
    />
  );
  const length = (word: 'first' | 'second' | 'gap', name: string) => (
    <LengthWord
      name={name}
      text={words[word]}
      lengthMm={dial.reading.lengths[word]}
      fault={dial.reading.faults[word]}
      accepts={(text) => readSentence({ ...words, [word]: text }, machines).faults[word] === undefined}
      onSay={(text) => dial.sayWord(word, text)}
    />
  );
  return (
    <div ref={sentence} role="group" aria-label="The joint" className="sentence" onKeyDown={walkWords}>
      <span>Weld </span>
      {pick('metal', 'Metal', metalChoices)}
      <span>, </span>
      {length('first', 'Thickness of the first sheet')}
      <span> to </span>
      {length('second', 'Thickness of the second sheet')}
      <span>, as a </span>
      {/* The only joint so far; it turns into a word with the other joints. */}
      <strong className="font-semibold">butt</strong>
      <span> with a gap of </span>
      {length('gap', 'Gap')}
      <span>, </span>
      {pick('wire', 'Wire', wireChoices(dial))}
      <span>, on </span>
      <PickWord
        name="Machine"
        value={words.machine === '' ? (dialledMachines(machines)[0]?.id ?? '') : words.machine}
        choices={dialledMachines(machines).map(({ id, name }) => ({ value: id, label: name }))}
        fault={dial.reading.faults.machine}
        onPick={(value) => dial.sayWord('machine', value)}
      />
      <span>, so that </span>
      {pick('aim', 'Aim', aimChoices)}
      <span>.</span>
    </div>
  );
}

/** Every diameter the shop may have, with the usual one for this sheet marked. */
function wireChoices({ reading }: Dial): readonly Choice[] {
  const { first, second } = reading.lengths;
  const thinner = Math.min(first ?? Infinity, second ?? Infinity);
  const usual = Number.isFinite(thinner) ? inMm(wireDiameterFor(mm(thinner)).diameter) : null;
  return [
    { value: 'none', label: 'without wire' },
    ...wireDiametersMm.map((diameter) => ({
      value: String(diameter),
      label: `with ${diameter.toFixed(1)} mm wire${diameter === usual ? ' (usual)' : ''}`,
    })),
  ];
}

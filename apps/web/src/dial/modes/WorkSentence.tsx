import type { HandMode } from '@lone-heron/contract';
import { useRef, type ReactNode } from 'react';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { useKey } from '../../shared/keys/useKey.js';
import { LengthWord } from '../../shared/saidJoint/LengthWord.js';
import { PickWord } from '../../shared/saidJoint/PickWord.js';
import { TypedWord } from '../../shared/saidJoint/TypedWord.js';
import { walkWords } from '../../shared/saidJoint/walkWords.js';
import ModeWord from './ModeWord.js';
import { machineChoices, modeSentences, saidPressure, type ModeWord as Word } from './modeSentences.js';
import { readWork } from './readWork.js';
import type { ModeDial } from './useModeDial.js';

/** The work, said as one plain sentence whose bold words are the inputs. */
export function WorkSentence<Mode extends HandMode>({ dial }: { dial: ModeDial<Mode> }) {
  const { mode, reading, sayWord } = dial;
  const sentence = useRef<HTMLDivElement>(null);
  useKey('/', () => sentence.current?.querySelector<HTMLElement>('input, select')?.focus());
  return (
    <div
      ref={sentence}
      tabIndex={-1}
      role="group"
      aria-label="The work"
      className="sentence outline-none"
      onKeyDown={walkWords}
    >
      <ModeWord mode={mode} />
      <span> </span>
      {modeSentences[mode].map((part, i) =>
        typeof part === 'string' ? (
          <span key={i}>{part}</span>
        ) : (
          <WorkWord key={part.word} part={part} dial={dial} />
        ),
      )}
      <span>, on </span>
      <PickWord
        name="Machine"
        value={reading.machine?.id ?? ''}
        choices={machineChoices(reading.machines)}
        fault={reading.faults['machine']}
        onPick={(value) => sayWord('machine', value)}
      />
      <span>.</span>
    </div>
  );
}

function WorkWord<Mode extends HandMode>({ part, dial }: { part: Word; dial: ModeDial<Mode> }): ReactNode {
  const { mode, reading, sayWord } = dial;
  const { word, label } = part;
  const text = reading.said[word] ?? '';
  const fault = reading.faults[word];
  const value = reading.values[word];
  if (part.kind === 'pick' || part.kind === 'size') {
    const choices = part.choices({ words: reading.said, profile: reading.machine?.profile ?? null });
    const picked = choices.find((each) => each.value === String(value))?.value ?? text;
    return (
      <PickWord
        name={label}
        value={picked}
        choices={choices}
        fault={fault}
        onPick={(next) => sayWord(word, next)}
      />
    );
  }
  const accepts = (next: string) => readsWith(dial, word, next);
  const typed = { name: label, text, fault, accepts, onSay: (next: string) => sayWord(word, next, true) };
  if (part.kind === 'length')
    return <LengthWord {...typed} lengthMm={typeof value === 'number' ? value : null} units={dial.units} />;
  const said = typeof value === 'number' ? saidPressure(value) : null;
  return (
    <TypedWord
      {...typed}
      said={said}
      isOtherwise={said !== null && !text.includes(shopUnits().pressure)}
      key={mode}
    />
  );
}

/** Whether a word would be understood as it is typed. */
function readsWith<Mode extends HandMode>(
  { mode, reading, units }: ModeDial<Mode>,
  word: string,
  text: string,
): boolean {
  const words = { ...reading.said, machine: reading.machine?.id ?? '', [word]: text };
  return readWork(mode, words, reading.machines, units.length).faults[word] === undefined;
}

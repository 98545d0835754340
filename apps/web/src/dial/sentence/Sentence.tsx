import type { Machine } from '@lone-heron/contract';
import { Redo2, Undo2 } from 'lucide-react';
import { lazy, memo, Suspense, useId, useMemo, useRef, useState } from 'react';
import { useKey } from '../../shared/keys/useKey.js';
import { aimsFirst } from '../../shared/saidJoint/aims.js';
import { dialledMachines } from '../../shared/saidJoint/readMachine.js';
import type { Dial } from '../useDial.js';
import type { Spoken } from '../../shared/saidJoint/Spoken.js';
import { PickWord } from '../../shared/saidJoint/PickWord.js';
import { JointLine } from './JointLine.js';
import { SayBox } from './SayBox.js';
import { walkWords } from '../../shared/saidJoint/walkWords.js';
import { fillerChoices } from '../../shared/saidJoint/wireChoices.js';
import { JointWords, SideAndWireWords } from '../../shared/saidJoint/JointWords.js';
import { useWords, type Words } from '../../shared/saidJoint/useWords.js';

/** Comes right behind the page. */
const SmallWords = lazy(() => import('./SmallWords.js'));

const ModeWord = lazy(() => import('../modes/ModeWord.js'));
const firstWord = (
  <Suspense fallback="Weld">
    <ModeWord mode="weld" />
  </Suspense>
);

interface SentenceProps {
  dial: Dial;
  machines: readonly Machine[];
}

/** The joint, said as one plain sentence whose bold words are the inputs; what is seldom changed stands small below. */
export function Sentence({ dial, machines }: SentenceProps) {
  const { words, reading, house, sayWord, sayWords } = dial;
  const suggested = dial.outcome?.suggested ?? null;
  const spoken = useMemo(
    () => ({ words, reading, house, suggested, sayWord, sayWords }),
    [words, reading, house, suggested, sayWord, sayWords],
  );
  return (
    <div className="relative">
      <SpokenSentence spoken={spoken} machines={machines} />
      <Steps dial={dial} />
    </div>
  );
}

const SpokenSentence = memo(function SpokenSentence({
  spoken,
  machines,
}: {
  spoken: Spoken;
  machines: readonly Machine[];
}) {
  const [isSaying, setSaying] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const wordsId = useId();
  const sentence = useRef<HTMLDivElement>(null);
  // On a phone the words are folded, but never one that is to be mended.
  const isOpen = isAsked || spoken.reading.said === null;
  useKey('/', () => setSaying(true));
  const words = useWords(spoken, machines);
  return (
    <div
      ref={sentence}
      tabIndex={-1}
      role="group"
      aria-label="The joint"
      className="flex flex-col outline-none"
      onKeyDown={walkWords}
    >
      {isSaying && (
        <SayBox spoken={spoken} machines={machines} sentence={sentence} onDone={() => setSaying(false)} />
      )}
      <JointLine spoken={spoken} isOpen={isOpen} opens={wordsId} onToggle={() => setAsked(!isAsked)} />
      <div id={wordsId} className={isOpen ? 'contents' : 'hidden sm:contents'}>
        <div className="sentence sm:pr-24">
          <JointWords words={words} spoken={spoken} verb={firstWord} />
          <HowWords words={words} spoken={spoken} machines={machines} />
        </div>
        <Suspense fallback={<div className="h-7" />}>
          <SmallWords words={words} spoken={spoken} />
        </Suspense>
      </div>
    </div>
  );
});

/** How it is joined: sides, wire, machine, aim. */
function HowWords({
  words: { pick },
  spoken,
  machines,
}: {
  words: Words;
  spoken: Spoken;
  machines: readonly Machine[];
}) {
  const { words, reading, house } = spoken;
  const dialled = dialledMachines(machines);
  return (
    <>
      <SideAndWireWords words={{ pick }} spoken={spoken} />
      {words.wire !== 'none' && (
        <>
          <span> of </span>
          {pick('filler', 'Alloy of the wire', fillerChoices(spoken))}
        </>
      )}
      <span>, on </span>
      <PickWord
        name="Machine"
        value={words.machine === '' ? (dialled[0]?.id ?? '') : words.machine}
        choices={dialled.map(({ id, name }) => ({ value: id, label: name }))}
        fault={reading.faults.machine}
        onPick={(value) => spoken.sayWords({ machine: value, asIf: '' })}
      />
      {words.asIf !== '' && <AsIf spoken={spoken} />}
      <span>, so that </span>
      {pick('aim', 'Aim', aimsFirst(house.practice.enough))}
      <span>.</span>
    </>
  );
}

/** The machine is taken to have another power; one press takes it for what it is. */
function AsIf({ spoken: { words, reading, sayWord } }: { spoken: Spoken }) {
  const fault = reading.faults.asIf;
  return (
    <span>
      {' '}
      as if it gave {words.asIf}{' '}
      <button type="button" className="btn touch btn-sm" onClick={() => sayWord('asIf', '')}>
        as it is
      </button>
      {fault !== undefined && (
        <span role="alert" className="fault text-sm">
          {fault}
        </span>
      )}
    </span>
  );
}

/** One change back, one forth. */
function Steps({ dial: { undo, redo } }: { dial: Dial }) {
  return (
    <div className="absolute top-0 right-0 flex sm:top-1 sm:gap-1">
      <button
        type="button"
        className="btn btn-square touch btn-ghost"
        aria-label="Undo the last change"
        aria-keyshortcuts="Control+Z"
        disabled={undo === null}
        onClick={() => undo?.()}
      >
        <Undo2 className="size-5" aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-square touch btn-ghost"
        aria-label="Do it again"
        aria-keyshortcuts="Control+Y"
        disabled={redo === null}
        onClick={() => redo?.()}
      >
        <Redo2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}

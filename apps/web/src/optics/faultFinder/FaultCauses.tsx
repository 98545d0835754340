import type { Machine, RecordDetail } from '@lone-heron/contract';
import {
  everyFaultCause,
  type CauseOdds,
  type FaultCause,
  type FiledCases,
  type Seen,
} from '@lone-heron/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { PickField } from '../../shared/form/PickField.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { causeWords } from './causeWords.js';

interface FaultCausesProps {
  machine: Machine;
  odds: readonly CauseOdds[];
  seen: Seen;
  cases: FiledCases;
  /** Of the status page; null where none was taken. */
  photoId: string | null;
  onFiled: () => void;
}

const mostShown = 5;

/** The guided change that a cause ends in. */
const guideOf: Readonly<Partial<Record<FaultCause, string>>> = {
  dirtyWindow: 'window',
  damagedLens: 'focusLens',
  wornNozzle: 'nozzle',
  feederMechanics: 'liner',
  coolantOut: 'water',
};

/** What it may be, the likeliest first, with the fix of the likeliest; and what it was in the end. */
export function FaultCauses({ machine, odds, seen, cases, photoId, onFiled }: FaultCausesProps) {
  const [first] = odds;
  if (first === undefined) return null;
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="What it may be">
      <h2 className="font-semibold">What it may be</h2>
      <ol className="flex flex-col gap-1">
        {odds.slice(0, mostShown).map(({ cause, chance }) => (
          <li key={cause} className="grid grid-cols-[minmax(0,1fr)_6rem_4.5rem] items-center gap-3">
            <span className={cause === first.cause ? 'font-semibold' : ''}>
              {sentenceStart(causeWords[cause].name)}
              {(cases[cause] ?? 0) > 0 && (
                <span className="font-normal text-soft"> {cases[cause]} of this machine’s cases</span>
              )}
            </span>
            <progress className="progress progress-primary" value={chance} max={1} aria-hidden="true" />
            <span className="text-right tabular-nums">{percentFigure(chance)}</span>
          </li>
        ))}
      </ol>
      <div className="border-t border-base-300 pt-2">
        <h3 className="font-semibold">If it is {causeWords[first.cause].name}</h3>
        <ol className="list-decimal pl-6">
          {causeWords[first.cause].fix.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        {guideOf[first.cause] !== undefined && (
          <Link className="btn touch-always mt-1" to={`/optics/guide/${guideOf[first.cause]}`}>
            Step by step, with the reasons
          </Link>
        )}
      </div>
      <FileCase
        key={first.cause}
        machine={machine}
        likeliest={first.cause}
        seen={seen}
        photoId={photoId}
        onFiled={onFiled}
      />
    </section>
  );
}

interface FileCaseProps {
  machine: Machine;
  likeliest: FaultCause;
  seen: Seen;
  photoId: string | null;
  onFiled: () => void;
}

/** What it was in the end: the case moves the odds of the next. */
function FileCase({ machine, likeliest, seen, photoId, onFiled }: FileCaseProps) {
  const [cause, setCause] = useState<FaultCause>(likeliest);
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  const file = async () => {
    const photoIds = photoId === null ? [] : [photoId];
    const detail = { kind: 'fault', cause, seen, photoIds } as RecordDetail;
    const isStored = await write(detail, '', `Filed: it was ${causeWords[cause].name}.`);
    if (isStored) onFiled();
  };
  return (
    <div className="flex flex-wrap items-end gap-3 border-t border-base-300 pt-2">
      <PickField
        label="It was"
        value={cause}
        choices={everyFaultCause.map((each) => ({ value: each, label: causeWords[each].name }))}
        onPick={setCause}
      />
      <button type="button" className="btn touch-always" disabled={isSaving} onClick={() => void file()}>
        {isSaving ? 'Filing' : 'Mended: file the case'}
      </button>
      {failure !== null && (
        <p role="alert" className="fault">
          Not filed. {failure}
        </p>
      )}
    </div>
  );
}

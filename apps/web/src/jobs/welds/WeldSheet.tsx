import type { JobWeld, Machine } from '@lone-heron/contract';
import { useState } from 'react';
import { Modal } from '../../shared/page/Modal.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { TestsAsked } from './TestsAsked.js';
import { WeldFields } from './WeldFields.js';
import { WeldSentence } from './WeldSentence.js';
import { typedWeld, readWeld, withWords, type TypedWeld } from './typedWeld.js';
import type { EditedWelds, FilledField } from './weldEdits.js';

interface WeldSheetProps {
  weld: JobWeld;
  edited: EditedWelds;
  machine: Machine | null;
  onClose: () => void;
  onChange: (weld: JobWeld) => void;
  onFill: (field: FilledField) => void;
}

/** Everything a weld says, to be changed. */
export function WeldSheet({ weld, edited, machine, onClose, onChange, onFill }: WeldSheetProps) {
  const [typed, setTyped] = useState(() => typedWeld(weld));
  const read = readWeld(typed, weld, { edited, machine });
  const say = (change: Partial<TypedWeld>) => setTyped({ ...typed, ...change });
  return (
    <Modal title={`Weld ${weld.mark}`} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (read.weld !== null) onChange(read.weld);
        }}
      >
        {machine === null || read.reading === null ? (
          <p className="text-soft">{jointInWords(weld.joint)}</p>
        ) : (
          <WeldSentence
            words={typed.words}
            reading={read.reading}
            machine={machine}
            onSay={(words) => say(withWords(typed, words))}
          />
        )}
        <WeldFields parts={edited.parts} typed={typed} read={read} onSay={say} />
        <TestsAsked tests={typed.tests} onChange={(tests) => say({ tests })} />
        {read.problems.map((problem) => (
          <p key={problem} role="alert" className="fault">
            {problem}
          </p>
        ))}
        <FillDown onFill={onFill} />
        <button type="submit" className="btn touch-always self-end btn-primary" disabled={read.weld === null}>
          Change {weld.mark}
        </button>
      </form>
    </Modal>
  );
}

const fills: readonly { readonly field: FilledField; readonly name: string }[] = [
  { field: 'joint', name: 'joint' },
  { field: 'pose', name: 'pose' },
  { field: 'preparation', name: 'preparation' },
  { field: 'tests', name: 'tests' },
];

/** What it says, said by every weld below it in the list. */
function FillDown({ onFill }: { onFill: (field: FilledField) => void }) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="text-soft">As it stands in the list, for all below it too:</span>
      {fills.map(({ field, name }) => (
        <button key={field} type="button" className="btn touch-always btn-sm" onClick={() => onFill(field)}>
          {name}
        </button>
      ))}
    </div>
  );
}

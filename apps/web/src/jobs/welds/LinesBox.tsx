import { readWeldLines, type JobWeld, type Machine, type WeldLine } from '@lone-heron/contract';
import { CircleAlert, FileSpreadsheet } from 'lucide-react';
import { useId, useMemo, useState } from 'react';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { useKept } from '../../shared/typing/useKept.js';
import { weldInWords } from '../jobWords.js';
import { linesOfCsv } from './linesOfCsv.js';
import { PartPick } from './PartPick.js';
import type { EditedWelds } from './weldEdits.js';

interface LinesBoxProps {
  sheet: string;
  edited: EditedWelds;
  machine: Machine | null;
  onTake: (welds: readonly JobWeld[]) => void;
}

/** Welds typed or pasted, one a line; each is shown as it was understood, or with everything that is wrong, before any is taken. */
export function LinesBox({ sheet, edited, machine, onTake }: LinesBoxProps) {
  const [text, setText] = useKept(sheet, 'lines', () => '');
  const [part, setPart] = useState('');
  const field = useId();
  const lines = useMemo(
    () =>
      text.trim() === ''
        ? []
        : readWeldLines(text, {
            ...{ length: shopUnits().length, machine, there: edited.welds },
            part: edited.parts.some(({ key }) => key === part) ? part : null,
          }),
    [text, machine, edited, part],
  );
  const good = lines.flatMap(({ weld }) => (weld === null ? [] : [weld]));
  const wrong = lines.filter(({ weld }) => weld === null);
  const take = () => {
    onTake(good);
    // What is wrong stays to be mended.
    setText(wrong.map((line) => line.text).join('\n'));
  };
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Add welds">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <label htmlFor={field} className="font-semibold">
          Type or paste welds, one a line
        </label>
        <PartPick parts={edited.parts} part={part} label="They belong to" onPick={setPart} />
      </div>
      <textarea
        id={field}
        className="figure textarea min-h-28 w-full text-base"
        placeholder={
          'W1 304 1.5 T 240 mm x2, both sides\nW2 60\nW3 304 1.5 outside corner 300 no wire, after W1, pose front'
        }
        autoComplete="off"
        spellCheck={false}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey) || good.length === 0) return;
          event.preventDefault();
          take();
        }}
      />
      <CsvKey onLines={(read) => setText([text.trim(), read].filter((each) => each !== '').join('\n'))} />
      {lines.length > 0 && (
        <ul className="flex max-h-80 flex-col overflow-y-auto" aria-label="As it was understood">
          {lines.map((line) => (
            <ReadLine key={line.line} line={line} />
          ))}
        </ul>
      )}
      <p className="flex flex-wrap items-center justify-end gap-3" role="status">
        {wrong.length > 0 && (
          <span className="fault">
            {wrong.length === 1 ? 'One line is' : `${wrong.length} lines are`} not right yet
            {good.length > 0 && (wrong.length === 1 ? ', and stays here' : ', and stay here')}.
          </span>
        )}
        {good.length > 0 && (
          <button type="button" className="btn touch-always btn-primary" onClick={take}>
            {good.length === 1 ? 'Add the weld' : `Add the ${good.length} welds`}
          </button>
        )}
      </p>
    </section>
  );
}

/** A weld list out of a file, put among the lines to be looked at. */
function CsvKey({ onLines }: { onLines: (lines: string) => void }) {
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (file === undefined) return;
    const read = linesOfCsv(await file.text());
    if ('fault' in read) setFault(`${file.name}: ${read.fault}`);
    else {
      setFault(null);
      onLines(read.lines);
    }
  };
  return (
    <div className="flex flex-col gap-1">
      <label className="btn touch-always self-start">
        <FileSpreadsheet className="size-5" aria-hidden="true" /> From a CSV file
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
    </div>
  );
}

function ReadLine({ line: { line, text, weld, problems, carried } }: { line: WeldLine }) {
  if (weld !== null)
    return (
      <li className="flex flex-wrap gap-x-3 border-t border-base-300 py-1">
        <strong className="figure">{weld.mark}</strong>
        <span>{weldInWords(weld)}</span>
        {carried.length > 0 && <span className="text-soft">{carried.join(', ')} from above</span>}
      </li>
    );
  return (
    <li className="flex flex-col border-t border-base-300 py-1">
      <span className="flex items-center gap-2">
        <CircleAlert className="size-5 shrink-0 text-error" aria-hidden="true" />
        <span className="figure">
          {line}: {text}
        </span>
      </span>
      {problems.map(({ field, given, allowed }) => (
        <span key={field + given} className="fault pl-7 text-sm">
          {fieldName(field)} {given}: allowed is {allowed}.
        </span>
      ))}
    </li>
  );
}

/** "joint.firstThicknessMm" is thickness to who types. */
function fieldName(field: string): string {
  const last = field.split('.').at(-1) ?? field;
  const known = names[last];
  return known ?? last.replace(/Mm$/, '').replace(/([A-Z])/g, (capital) => ` ${capital.toLowerCase()}`);
}

const names: Readonly<Record<string, string>> = {
  words: 'not understood:',
  firstThicknessMm: 'thickness',
  secondThicknessMm: 'second thickness',
  pitchMm: 'pitch of the stitches',
  lengthMm: 'length',
};

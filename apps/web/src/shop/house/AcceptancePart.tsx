import type { NamedLevel } from '@lone-heron/contract';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { readTyped, type TypedValue } from '../../shared/figures/readTyped.js';
import { AskLead } from './AskLead.js';
import type { WrittenSheet } from './useHouseSheet.js';
import { spokenUnit, typedText } from '../../shared/figures/spoken.js';

type FigureName = Exclude<keyof NamedLevel, 'name' | 'asksTight'>;

/** A level as it is typed; an empty figure is not asked. */
type TypedLevel = Readonly<Record<FigureName | 'name', string>> & { readonly asksTight: boolean };

/** Shares are typed in per cent of the thickness. */
const figures: Readonly<Record<FigureName, { label: string; unit: string; max: number; per: number }>> = {
  leastReach: { label: 'Depth at least', unit: '%', max: 100, per: 100 },
  mostUndercut: { label: 'Undercut at most', unit: '%', max: 100, per: 100 },
  mostCrown: { label: 'Crown at most', unit: '%', max: 200, per: 100 },
  mostMisalignment: { label: 'Out of line at most', unit: '%', max: 100, per: 100 },
  bendAngle: { label: 'Bent without breaking', unit: '°', max: 180, per: 1 },
  longestIndication: { label: 'Dye indication at most', unit: 'mm', max: 100, per: 1 },
};
const figureNames = Object.keys(figures) as FigureName[];

const emptyLevel: TypedLevel = {
  ...(Object.fromEntries(figureNames.map((name) => [name, ''])) as Record<FigureName, string>),
  name: '',
  asksTight: false,
};

function readFigure(name: FigureName, text: string): TypedValue | null {
  if (text.trim() === '') return null;
  const { label, unit, max } = figures[name];
  const range = { quantity: label.toLowerCase(), min: 0, max, unit };
  return readTyped(text, { range, dimension: unit === 'mm' ? 'length' : null });
}

/** The levels of the shop; in per cent of the thickness where that is what counts. */
export function AcceptancePart({ sheet }: { sheet: WrittenSheet<'acceptance'> }) {
  const [levels, setLevels] = useState<readonly TypedLevel[]>(() => sheet.content.map(typedLevel));
  const change = (index: number, part: Partial<TypedLevel>) =>
    setLevels(levels.map((level, i) => (i === index ? { ...level, ...part } : level)));
  const content = levels.flatMap((level) => readLevel(level) ?? []);
  return (
    <section className="flex flex-col gap-3" aria-label="Levels">
      {!sheet.mayChange && <AskLead what="the levels" />}
      {levels.map((level, index) => (
        <Level
          key={index}
          level={level}
          index={index}
          onChange={(part) => change(index, part)}
          onRemove={() => setLevels(levels.filter((_, i) => i !== index))}
        />
      ))}
      <Failure error={sheet.error} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn touch-always" onClick={() => setLevels([...levels, emptyLevel])}>
          <Plus className="size-5" aria-hidden="true" /> Another level
        </button>
        <button
          type="button"
          className="btn touch-always ml-auto btn-primary"
          disabled={content.length !== levels.length || !sheet.mayChange || sheet.isSaving}
          onClick={() => void sheet.save(content, 'The levels are written down.')}
        >
          Save the levels
        </button>
      </div>
    </section>
  );
}

function typedLevel(level: NamedLevel): TypedLevel {
  const texts = figureNames.map((name) => {
    const value = level[name];
    return [name, value === null ? '' : typedText(value * figures[name].per, figures[name].unit, 1)] as const;
  });
  return {
    ...(Object.fromEntries(texts) as Record<FigureName, string>),
    name: level.name,
    asksTight: level.asksTight,
  };
}

/** A level as the record takes it; null while its name is missing or a figure is at fault. */
function readLevel(level: TypedLevel): NamedLevel | null {
  const name = level.name.trim();
  const reads = figureNames.map((each) => [each, readFigure(each, level[each])] as const);
  if (name === '' || reads.some(([, read]) => read !== null && 'fault' in read)) return null;
  const values = reads.map(([each, read]) => [
    each,
    read !== null && 'value' in read ? read.value / figures[each].per : null,
  ]);
  return {
    ...(Object.fromEntries(values) as Record<FigureName, number | null>),
    name,
    asksTight: level.asksTight,
  };
}

interface LevelProps {
  level: TypedLevel;
  index: number;
  onChange: (part: Partial<TypedLevel>) => void;
  onRemove: () => void;
}

function Level({ level, index, onChange, onRemove }: LevelProps) {
  return (
    <div className="sheet flex flex-col gap-3 p-4" role="group" aria-label={`Level ${index + 1}`}>
      <div className="flex items-end gap-3">
        <div className="grow sm:max-w-80">
          <TextField
            label="Name of the level"
            text={level.name}
            longest={40}
            onType={(name) => onChange({ name })}
          />
        </div>
        <button
          type="button"
          className="btn btn-square touch-always ml-auto btn-ghost"
          aria-label={`Take level ${index + 1} off the list`}
          onClick={onRemove}
        >
          <Trash2 className="size-5" aria-hidden="true" />
        </button>
      </div>
      <div className="grid grid-cols-2 items-start gap-3 md:grid-cols-3 lg:grid-cols-6">
        {figureNames.map((name) => (
          <TypedField
            key={name}
            label={figures[name].label}
            unit={spokenUnit(figures[name].unit).unit}
            text={level[name]}
            read={readFigure(name, level[name])}
            onType={(text) => onChange({ [name]: text })}
          />
        ))}
      </div>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={level.asksTight}
          onChange={(event) => onChange({ asksTight: event.target.checked })}
        />
        Tight in a leak or pressure test
      </label>
    </div>
  );
}

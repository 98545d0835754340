import type { TestDetail } from '@lone-heron/contract';
import { useEffect, useMemo } from 'react';
import { PickField } from '../../../shared/form/PickField.js';
import { TextField } from '../../../shared/form/TextField.js';
import { bareUnitOf } from '../../../shared/figures/readTyped.js';
import { TypedField } from '../../../shared/form/TypedField.js';
import { useKeptValues } from '../../../shared/form/useTypedValues.js';
import { figureFields } from './testFields.js';
import { plainDetail, testForms, type PlainTestKind } from './testForms.js';
import { useKept } from '../../../shared/typing/useKept.js';

interface PlainTestProps {
  sheet: string;
  kind: PlainTestKind;
  /** Told whenever the form is whole, or is not any more. */
  onDetail: (detail: TestDetail | null) => void;
}

/** The few figures and choices of a test. */
export function PlainTest({ sheet, kind, onDetail }: PlainTestProps) {
  const form = testForms[kind];
  const figures = useKeptValues(
    sheet,
    'figures',
    Object.fromEntries(form.figures.map((name) => [name, figureFields[name].quantity])),
  );
  const [picks, setPicks] = useKept(sheet, 'picks', () =>
    Object.fromEntries(form.picks.map(({ name, choices }) => [name, choices[0]?.value ?? ''])),
  );
  const [words, setWords] = useKept(sheet, 'words', () => '');
  const { values } = figures;
  const valuesText = JSON.stringify(values);
  const detail = useMemo(() => {
    const read = JSON.parse(valuesText) as Record<string, number> | null;
    return read === null ? null : plainDetail(kind, read, picks, words);
  }, [kind, valuesText, picks, words]);
  useEffect(() => onDetail(detail), [detail, onDetail]);
  return (
    <div className="grid grid-cols-2 gap-3">
      {form.figures.map((name) => (
        <TypedField
          key={name}
          label={figureFields[name].label}
          unit={bareUnitOf(figureFields[name].quantity)}
          text={figures.texts[name] ?? ''}
          read={figures.reads[name] ?? null}
          onType={(text) => figures.type(name, text)}
        />
      ))}
      {form.picks.map(({ name, label, choices }) => (
        <PickField
          key={name}
          label={label}
          value={picks[name] ?? ''}
          choices={choices}
          onPick={(value) => setPicks({ ...picks, [name]: value })}
        />
      ))}
      {form.words !== null && (
        <div className="col-span-2">
          <TextField label={form.words.label} text={words} longest={300} onType={setWords} />
        </div>
      )}
    </div>
  );
}

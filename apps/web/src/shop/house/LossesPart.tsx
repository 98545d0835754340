import { aimKinds, usualLosses, type Aim, type OutcomeLosses } from '@lone-heron/core';
import { useState } from 'react';
import { Failure } from '../../shared/form/Failure.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { figure } from '../../shared/figures/figures.js';
import { readTyped } from '../../shared/figures/readTyped.js';
import { OwnSheetNote } from './OwnSheetNote.js';
import { useHouseSheet, type WrittenSheet } from './useHouseSheet.js';

const aimNames: Readonly<Record<Aim['kind'], string>> = {
  reach: 'It reaches the back',
  leastHeat: 'Least colour and warp',
  leastDressing: 'Least to grind',
  wideForgiving: 'It forgives an unsteady hand',
  fillGap: 'It fills the gap',
  share: 'A share of the way',
};

const outcomes = [
  ['cold', 'Cold: nothing held'],
  ['part', 'Part way'],
  ['hot', 'Hot: heavy behind'],
  ['hole', 'A hole'],
] as const satisfies readonly (readonly [keyof OutcomeLosses, string])[];

const range = { quantity: 'loss', min: 0, max: 5, unit: '' } as const;
const read = (text: string) => readTyped(text, { range, dimension: null });

/** What a coupon that came out so costs this shop, aim by aim; what is suggested is what costs least. */
export function LossesPart() {
  const sheet = useHouseSheet('losses');
  if (sheet === null) return null;
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="What outcomes cost">
      <h2 className="text-lg font-semibold">What does each outcome cost?</h2>
      <p className="max-w-3xl text-soft">
        An even line costs nothing; 1 is a coupon for the bin. Dial suggests what is expected to cost least:
        raise the hole where a part is dear, lower part way where half is strong enough.
      </p>
      <Failure error={sheet.error} />
      {/* Written anew by somebody else, the fields start from that. */}
      <OwnSheetNote sheet={sheet} />
      <LossTable key={sheet.revision} sheet={sheet} />
    </section>
  );
}

type TypedLosses = Readonly<Record<Aim['kind'], Readonly<Record<keyof OutcomeLosses, string>>>>;

function typed(content: WrittenSheet<'losses'>['content']): TypedLosses {
  return Object.fromEntries(
    aimKinds.map((kind) => [
      kind,
      Object.fromEntries(outcomes.map(([outcome]) => [outcome, figure(content[kind][outcome], 2)])),
    ]),
  ) as unknown as TypedLosses;
}

function LossTable({ sheet }: { sheet: WrittenSheet<'losses'> }) {
  const [losses, setLosses] = useState(() => typed(sheet.content));
  const [fault, setFault] = useState<string | null>(null);
  const type = (kind: Aim['kind'], outcome: keyof OutcomeLosses, text: string) => {
    setFault(null);
    setLosses({ ...losses, [kind]: { ...losses[kind], [outcome]: text } });
  };
  const save = () => {
    const content = readLosses(losses);
    if (typeof content === 'string') setFault(content);
    else void sheet.save(content, 'What outcomes cost is written down.');
  };
  return (
    <>
      {aimKinds.map((kind) => (
        <fieldset key={kind} disabled={!sheet.mayChange || sheet.isSaving}>
          <legend className="font-medium">{aimNames[kind]}</legend>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
            {outcomes.map(([outcome, name]) => (
              <TypedField
                key={outcome}
                label={name}
                unit=""
                text={losses[kind][outcome]}
                read={read(losses[kind][outcome])}
                onType={(text) => type(kind, outcome, text)}
              />
            ))}
          </div>
        </fieldset>
      ))}
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={!sheet.mayChange || sheet.isSaving}
          onClick={save}
        >
          Save the losses
        </button>
        <button
          type="button"
          className="btn touch-always btn-ghost"
          disabled={!sheet.mayChange || sheet.isSaving}
          onClick={() => setLosses(typed(usualLosses))}
        >
          Put the usual ones in
        </button>
      </div>
    </>
  );
}

/** The losses as they are kept, or what is wrong with one: the greater fault never costs less. */
function readLosses(losses: TypedLosses): WrittenSheet<'losses'>['content'] | string {
  const found: Partial<Record<Aim['kind'], OutcomeLosses>> = {};
  for (const kind of aimKinds) {
    const numbers = outcomes.map(([outcome]) => [outcome, read(losses[kind][outcome])] as const);
    const wrong = numbers.find(([, each]) => 'fault' in each);
    if (wrong !== undefined) return `${aimNames[kind]}, ${wrong[0]}: allowed is 0 to 5.`;
    const row = Object.fromEntries(
      numbers.map(([outcome, each]) => [outcome, 'value' in each ? each.value : 0]),
    ) as unknown as OutcomeLosses;
    if (row.part > row.cold)
      return `${aimNames[kind]}: part way ${row.part} may cost no more than cold, ${row.cold}.`;
    if (row.hot > row.hole)
      return `${aimNames[kind]}: hot ${row.hot} may cost no more than a hole, ${row.hole}.`;
    found[kind] = row;
  }
  return found as WrittenSheet<'losses'>['content'];
}

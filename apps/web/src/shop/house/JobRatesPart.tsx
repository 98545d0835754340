import { Failure } from '../../shared/form/Failure.js';
import { fieldsFirst, SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import type { TypedValues } from '../../shared/form/useTypedValues.js';
import type { TypedQuantity } from '../../shared/figures/readTyped.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { AskLead } from './AskLead.js';
import { arc, arcLabels, machine, machineLabels, work, workLabels } from './jobRateFields.js';
import type { WrittenSheet } from './useHouseSheet.js';
import { useTypedRates } from './useTypedRates.js';

/** How long things take in a job, the arc process it is held against, and what the machine cost. */
export function JobRatesPart({ sheet }: { sheet: WrittenSheet<'jobRates'> }) {
  const typed = useTypedRates(sheet.content);
  const content = typed.read();
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Rates of jobs">
      <h2 className="text-lg font-semibold">How long things take in a job</h2>
      <p className="max-w-3xl text-soft">
        Jobs go by these until their own times say more: every seam that is timed at the bench teaches the
        first.
      </p>
      {!sheet.mayChange && <AskLead what="the rates" />}
      <Fields quantities={work} labels={workLabels()} values={typed.work} />
      <h3 className="font-semibold">The arc process beside it</h3>
      <TextField label="What it is called" text={typed.name} longest={30} onType={typed.setName} />
      <Fields quantities={arc} labels={arcLabels()} values={typed.arc} />
      <h3 className="font-semibold">
        What the machine cost <span className="font-normal text-soft">empty where it does not matter</span>
      </h3>
      <Fields quantities={machine} labels={machineLabels} values={typed.machine} />
      <Failure error={sheet.error} />
      <SaveButton
        name="Save the rates"
        waitsFor={
          !sheet.mayChange
            ? 'A lead changes the rates: sign in as one.'
            : content === null
              ? fieldsFirst
              : null
        }
        isSaving={sheet.isSaving}
        onPress={() => {
          if (content !== null) void sheet.save(content, 'The rates of jobs are written down.');
        }}
      />
    </section>
  );
}

interface FieldsProps<Name extends string> {
  quantities: Readonly<Record<Name, TypedQuantity>>;
  labels: Readonly<Record<Name, string>>;
  values: TypedValues<Name>;
}

function Fields<Name extends string>({ quantities, labels, values }: FieldsProps<Name>) {
  return (
    <div className="grid grid-cols-2 items-end gap-3 md:grid-cols-3">
      {(Object.keys(quantities) as Name[]).map((name) => (
        <TypedField
          key={name}
          label={labels[name]}
          unit={unitOf(quantities[name])}
          text={values.texts[name]}
          read={values.reads[name]}
          onType={(text) => values.type(name, text)}
        />
      ))}
    </div>
  );
}

function unitOf({ range, dimension }: TypedQuantity): string {
  if (dimension === 'speed') return shopUnits().travel;
  return range.unit === '' ? shopUnits().currency : range.unit;
}

import type { Machine, RecordDetail, ShopRecord } from '@lone-heron/contract';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { useKeptValues } from '../../shared/form/useTypedValues.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { RecordLog } from './RecordLog.js';
import { ScrapPart } from './ScrapPart.js';

type FocusRecord = ShopRecord & { readonly detail: Extract<RecordDetail, { kind: 'focus' }> };

/** Focus moved by this much from the last time is worth a second look, mm. */
const muchMoved = 0.5;

/** Where the tube stands when the line is brightest and narrowest. */
export function FocusPart({ machine, records }: { machine: Machine; records: readonly ShopRecord[] }) {
  const log = records.filter((record): record is FocusRecord => record.detail.kind === 'focus');
  const person = usePersonAtDesk();
  const sheet = `focus ${machine.id}`;
  const { write, isSaving, failure } = useWriteRecord(machine.id, sheet);
  const tube = useKeptValues(sheet, 'tube', {
    at: { range: { quantity: 'tube', min: -30, max: 30, unit: 'mm' }, dimension: 'length' },
  });
  const moved = tube.values === null || log[0] === undefined ? null : tube.values.at - log[0].detail.tubeMm;
  const save = async () => {
    if (tube.values === null) return;
    const tubeMm = tube.values.at;
    if (await write({ kind: 'focus', tubeMm }, '', `Focus at ${spokenLength(tubeMm)} is written down.`))
      forgetTyping(sheet);
  };
  return (
    <ScrapPart
      title="Focus"
      how="Wire off, gun at its working angle, lines on scrap: move the tube until the line is brightest and narrowest, to a few tenths. Some then weld at the surface, some a little above it."
    >
      <KeptNote sheet={sheet} />
      <TypedField
        label="The tube stands at"
        unit={shopUnits().length}
        text={tube.texts.at}
        read={tube.reads.at}
        onType={(text) => tube.type('at', text)}
      />
      {moved !== null && Math.abs(moved) >= muchMoved && (
        <p role="status" className="caution p-2 leading-snug">
          {spokenLength(Math.abs(moved))} from the last time: another nozzle or lens, or something moved?
        </p>
      )}
      {failure !== null && (
        <p role="alert" className="fault">
          Not stored. {failure}
        </p>
      )}
      <SaveButton
        name="Write the focus down"
        waitsFor={person === null ? signInFirst : tube.values === null ? fieldsFirst : null}
        isSaving={isSaving}
        onPress={() => void save()}
      />
      <RecordLog records={log} wordsOf={({ detail }) => spokenLength(detail.tubeMm)} />
    </ScrapPart>
  );
}

import type { Machine, RecordDetail, ShopRecord } from '@lone-heron/contract';
import { driftPerMonth, inMm, mm, pointerCorrection } from '@lone-heron/core';
import { lazy, Suspense } from 'react';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { figure } from '../../shared/figures/figures.js';
import { spokenLength, spokenUnit } from '../../shared/figures/spoken.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Loading } from '../../shared/page/Loading.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { useKeptValues, type TypedValues } from '../../shared/form/useTypedValues.js';
import { useWriteRecord } from '../../shared/records/useWriteRecord.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { DotSketch } from './DotSketch.js';
import { RecordLog } from './RecordLog.js';

const OffsetChart = lazy(() => import('./OffsetChart.js'));

/** A pointer's record as the log keeps it. */
export type PointerRecord = ShopRecord & { readonly detail: Extract<RecordDetail, { kind: 'pointer' }> };

const away = (quantity: string) => ({
  range: { quantity, min: -5, max: 5, unit: 'mm' },
  dimension: 'length' as const,
});
const steps = (quantity: string) => ({
  range: { quantity, min: -2000, max: 2000, unit: 'steps' },
  dimension: null,
});

const msPerDay = 24 * 3600 * 1000;

/** The dot in the middle of the nozzle: where it sits, the offset that brings it back, and how that drifts. */
export function PointerPart({ machine, records }: { machine: Machine; records: readonly ShopRecord[] }) {
  const log = records.filter((record): record is PointerRecord => record.detail.kind === 'pointer');
  const person = usePersonAtDesk();
  const sheet = `pointer ${machine.id}`;
  const { write, isSaving, failure } = useWriteRecord(machine.id, sheet);
  const dot = useKeptValues(sheet, 'dot', { right: away('to the right'), up: away('upwards') });
  const offset = useKeptValues(sheet, 'offset', { x: steps('offset X'), y: steps('offset Y') });
  const save = async () => {
    if (dot.values === null || offset.values === null) return;
    const { x, y } = offset.values;
    const detail = {
      kind: 'pointer' as const,
      offsetX: x,
      offsetY: y,
      dotRightMm: dot.values.right,
      dotUpMm: dot.values.up,
    };
    if (await write(detail, '', `The offset ${x}, ${y} is written down.`)) forgetTyping(sheet);
  };
  return (
    <section className="sheet flex flex-col gap-3 p-4 lg:row-span-2" aria-label="Pointer">
      <h2 className="text-lg font-semibold">Pointer</h2>
      <p className="leading-snug text-soft">
        Tape across the nozzle’s mouth, pointer on. Light off while anybody looks. Where does the dot sit?
      </p>
      <KeptNote sheet={sheet} />
      <DotFields dot={dot} />
      <Advice machine={machine} last={log[0]} dot={dot.values} />
      <OffsetFields offset={offset} />
      <WhoDidIt label="By" />
      {failure !== null && (
        <p role="alert" className="fault">
          Not stored. {failure}
        </p>
      )}
      <SaveButton
        name="Write the offset down"
        waitsFor={
          person === null ? signInFirst : dot.values === null || offset.values === null ? fieldsFirst : null
        }
        isSaving={isSaving}
        onPress={() => void save()}
      />
      <Trend machine={machine} log={log} />
      <RecordLog
        records={log}
        wordsOf={({ detail }) =>
          `${detail.offsetX}, ${detail.offsetY}; dot was ${spokenLength(detail.dotRightMm)} right, ${spokenLength(detail.dotUpMm)} up`
        }
      />
    </section>
  );
}

function DotFields({ dot }: { dot: TypedValues<'right' | 'up'> }) {
  return (
    <div className="flex items-center gap-3">
      <DotSketch rightMm={dot.values?.right ?? 0} upMm={dot.values?.up ?? 0} />
      <div className="grid grow gap-2">
        <TypedField
          label="To the right (left: minus)"
          unit={shopUnits().length}
          text={dot.texts.right}
          read={dot.reads.right}
          onType={(text) => dot.type('right', text)}
        />
        <TypedField
          label="Upwards (down: minus)"
          unit={shopUnits().length}
          text={dot.texts.up}
          read={dot.reads.up}
          onType={(text) => dot.type('up', text)}
        />
      </div>
    </div>
  );
}

function OffsetFields({ offset }: { offset: TypedValues<'x' | 'y'> }) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {(['x', 'y'] as const).map((axis) => (
        <TypedField
          key={axis}
          label={`Offset ${axis.toUpperCase()} now`}
          unit="steps"
          text={offset.texts[axis]}
          read={offset.reads[axis]}
          onType={(text) => offset.type(axis, text)}
        />
      ))}
    </div>
  );
}

/** A step of the offset is finer than lengths are said elsewhere. */
function stepInWords(stepMm: number): string {
  const { unit, own } = spokenUnit('mm');
  return `${figure(stepMm / own, 4)} ${unit}`;
}

interface AdviceProps {
  machine: Machine;
  last: PointerRecord | undefined;
  dot: { readonly right: number; readonly up: number } | null;
}

/** The offset that would bring the dot to the middle, from the last one that was written down. */
function Advice({ machine, last, dot }: AdviceProps) {
  const { pointer } = machine.profile;
  if (pointer === null)
    return (
      <p className="text-sm text-soft">
        How this machine counts its offset is not known: enter it under Shop.
      </p>
    );
  if (dot === null)
    return <p className="text-sm text-soft">One step moves the dot by {stepInWords(pointer.stepMm)}.</p>;
  if (dot.right === 0 && dot.up === 0)
    return <p className="font-semibold text-success">Central: leave it.</p>;
  const control = { ...pointer, step: mm(pointer.stepMm) };
  const now = { x: last?.detail.offsetX ?? 0, y: last?.detail.offsetY ?? 0 };
  const next = pointerCorrection(control, now, mm(dot.right), mm(dot.up));
  const from = last === undefined ? 'from 0, 0' : `from ${now.x}, ${now.y} of the last log`;
  return (
    <p role="status" className="rounded-box border-l-4 border-primary bg-base-200 p-3 leading-snug">
      Try offset <strong>X {next.x}</strong>, <strong>Y {next.y}</strong> ({from}), then look again.
    </p>
  );
}

function Trend({ machine, log }: { machine: Machine; log: readonly PointerRecord[] }) {
  const { pointer } = machine.profile;
  if (log.length < 3 || pointer === null) return null;
  const step = inMm(mm(pointer.stepMm));
  const drift = (valueOf: (record: PointerRecord) => number) =>
    driftPerMonth(
      log.map((record) => ({ day: Date.parse(record.at) / msPerDay, value: valueOf(record) * step })),
    );
  const [x, y] = [drift(({ detail }) => detail.offsetX), drift(({ detail }) => detail.offsetY)];
  return (
    <>
      <Suspense fallback={<Loading what="the trend" />}>
        <OffsetChart log={log} />
      </Suspense>
      <p className="text-sm">{driftWords(x, y)}</p>
    </>
  );
}

/** A dot that wanders this much a month points at something loose, mm. */
const muchDrift = 0.1;

function driftWords(x: number | null, y: number | null): string {
  if (x === null || y === null) return 'Too few readings over too short a time to tell a drift.';
  const words = `Drifts ${spokenLength(Math.abs(x))} a month across and ${spokenLength(Math.abs(y))} up and down.`;
  const isMuch = Math.abs(x) > muchDrift || Math.abs(y) > muchDrift;
  return isMuch ? `${words} Look for a loose nozzle, lens or fibre end.` : `${words} Steady.`;
}

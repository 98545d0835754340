import {
  lightRanges,
  type Bottle,
  type LightDraft,
  type LightEntry,
  type Machine,
} from '@lone-heron/contract';
import { dialledMetals, gasTable, shieldingGases } from '@lone-heron/core';
import { shopNow } from '../../shared/clock/shopClock.js';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { fieldsFirst, SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { useKeptValues, type TypedValues } from '../../shared/form/useTypedValues.js';
import { Loading } from '../../shared/page/Loading.js';
import { Modal } from '../../shared/page/Modal.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { figure } from '../../shared/figures/figures.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';
import { useLightQuery, useSetLightWithdrawnMutation, useWriteLightMutation } from './lightApi.js';
import { useUndoableSave } from '../../shared/save/useUndoableSave.js';

interface LogLightProps {
  machine: Machine;
  onClose: () => void;
}

/** How long the light was on besides coupons, and with what; filled in from the last time and the bottle that is on. */
export function LogLight({ machine, onClose }: LogLightProps) {
  const { data: entries } = useLightQuery(machine.id);
  const { data: bottles } = useBottlesQuery(undefined);
  return (
    <Modal title={`Welded on ${machine.name}`} onClose={onClose}>
      {entries === undefined || bottles === undefined ? (
        <Loading what="the light log" />
      ) : (
        <LightForm machine={machine} last={entries[0]} bottles={bottles} onClose={onClose} />
      )}
    </Modal>
  );
}

interface LightFormProps extends LogLightProps {
  last: LightEntry | undefined;
  bottles: readonly Bottle[];
}

const quantities = {
  minutes: { range: lightRanges.minutes, dimension: null },
  power: { range: lightRanges.power, dimension: 'power' },
  angle: { range: lightRanges.gunAngle, dimension: null },
} as const;

type Rest = Pick<LightDraft, 'metal' | 'gas' | 'batch' | 'isSoftStart'>;

function LightForm({ machine, last, bottles, onClose }: LightFormProps) {
  const person = usePersonAtDesk();
  const sheet = `light ${machine.id}`;
  const { save, isSaving, error } = useSaveLight(sheet, onClose);
  const typed = useKeptValues(sheet, 'figures', quantities, {
    power: last === undefined ? '' : figure(last.powerW, 0),
    angle: figure(last?.gunAngleDeg ?? 45, 0),
  });
  const [rest, setRest] = useKept<Rest>(sheet, 'rest', () => restOf(machine.id, last, bottles));
  const [weldedAt, keepWeldedAt] = useKept<string | null>(sheet, 'weldedAt', () => null);
  const submit = () => {
    if (typed.values === null || person === null || isSaving) return;
    const { minutes, power, angle } = typed.values;
    const figures = { minutes, powerW: power, gunAngleDeg: angle };
    // The moment of the first press: a second one after a lost answer is the same save.
    const at = weldedAt ?? shopNow().toISOString();
    keepWeldedAt(at);
    void save({ machineId: machine.id, ...rest, ...figures, weldedAt: at });
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <p className="text-soft">
        Light on, not time at the bench: off the machine’s own counter, or the seams’ length over their pace.
        Coupons count by themselves.
      </p>
      <KeptNote sheet={sheet} />
      <LightFields typed={typed} rest={rest} onRest={setRest} />
      <WhoDidIt label="Welded by" />
      <Failure error={error} />
      <SaveButton
        name="Write it down"
        waitsFor={person === null ? signInFirst : typed.values === null ? fieldsFirst : null}
        isSaving={isSaving}
      />
    </form>
  );
}

interface LightFieldsProps {
  typed: TypedValues<keyof typeof quantities>;
  rest: Rest;
  onRest: (rest: Rest) => void;
}

function LightFields({ typed, rest, onRest }: LightFieldsProps) {
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <TypedField
          label="Light on"
          unit="min"
          text={typed.texts.minutes}
          read={typed.reads.minutes}
          isStart
          onType={(text) => typed.type('minutes', text)}
        />
        <TypedField
          label="Mean power"
          unit="W"
          text={typed.texts.power}
          read={typed.reads.power}
          onType={(text) => typed.type('power', text)}
        />
        <TypedField
          label="Gun from the sheet"
          unit="°"
          text={typed.texts.angle}
          read={typed.reads.angle}
          onType={(text) => typed.type('angle', text)}
        />
        <PickField
          label="Metal"
          value={rest.metal}
          choices={dialledMetals.map((metal) => ({ value: metal, label: metalName(metal) }))}
          onPick={(metal) => onRest({ ...rest, metal })}
        />
        <PickField
          label="Gas"
          value={rest.gas}
          choices={shieldingGases.map((gas) => ({ value: gas, label: gasTable[gas].short }))}
          onPick={(gas) => onRest({ ...rest, gas })}
        />
        <TextField
          label="Bottle’s batch"
          text={rest.batch}
          longest={40}
          onType={(batch) => onRest({ ...rest, batch })}
        />
      </div>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="toggle"
          checked={rest.isSoftStart}
          onChange={(event) => onRest({ ...rest, isSoftStart: event.target.checked })}
        />
        Soft start: the light came on over a ramp
      </label>
    </>
  );
}

/** As the last time, with the gas and batch of the bottle that is on now. */
function restOf(machineId: string, last: LightEntry | undefined, bottles: readonly Bottle[]): Rest {
  const bottle = bottles.find((each) => each.machineId === machineId && each.goneAt === null);
  return {
    metal: last?.metal ?? 'lowCarbonSteel',
    gas: bottle?.gas ?? last?.gas ?? 'argon',
    batch: bottle?.batch ?? last?.batch ?? '',
    isSoftStart: last?.isSoftStart ?? true,
  };
}

/** Writes light down, with undo. */
function useSaveLight(sheet: string, onClose: () => void) {
  const [write, { isLoading, error }] = useWriteLightMutation();
  const [setWithdrawn] = useSetLightWithdrawnMutation();
  const save = useUndoableSave({
    sheet,
    send: (id, draft: LightDraft) => write({ id, draft }),
    said: (_, { minutes }) => `${figure(minutes, 1)} min of light are written down.`,
    wayBack: (id) => ({ undo: () => setWithdrawn({ id, isWithdrawn: true }), undone: 'Taken back.' }),
    onSaved: () => {
      forgetTyping(sheet);
      onClose();
    },
  });
  return { save, isSaving: isLoading, error };
}

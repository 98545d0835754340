import type { LiveMachine, Machine, MachineTelemetry } from '@lone-heron/contract';
import { linkPoints } from '@lone-heron/core';
import { useId, useState } from 'react';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { pointInWords } from '../../shared/link/pointInWords.js';
import { ageWords, secondsSince, spellWords } from '../../shared/live/heardInWords.js';
import { useReviseTelemetryMutation, useTelemetryQuery } from '../../shared/live/liveApi.js';
import { useLiveMachine } from '../../shared/live/useLiveMachine.js';
import { toast } from '../../shared/say/toast.js';
import { MapField } from './MapField.js';
import {
  emptyListening,
  listeningFormOf,
  madePassword,
  readListeningForm,
  userOf,
  type ListeningForm,
} from './listeningForm.js';

/** How a machine is listened to over MQTT, and what it says now. */
export function Listening({ machine }: { machine: Machine }) {
  const { data: telemetry } = useTelemetryQuery(machine.id);
  const live = useLiveMachine(machine.id);
  if (telemetry === undefined) return null;
  const [standing] = telemetry;
  return (
    <>
      <EditedListening
        key={standing?.revision ?? 0}
        machine={machine}
        standing={standing ?? null}
        brokerPort={live?.brokerPort ?? null}
      />
      {live !== undefined && <SaidNow live={live} />}
    </>
  );
}

interface EditedListeningProps {
  machine: Machine;
  standing: MachineTelemetry | null;
  brokerPort: number | null;
}

function EditedListening({ machine, standing, brokerPort }: EditedListeningProps) {
  const person = usePersonAtDesk();
  const why = useId();
  const [form, setForm] = useState<ListeningForm>(() =>
    standing === null ? { ...emptyListening, user: userOf(machine.name) } : listeningFormOf(standing),
  );
  const [revise, { isLoading, error }] = useReviseTelemetryMutation();
  const typed = readListeningForm(form);
  const change = (part: Partial<ListeningForm>) => setForm((before) => ({ ...before, ...part }));
  const waitsFor = waiting(person, typed);
  const save = async () => {
    if (!('draft' in typed)) return;
    const revision = (standing?.revision ?? 0) + 1;
    const { data } = await revise({ machineId: machine.id, revision, draft: typed.draft });
    if (data !== undefined)
      toast(data.isOn ? `${machine.name} is listened to.` : `${machine.name} is not listened to any more.`);
  };
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="What it says by itself">
      <h2 className="text-lg font-semibold">What it says by itself (MQTT)</h2>
      <p className="leading-snug text-soft">
        A machine or a meter that speaks MQTT tells when its light is on, and what power, gas and temperatures
        were. Coupons and jobs take their light-on time from it, window and upkeep their hours. It is no
        safety signal: nobody goes by it who stands at the gun.
      </p>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="toggle"
          checked={form.isOn}
          onChange={(event) => change({ isOn: event.target.checked })}
        />
        It is listened to
      </label>
      <BrokerFields
        form={form}
        hasPassword={standing?.hasPassword === true}
        brokerPort={brokerPort}
        onChange={change}
      />
      <MapField
        label="Map of its topics (JSON)"
        file="Open a topic map’s file"
        text={form.map}
        onMap={(map) => change({ map })}
      />
      {form.map !== '' && 'faults' in typed && (
        <ul role="alert" className="fault text-sm leading-snug">
          {typed.faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      <Failure error={error} />
      <div className="flex flex-wrap items-center justify-end gap-3">
        <p id={why} className="grow text-sm text-soft">
          {waitsFor}
        </p>
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={waitsFor !== null || isLoading}
          aria-describedby={why}
          onClick={() => void save()}
        >
          {isLoading ? 'Saving' : 'Save how it is heard'}
        </button>
      </div>
    </section>
  );
}

function waiting(
  person: ReturnType<typeof usePersonAtDesk>,
  typed: ReturnType<typeof readListeningForm>,
): string | null {
  if (person === null) return signInFirst;
  if (person.role !== 'lead') return 'A lead says how a machine is listened to.';
  return 'faults' in typed ? 'The map, or something above, is still wanted.' : null;
}

interface BrokerFieldsProps {
  form: ListeningForm;
  hasPassword: boolean;
  brokerPort: number | null;
  onChange: (part: Partial<ListeningForm>) => void;
}

function BrokerFields({ form, hasPassword, brokerPort, onChange }: BrokerFieldsProps) {
  const isOwn = form.broker === 'own';
  return (
    <>
      <PickField
        label="Where it says it"
        value={form.broker}
        choices={[
          { value: 'own', label: 'to this server: it has a broker of its own' },
          { value: 'other', label: 'to a broker that the shop has' },
        ]}
        onPick={(broker) => onChange({ broker })}
      />
      {!isOwn && (
        <div className="grid gap-3 sm:grid-cols-[1fr_8rem_1fr]">
          <TextField
            label="Address of the broker"
            text={form.host}
            longest={120}
            onType={(host) => onChange({ host })}
          />
          <TextField label="Its port" text={form.port} longest={5} onType={(port) => onChange({ port })} />
          <TextField
            label="User, if any"
            text={form.user}
            longest={60}
            onType={(user) => onChange({ user })}
          />
        </div>
      )}
      {isOwn && (
        <TextField
          label="It signs in as"
          text={form.user}
          longest={40}
          onType={(user) => onChange({ user })}
        />
      )}
      <div className="grid items-end gap-3 sm:grid-cols-[1fr_auto_12rem]">
        <TextField
          label={hasPassword ? 'Another password (empty: as it is)' : 'Password'}
          text={form.password}
          longest={80}
          onType={(password) => onChange({ password })}
        />
        <button
          type="button"
          className="btn touch-always"
          onClick={() => onChange({ password: madePassword((bytes) => crypto.getRandomValues(bytes)) })}
        >
          Make one
        </button>
        <TextField
          label="Longest silence, s"
          text={form.silence}
          longest={5}
          onType={(silence) => onChange({ silence })}
        />
      </div>
      {isOwn && (
        <p className="text-sm leading-snug text-soft">
          The machine calls this computer{brokerPort === null ? '' : `, port ${brokerPort}`}, as user{' '}
          <code>{form.user}</code> with the password; a meter over HTTP sends to{' '}
          <code>/api/meters/{form.user}/samples</code> with the same. Write the password down before it is
          saved: it is not shown again.
        </p>
      )}
    </>
  );
}

/** What it says now, and what was put up with. */
function SaidNow({ live }: { live: LiveMachine }) {
  const now = shopNow();
  const { heardAt, values, away, last, faults } = live;
  const putUp = [
    ...(faults.jumps === 0 ? [] : [`its clock jumped ${faults.jumps} times`]),
    ...(faults.late === 0 ? [] : [`${faults.late} messages came too late to be placed`]),
    ...(faults.unread === 0 ? [] : [`${faults.unread} could not be read, the last: ${faults.lastUnread}`]),
  ];
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="What it says now">
      <h2 className="text-lg font-semibold">What it says now</h2>
      {away !== '' && (
        <p role="alert" className="caution px-3 py-1">
          {away}
        </p>
      )}
      <p className="text-soft">
        {heardAt === null
          ? 'Nothing yet since the server started.'
          : `Heard ${ageWords(secondsSince(heardAt, now))}.`}
        {last !== null && ` Last weld: ${spellWords(last, now)}.`}
      </p>
      {putUp.length > 0 && <p className="caution px-3 py-1">Put up with: {putUp.join('; ')}.</p>}
      <table className="table table-sm text-base" aria-label="Values">
        <tbody>
          {values.map(({ key, value, at }) => (
            <tr key={key}>
              <th scope="row" className="text-base font-normal">
                {linkPoints[key].said}
              </th>
              <td className="text-base">{pointInWords(key, value)}</td>
              <td className="text-sm text-soft">{ageWords(secondsSince(at, now))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

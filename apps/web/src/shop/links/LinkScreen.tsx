import type { LinkRead, LinkSending, Machine, MachineLink } from '@lone-heron/contract';
import { linkPoints, parameterKeys, type ParameterKey } from '@lone-heron/core';
import { useId, useState } from 'react';
import { useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import {
  useLinkQuery,
  useReviseLinkMutation,
  useSendingsQuery,
  useTryLinkMutation,
} from '../../shared/link/linksApi.js';
import { pointInWords } from '../../shared/link/pointInWords.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { toast } from '../../shared/say/toast.js';
import { FeederMenu } from './FeederMenu.js';
import { Listening } from './Listening.js';
import { emptyLink, linkFormOf, readLinkForm, type LinkForm } from './linkForm.js';
import { LoggerIn } from './LoggerIn.js';
import { MapField } from './MapField.js';

/** How one machine is reached over its wire: address, map, what may be written; tried out before it is saved. */
export function LinkScreen() {
  const { id = '' } = useParams();
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  const { data: links } = useLinkQuery(id);
  if (error !== undefined) return <LoadFailed what="the machines" error={error} retry={refetch} />;
  const machine = machines?.find((each) => each.id === id);
  if (machine === undefined || links === undefined) return <Loading what="the link" />;
  const [link] = links;
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Connection of ${machine.name}`} back={{ to: '/shop', name: 'Shop' }} />
      <EditedLink key={link?.revision ?? 0} machine={machine} link={link ?? null} />
      {link !== undefined && <FeederMenu machine={machine} link={link} />}
      {link !== undefined && <Sendings machineId={machine.id} />}
      <Listening machine={machine} />
      <LoggerIn machine={machine} />
    </div>
  );
}

function EditedLink({ machine, link }: { machine: Machine; link: MachineLink | null }) {
  const person = usePersonAtDesk();
  const why = useId();
  const [form, setForm] = useState<LinkForm>(() => (link === null ? emptyLink : linkFormOf(link)));
  const [tryOut, { data: read, isLoading: isTrying, error: tryFault }] = useTryLinkMutation();
  const [revise, { isLoading: isSaving, error: saveFault }] = useReviseLinkMutation();
  const typed = readLinkForm(form);
  const change = (part: Partial<LinkForm>) => setForm((before) => ({ ...before, ...part }));
  const isLead = person?.role === 'lead';
  const waitsFor =
    person === null
      ? signInFirst
      : !isLead
        ? 'A lead says how a machine is reached.'
        : 'faults' in typed
          ? 'Something above is not right yet.'
          : null;
  const save = async () => {
    if (!('draft' in typed)) return;
    const revision = (link?.revision ?? 0) + 1;
    const { data } = await revise({ machineId: machine.id, revision, draft: typed.draft });
    if (data !== undefined) toast(`How ${machine.name} is reached is written down.`);
  };
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="How it is reached">
      <h2 className="text-lg font-semibold">What it is asked, and told (Modbus TCP)</h2>
      <p className="leading-snug text-soft">
        A machine that speaks Modbus TCP can be read, and told its numbers. The map says where it keeps them:
        its maker’s manual has them. Reading changes nothing. Nothing here arms it, gives light, or passes an
        interlock.
      </p>
      <div className="grid gap-3 sm:grid-cols-[1fr_8rem]">
        <TextField label="Address" text={form.host} longest={120} onType={(host) => change({ host })} />
        <TextField label="Port" text={form.port} longest={5} onType={(port) => change({ port })} />
      </div>
      <MapField
        label="Map of its registers (JSON)"
        file="Open a map’s file"
        text={form.map}
        onMap={(map) => change({ map })}
      />
      <Writing form={form} onChange={change} />
      {form.map !== '' && 'faults' in typed && (
        <ul role="alert" className="fault text-sm leading-snug">
          {typed.faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      <Failure error={saveFault ?? tryFault} />
      <div className="flex flex-wrap items-center justify-end gap-3">
        <p id={why} className="grow text-sm text-soft">
          {waitsFor ?? 'Trying it out reads the machine and keeps nothing.'}
        </p>
        <button
          type="button"
          className="btn touch-always"
          disabled={waitsFor !== null || isTrying}
          aria-describedby={why}
          onClick={() => 'draft' in typed && void tryOut({ machineId: machine.id, draft: typed.draft })}
        >
          {isTrying ? 'Reading' : 'Try it out'}
        </button>
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={waitsFor !== null || isSaving}
          aria-describedby={why}
          onClick={() => void save()}
        >
          {isSaving ? 'Saving' : 'Save the link'}
        </button>
      </div>
      {read !== undefined && <ReadTable read={read} />}
    </section>
  );
}

function Writing({ form, onChange }: { form: LinkForm; onChange: (part: Partial<LinkForm>) => void }) {
  const turn = (key: ParameterKey, isOn: boolean) =>
    onChange({
      allowed: parameterKeys.filter((each) => (each === key ? isOn : form.allowed.includes(each))),
    });
  return (
    <fieldset className="flex flex-col gap-2">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="toggle"
          checked={form.mayWrite}
          onChange={(event) => onChange({ mayWrite: event.target.checked })}
        />
        Numbers may be written to it, while it is not armed
      </label>
      {form.mayWrite && (
        <div className="flex flex-wrap gap-x-6">
          {parameterKeys.map((key) => (
            <label key={key} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={form.allowed.includes(key)}
                onChange={(event) => turn(key, event.target.checked)}
              />
              {linkPoints[key].said}
            </label>
          ))}
        </div>
      )}
    </fieldset>
  );
}

function ReadTable({ read }: { read: LinkRead }) {
  return (
    <table className="table table-sm text-base" aria-label="What it says">
      <tbody>
        {read.readings.map(({ key, value, fault }) => (
          <tr key={key}>
            <th scope="row" className="text-base font-normal">
              {linkPoints[key].said}
            </th>
            <td className="text-base">{fault ?? pointInWords(key, value)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What was sent to it, newest first. */
function Sendings({ machineId }: { machineId: string }) {
  const { data: sendings = [] } = useSendingsQuery(machineId);
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="What was sent">
      <h2 className="text-lg font-semibold">What was sent</h2>
      {sendings.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <ul className="flex flex-col gap-2">
        {sendings.map((sending) => (
          <li key={sending.id} className="leading-snug">
            <strong>{sending.what}</strong>, {new Date(sending.sentAt).toLocaleString()}: {wentWords(sending)}
          </li>
        ))}
      </ul>
    </section>
  );
}

function wentWords({ outcome, values, why }: LinkSending): string {
  const said = values
    .map(({ key, wanted }) => `${linkPoints[key].said} ${wanted} ${linkPoints[key].unit}`)
    .join(', ');
  if (outcome === 'sent') return `${said}. Read back.`;
  return outcome === 'stopped' ? `${said}. Stopped: ${why}` : 'nobody knows how it went. Read the machine.';
}

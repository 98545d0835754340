import type { LinkRead, LinkSending, Machine, MachineLink, Setting } from '@lone-heron/contract';
import { Check, Download, Upload, X } from 'lucide-react';
import { useId, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { houseContent, useHouseQuery } from '../api/houseApi.js';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { Failure } from '../form/Failure.js';
import { heldRows, sendable, type HeldRow } from './heldRows.js';
import { useLinkQuery, useReadLinkMutation, useSendToMachineMutation } from './linksApi.js';

interface SendSettingProps {
  machine: Machine;
  setting: Setting;
  /** What it is sent for, as the history has it: "card 3". */
  what: string;
}

/** Reads what the machine holds and sends a setting to it; nothing at all where the machine has no link. */
export default function SendSetting({ machine, setting, what }: SendSettingProps) {
  const [link] = useLinkQuery(machine.id).data ?? [];
  if (link === undefined) return null;
  return <OverTheWire key={machine.id} {...{ machine, setting, what, link }} />;
}

function OverTheWire({ machine, setting, what, link }: SendSettingProps & { link: MachineLink }) {
  const { units } = houseContent(useHouseQuery(undefined).data);
  const person = usePersonAtDesk();
  const status = useId();
  const [read, { data: said, isLoading: isReading, error: readFault }] = useReadLinkMutation();
  const [send, { isLoading: isSending, error: sendFault }] = useSendToMachineMutation();
  const wanted = sendable(setting, machine, link);
  const of = JSON.stringify(wanted);
  const [sent, setSent] = useState<{ of: string; sending: LinkSending } | null>(null);
  // A sending keeps its id until it has gone: a second press, or one after the network failed, is the same sending.
  const [attempt, setAttempt] = useState<{ of: string; id: string } | null>(null);
  const rows = heldRows(setting, machine, link, said ?? null, units);
  const isBusy = isReading || isSending;
  const maySend = link.mayWrite && (person?.role === 'lead' || person?.role === 'welder');
  const sendIt = async () => {
    const id = attempt?.of === of ? attempt.id : uuid();
    setAttempt({ of, id });
    const { data } = await send({ machineId: machine.id, id, draft: { wanted, what } });
    if (data === undefined) return;
    setAttempt(null);
    setSent({ of, sending: data });
    await read(machine.id);
  };
  return (
    <section
      className="flex flex-col gap-2 border-t border-base-300 px-4 py-2 print:hidden"
      aria-label="Over the cable"
    >
      <div className="flex flex-wrap items-center gap-2">
        <h3 className="grow font-semibold">Over the cable</h3>
        <button
          type="button"
          className="btn touch btn-sm"
          disabled={isBusy || person === null}
          aria-describedby={status}
          onClick={() => void read(machine.id)}
        >
          <Download className="size-4" aria-hidden="true" /> {isReading ? 'Reading' : 'Read the machine'}
        </button>
        {maySend && (
          <button
            type="button"
            className="btn touch btn-sm btn-primary"
            disabled={isBusy || said === undefined || wanted.length === 0}
            aria-describedby={status}
            onClick={() => void sendIt()}
          >
            <Upload className="size-4" aria-hidden="true" /> {isSending ? 'Sending' : 'Send these'}
          </button>
        )}
      </div>
      {said !== undefined && <HeldTable rows={rows} />}
      <p id={status} className="text-sm leading-snug text-soft" role="status">
        {statusWords({
          said: said ?? null,
          sent: sent?.of === of ? sent.sending : null,
          maySend,
          isSignedIn: person !== null,
        })}
      </p>
      <Failure error={sendFault ?? readFault} />
    </section>
  );
}

function HeldTable({ rows }: { rows: readonly HeldRow[] }) {
  return (
    <table className="table table-sm" aria-label="What the machine holds">
      <thead>
        <tr>
          {['', 'holds', 'should be', ''].map((head, at) => (
            <th key={at} scope="col" className="px-1 py-0">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody className="text-base">
        {rows.map((row) => (
          <tr key={row.key}>
            <th scope="row" className="px-1 py-1 text-base font-normal">
              {row.name}
            </th>
            <td className="figure px-1 py-1 text-base">
              {row.holds === null ? 'not said' : `${row.holds} ${row.unit}`}
            </td>
            <td className="figure px-1 py-1 text-base">{`${row.wanted} ${row.unit}`}</td>
            <td className="px-1 py-1 text-base">
              <Standing row={row} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Standing({ row }: { row: HeldRow }) {
  if (row.holds === row.wanted)
    return (
      <span className="inline-flex items-center gap-1">
        <Check className="size-4" aria-hidden="true" /> as it should
      </span>
    );
  return (
    <span className="inline-flex items-center gap-1 font-semibold">
      <X className="size-4 shrink-0" aria-hidden="true" />
      {row.fault ?? (row.isSent ? 'differs' : 'differs: set it by hand')}
    </span>
  );
}

interface Status {
  said: LinkRead | null;
  sent: LinkSending | null;
  maySend: boolean;
  isSignedIn: boolean;
}

function statusWords({ said, sent, maySend, isSignedIn }: Status): string {
  if (!isSignedIn) return 'Sign in to read the machine.';
  if (sent?.outcome === 'stopped') return `Stopped: ${sent.why}`;
  if (sent?.outcome === 'underWay') return 'Nobody knows how that went: read the machine before you weld.';
  if (sent?.outcome === 'sent')
    return 'Sent and read back. The machine’s own panel has the last word: look at it.';
  if (said === null)
    return maySend
      ? 'Read first; then what differs can be sent, while the machine is not armed.'
      : 'Read what the machine holds. Writing to it is switched off, or not yours.';
  return 'What the cable cannot know: the program that is chosen, the wobble’s shape, the nozzle, the lens, the gas and its flow.';
}

import { largestLoggerFile, type LoggerRead, type Machine } from '@lone-heron/contract';
import { useId, useState } from 'react';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { figure } from '../../shared/figures/figures.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { DropPlace } from '../../shared/files/DropPlace.js';
import { knownFile } from '../../shared/files/knownFile.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { toast } from '../../shared/say/toast.js';
import { useLookAtLoggerMutation, useTakeLoggerMutation, type LoggerAsked } from './loggedLightApi.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Light out of a data logger’s file, for a machine that nobody can listen to. */
export function LoggerIn({ machine }: { machine: Machine }) {
  const person = usePersonAtDesk();
  const why = useId();
  const [file, setFile] = useState<File | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [asked, setAsked] = useState<LoggerAsked>({ from: '0.5', aheadS: '0' });
  const [look, { data: read, isLoading: isLooking, error: lookError }] = useLookAtLoggerMutation();
  const [take, { isLoading: isTaking, error: takeError }] = useTakeLoggerMutation();
  const choose = (picked: File) => {
    const known = knownFile(picked, { csv: largestLoggerFile });
    setFault('fault' in known ? known.fault : null);
    setFile('fault' in known ? null : picked);
    if ('format' in known) void look({ machineId: machine.id, file: picked, asked });
  };
  const ask = (part: Partial<LoggerAsked>) => setAsked((before) => ({ ...before, ...part }));
  const store = async () => {
    if (file === null) return;
    const { data } = await take({ machineId: machine.id, file, asked });
    if (data !== undefined) toast(`${data.isNew} spells of light of ${machine.name} are taken in.`);
  };
  const isLead = person?.role === 'lead';
  const waitsFor = person === null ? signInFirst : isLead ? null : 'A lead takes a logger’s file in.';
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="From a data logger">
      <h2 className="text-lg font-semibold">From a data logger (CSV)</h2>
      <p className="leading-snug text-soft">
        For a machine without a port: a logger on its lamp or its current writes time and value, row by row.
        From the threshold upwards the light is on. The same file twice adds nothing.
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Light is on from" text={asked.from} longest={12} onType={(from) => ask({ from })} />
        <TextField
          label="Its clock is ahead by, s"
          text={asked.aheadS}
          longest={12}
          onType={(aheadS) => ask({ aheadS })}
        />
      </div>
      {waitsFor === null && <DropPlace name={file?.name ?? null} accept=".csv" onFile={choose} />}
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
      <Failure what="Not read." error={lookError} />
      {read !== undefined && file !== null && (
        <>
          <Columns read={read} asked={asked} onAsk={ask} />
          <Found read={read} />
        </>
      )}
      <Failure what="Nothing was stored." error={takeError} />
      <div className="flex flex-wrap items-center justify-end gap-3">
        <p id={why} className="grow text-sm text-soft">
          {waitsFor ?? nextWords(file, read)}
        </p>
        <button
          type="button"
          className="btn touch-always"
          disabled={file === null || isLooking}
          aria-describedby={why}
          onClick={() => file !== null && void look({ machineId: machine.id, file, asked })}
        >
          {isLooking ? 'Reading' : 'Look again'}
        </button>
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={file === null || read === undefined || read.isNew === 0 || isTaking}
          aria-describedby={why}
          onClick={() => void store()}
        >
          {isTaking ? 'Taking it in' : 'Take it in'}
        </button>
      </div>
    </section>
  );
}

function nextWords(file: File | null, read: LoggerRead | undefined): string {
  if (file === null) return 'Choose its file: it is looked at first.';
  return read?.isNew === 0 ? 'The shop has all of it already, or there is no light in it.' : '';
}

interface ColumnsProps {
  read: LoggerRead;
  asked: LoggerAsked;
  onAsk: (part: Partial<LoggerAsked>) => void;
}

function Columns({ read, asked, onAsk }: ColumnsProps) {
  const choices = read.columns.map((name) => ({ value: name, label: name }));
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <PickField
        label="Column of the time"
        value={asked.time ?? read.time}
        choices={choices}
        onPick={(time) => onAsk({ time })}
      />
      <PickField
        label="Column of the light"
        value={asked.light ?? read.light}
        choices={choices}
        onPick={(light) => onAsk({ light })}
      />
      <PickField
        label="Column of the power, W"
        value={asked.power ?? read.power ?? ''}
        choices={[{ value: '', label: 'none' }, ...choices]}
        onPick={(power) => onAsk({ power })}
      />
    </div>
  );
}

function Found({ read: { rows, unread, firstUnread, spells, litS, isNew, newest } }: { read: LoggerRead }) {
  const now = useNow();
  return (
    <div className="flex flex-col gap-1">
      <p>
        {rows} rows: <strong>{spells} spells of light</strong>, {figure(litS / 60, 1)} min in all; {isNew} of
        them are new.
      </p>
      {unread > 0 && (
        <p className="caution px-3 py-1">
          {unread} rows could not be read. {firstUnread}.
        </p>
      )}
      <ul className="text-soft">
        {newest.slice(0, 5).map(({ id, startedAt, figures }) => (
          <li key={id}>
            {shownMoment(startedAt, now)}: {figure(figures.litS, 1)} s
            {figures.powerW === null ? '' : `, ${figure(figures.powerW, 0)} W`}
          </li>
        ))}
      </ul>
    </div>
  );
}

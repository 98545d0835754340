import type { Trial } from '@lone-heron/contract';
import { useMachinesQuery } from '../api/heronApi.js';
import { figure } from '../figures/figures.js';
import { spokenTravel } from '../figures/spoken.js';
import { LookMark } from './LookMark.js';
import { lookSpeech } from './modeWords.js';

/** A trial in small: its number, what was set, how it came out. */
export function TrialCard({ trial }: { trial: Trial }) {
  const { data: machines } = useMachinesQuery(undefined);
  const { work, setting, look, number, machineId } = trial;
  const machine = machines?.find(({ id }) => id === machineId);
  return (
    <article className="sheet w-46 shrink-0 p-2 leading-tight" aria-label={`Trial ${number}`}>
      <p className="flex justify-between">
        <strong>No {number}</strong>
        <span className="text-soft tabular-nums">
          {'powerW' in setting ? `${figure(setting.powerW, 0)} W` : `${figure(setting.currentA, 0)} A`}
        </span>
      </p>
      <p className="my-1 flex items-center gap-2">
        <LookMark mode={work.mode} look={look} className="size-7" />
        <span className="font-medium">{lookSpeech(work.mode, look).short}</span>
      </p>
      <p className="flex justify-between text-sm text-soft" title={machine?.name ?? machineId}>
        {'paceMmS' in setting && <span className="tabular-nums">{spokenTravel(setting.paceMmS)}</span>}
        {'pulseMs' in setting && <span className="tabular-nums">{figure(setting.pulseMs, 1)} ms</span>}
      </p>
    </article>
  );
}

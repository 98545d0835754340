import type { Job, JobWork, ModeCard } from '@lone-heron/contract';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuid } from 'uuid';
import { useModeCardsQuery } from '../../shared/api/modeCardsApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { Failure } from '../../shared/form/Failure.js';
import { PickField } from '../../shared/form/PickField.js';
import { dialModeAddress } from '../../shared/modes/modeAddress.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { useSaveJob } from '../useSaveJob.js';

/** What the job asks beside its welds: taken from cards, counted in time, money and glass. */
export default function WorksPart({ job }: { job: Job }) {
  const { now, save, isSaving, error } = useSaveJob(job);
  const asSomebody = useAsSomebody();
  const works = now.draft.works ?? [];
  const write = (next: readonly JobWork[], why: string) =>
    asSomebody(() => void save({ ...now.draft, works: [...next], why }, `${sentenceStart(why)}.`));
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Beside the welds">
      <h2 className="text-lg font-semibold">Cleaning, cutting, pulses</h2>
      {works.length === 0 && (
        <p className="text-soft">
          Colour to be cleaned off, blanks to be cut, spots by the lamp: add them from their cards.
        </p>
      )}
      <ul className="flex flex-col">
        {works.map((each) => (
          <WorkLine
            key={each.id}
            work={each}
            isSaving={isSaving}
            onCount={(count) =>
              write(
                works.map((other) => (other.id === each.id ? { ...other, count } : other)),
                `${each.name} ${count} times a piece`,
              )
            }
            onRemove={() =>
              write(
                works.filter(({ id }) => id !== each.id),
                `without ${each.name}`,
              )
            }
          />
        ))}
      </ul>
      <AddWork
        isSaving={isSaving}
        onAdd={(card) => write([...works, workOf(card)], `with ${card.versions[0]?.title ?? 'a card'}`)}
      />
      <Failure error={error} />
    </section>
  );
}

interface WorkLineProps {
  work: JobWork;
  isSaving: boolean;
  onCount: (count: number) => void;
  onRemove: () => void;
}

function WorkLine({
  work: { name, machineId, work, setting, count },
  isSaving,
  onCount,
  onRemove,
}: WorkLineProps) {
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-base-300 py-2">
      <span className="min-w-0 grow leading-snug">
        <strong>{name}</strong>
        <span className="block text-sm">{workInWords(work)}</span>
        <span className="block text-sm text-soft">{modeSettingInWords(setting)}</span>
      </span>
      <span className="join">
        <button
          type="button"
          className="btn touch-always join-item"
          aria-label={`${name} once less a piece`}
          disabled={isSaving || count <= 1}
          onClick={() => onCount(count - 1)}
        >
          −
        </button>
        <span className="join-item flex min-w-12 items-center justify-center border border-base-300 tabular-nums">
          {count} ×
        </span>
        <button
          type="button"
          className="btn touch-always join-item"
          aria-label={`${name} once more a piece`}
          disabled={isSaving}
          onClick={() => onCount(count + 1)}
        >
          +
        </button>
      </span>
      <Link className="btn touch-always" to={dialModeAddress(work, machineId, setting)}>
        Dial it
      </Link>
      <button
        type="button"
        className="btn touch-always btn-square btn-ghost"
        aria-label={`Take ${name} off the job`}
        disabled={isSaving}
        onClick={onRemove}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </li>
  );
}

function AddWork({ isSaving, onAdd }: { isSaving: boolean; onAdd: (card: ModeCard) => void }) {
  const { data: cards = [] } = useModeCardsQuery(undefined);
  const [picked, setPicked] = useState('');
  const kept = cards.filter(({ retiredAt }) => retiredAt === null);
  const card = kept.find(({ id }) => id === picked) ?? kept[0];
  if (card === undefined)
    return (
      <p className="text-sm text-soft">
        No card of cleaning, cutting or pulses yet:{' '}
        <Link className="link" to="/dial/clean">
          Dial
        </Link>{' '}
        keeps one.
      </p>
    );
  return (
    <div className="flex flex-wrap items-end gap-2">
      <PickField
        label="From its card"
        value={card.id}
        choices={kept.map(({ id, versions: [newest] }) => ({
          value: id,
          label:
            newest === undefined
              ? id
              : `${newest.title} (${modeSpeech[newest.work.mode].name.toLowerCase()})`,
        }))}
        onPick={setPicked}
      />
      <button type="button" className="btn touch-always" disabled={isSaving} onClick={() => onAdd(card)}>
        Add it
      </button>
    </div>
  );
}

/** A card's work as the job holds it: what the card says later changes no plan by itself. */
function workOf({ versions: [newest] }: ModeCard): JobWork {
  if (newest === undefined) throw new Error('a card has a version');
  const { title, machineId, work, setting } = newest;
  return { id: uuid(), name: title, machineId, work, setting, count: 1 };
}

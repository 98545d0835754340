import {
  handModes,
  type HandMode,
  type Machine,
  type Person,
  type ShopPhoto,
  type Trial,
} from '@lone-heron/contract';
import { format } from 'date-fns';
import { FileDown, SquarePen, Undo2 } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { useShopPhotosQuery } from '../../shared/api/shopPhotosApi.js';
import { useSetTrialWithdrawnMutation, useTrialsQuery } from '../../shared/api/trialsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { saveFile } from '../../shared/files/saveFile.js';
import { PickField } from '../../shared/form/PickField.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { dialModeAddress } from '../../shared/modes/modeAddress.js';
import { lookSpeech, modeSpeech } from '../../shared/modes/modeWords.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { WaitingHere } from '../../shared/outbox/WaitingHere.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PictureLink } from '../../shared/picture/PictureLink.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { trialsCsv } from './trialsCsv.js';

const any = 'any';

/** Every strip, piece and pulse of the shop, newest first: narrowed by what was done and on which machine. */
export function TrialsScreen() {
  const { search, say } = useSaid();
  const { data: trials, error, refetch } = unlessShown(useTrialsQuery(undefined));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const { data: people = [] } = usePeopleQuery(undefined);
  const mode = handModes.find((each) => each === search.get('mode')) ?? any;
  const machineId = search.get('machine') ?? any;
  const withdrawn = search.get('withdrawn') === 'shown';
  const shown = useMemo(
    () =>
      (trials ?? []).filter(
        (trial) =>
          (mode === any || trial.work.mode === mode) &&
          (machineId === any || trial.machineId === machineId) &&
          (withdrawn || trial.withdrawnAt === null),
      ),
    [trials, mode, machineId, withdrawn],
  );
  if (error !== undefined) return <LoadFailed what="the trials" error={error} retry={refetch} />;
  if (trials === undefined) return <Loading what="the trials" />;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Strips, pieces, pulses" back={{ to: '/coupons', name: 'coupons' }}>
        <button
          type="button"
          className="btn touch"
          disabled={shown.length === 0}
          onClick={() =>
            saveFile('trials.csv', new Blob([trialsCsv(shown, machines, people)], { type: 'text/csv' }))
          }
        >
          <FileDown className="size-5" aria-hidden="true" /> Save as CSV
        </button>
      </PageHeader>
      <WaitingHere people={people} />
      <div className="sheet flex flex-wrap items-end gap-3 px-4 py-3">
        <PickField<HandMode | typeof any>
          label="What was done"
          value={mode}
          choices={[
            { value: any, label: 'anything' },
            ...handModes.map((each) => ({ value: each, label: modeSpeech[each].name })),
          ]}
          onPick={(value) => say('mode', value)}
        />
        <PickField
          label="Machine"
          value={machineId}
          choices={[
            { value: any, label: 'any machine' },
            ...machines.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onPick={(value) => say('machine', value)}
        />
        <label className="flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={withdrawn}
            onChange={(event) => say('withdrawn', event.target.checked ? 'shown' : '')}
          />
          With those that were taken back
        </label>
      </div>
      {shown.length === 0 ? (
        <Empty mode={mode === any ? 'clean' : mode} />
      ) : (
        <ul className="flex flex-col gap-2">
          {shown.map((trial) => (
            <TrialLine key={trial.id} trial={trial} machines={machines} people={people} />
          ))}
        </ul>
      )}
    </div>
  );
}

/** The address with what the list is narrowed by, and the way to say more. */
function useSaid() {
  const [search, setSearch] = useSearchParams();
  const say = (name: string, value: string) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === any || value === '') next.delete(name);
        else next.set(name, value);
        return next;
      },
      { replace: true },
    );
  return { search, say };
}

function Empty({ mode }: { mode: HandMode }) {
  const { trial, name } = modeSpeech[mode];
  return (
    <div className="sheet flex flex-col items-start gap-3 p-8">
      <p className="text-lg">
        None yet. Say the work on Dial, do a {trial} of it on scrap, and log what you see: thresholds are
        learned from it.
      </p>
      <Link to={`/dial/${mode}`} className="btn touch-always btn-primary">
        Dial: {name}
      </Link>
    </div>
  );
}

interface TrialLineProps {
  trial: Trial;
  machines: readonly Machine[];
  people: readonly Person[];
}

function TrialLine({ trial, machines, people }: TrialLineProps) {
  const { work, setting, look, number, madeAt, personId, machineId, remark, kerfMm, isTintLeft, stated } =
    trial;
  const speech = lookSpeech(work.mode, look);
  const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? id;
  const machine = machines.find(({ id }) => id === machineId);
  const measured = [
    ...(kerfMm === null ? [] : [`kerf ${spokenLength(kerfMm)}`]),
    ...(isTintLeft === null ? [] : [isTintLeft ? 'tint left' : 'no tint left']),
    ...(stated === null ? [] : [`was said to be ${percentFigure(stated)} likely`]),
  ];
  return (
    <li
      className={`sheet flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 ${trial.withdrawnAt === null ? '' : 'opacity-60'}`}
    >
      <LookMark mode={work.mode} look={look} className="size-10" />
      <span className="min-w-0 grow leading-snug">
        <span className="block">
          <strong>
            No {number}: {speech.short}
          </strong>
          {trial.withdrawnAt !== null && ' (taken back)'}
          {measured.length > 0 && <span className="text-soft"> · {measured.join(', ')}</span>}
        </span>
        <span className="block">{workInWords(work)}</span>
        <span className="block text-sm text-soft">
          {modeSettingInWords(setting)} · {machine?.name ?? machineId}, {nameOf(personId)},{' '}
          {format(new Date(madeAt), 'd MMM yyyy HH:mm')}
          {remark !== '' && ` · ${remark}`}
        </span>
        <Photos trial={trial} />
      </span>
      <Link
        className="btn touch"
        to={dialModeAddress(work, machineId, setting)}
        aria-label={`Dial it: trial ${trial.number}`}
      >
        <SquarePen className="size-5" aria-hidden="true" /> Dial it
      </Link>
      <TakeBack trial={trial} />
    </li>
  );
}

function Photos({ trial }: { trial: Trial }) {
  const { data: photos = [] } = useShopPhotosQuery(trial.machineId, { skip: trial.photoIds.length === 0 });
  const mine = photos.filter(({ id }: ShopPhoto) => trial.photoIds.includes(id));
  if (trial.photoIds.length === 0) return null;
  return (
    <span className="flex flex-wrap gap-1.5 py-1">
      {mine.map(({ id, hash }, i) => (
        <PictureLink key={id} hash={hash} words={`Photo ${i + 1} of trial ${trial.number}`} />
      ))}
      {mine.length < trial.photoIds.length && (
        <span className="text-sm text-soft">{trial.photoIds.length - mine.length} still to come</span>
      )}
    </span>
  );
}

function TakeBack({ trial }: { trial: Trial }) {
  const [setWithdrawn, { isLoading }] = useSetTrialWithdrawnMutation();
  const asSomebody = useAsSomebody();
  const isBack = trial.withdrawnAt !== null;
  const words = isBack ? 'Put in again' : 'Take back';
  const turn = async () => {
    const { error } = await setWithdrawn({ id: trial.id, isWithdrawn: !isBack });
    if (error !== undefined) sayFailed(error);
    else
      sayUndoable(isBack ? `Trial ${trial.number} counts again.` : `Trial ${trial.number} was taken back.`, {
        undo: () => setWithdrawn({ id: trial.id, isWithdrawn: isBack }),
      });
  };
  return (
    <button
      type="button"
      className="btn touch btn-ghost"
      aria-label={`${words}: trial ${trial.number}`}
      disabled={isLoading}
      onClick={() => asSomebody(() => void turn())}
    >
      <Undo2 className="size-5" aria-hidden="true" /> {words}
    </button>
  );
}

import type { Machine, ModeCard, ModeCardVersion, Trial } from '@lone-heron/contract';
import { SquarePen } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useModeCardsQuery, useSetModeCardRetiredMutation } from '../../shared/api/modeCardsApi.js';
import { useTrialsQuery } from '../../shared/api/trialsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { format } from 'date-fns';
import { spokenLength } from '../../shared/figures/spoken.js';
import { cardEvidence, evidenceWords } from '../../shared/modes/cardEvidence.js';
import { dialModeAddress } from '../../shared/modes/modeAddress.js';
import { behindRow, modePicks, modeRows } from '../../shared/modes/modeKnobs.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { TrialCard } from '../../shared/modes/TrialCard.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { panelFigure } from '../../shared/panel/panelKnobs.js';
import { sayUndoable } from '../../shared/save/sayUndoable.js';

/** A card of cleaning, cutting or pulses as it is worked by at the bench: its numbers first, large, in the panel's order. */
export function ModeCardSheet() {
  const { id } = useParams();
  const { data: cards, error, refetch } = unlessShown(useModeCardsQuery(undefined));
  const { data: machines } = useMachinesQuery(undefined);
  const { data: trials = [] } = useTrialsQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the card" error={error} retry={refetch} />;
  if (cards === undefined || machines === undefined) return <Loading what="the card" />;
  const card = cards.find((each) => each.id === id);
  const [newest] = card?.versions ?? [];
  if (card === undefined || newest === undefined)
    return <p className="sheet m-6 p-6 text-lg">There is no card of that address any more.</p>;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={newest.title} back={{ to: '/cards', name: 'cards' }}>
        <span className="text-soft">
          card {card.number} of {modeSpeech[newest.work.mode].name.toLowerCase()}, version {newest.version}
          {card.retiredAt !== null && ', retired'}
        </span>
      </PageHeader>
      <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
        <Numbers version={newest} machine={machines.find((each) => each.id === newest.machineId)} />
        <div className="flex flex-col gap-3">
          <Acts card={card} version={newest} />
          <Evidence version={newest} trials={trials} />
          <Versions card={card} />
        </div>
      </div>
    </div>
  );
}

function Numbers({ version, machine }: { version: ModeCardVersion; machine: Machine | undefined }) {
  const { units } = houseContent(useHouseQuery(undefined).data);
  const { work, setting, notes, slot, machineId } = version;
  const rows = machine === undefined ? [] : modeRows(setting, machine.profile, units);
  const picks = machine === undefined ? [] : modePicks(setting, machine.profile, spokenLength);
  return (
    <section className="sheet px-5 py-3" aria-label="Dial these">
      <h2 className="flex flex-wrap items-baseline justify-between gap-x-4 font-semibold">
        Dial these <span className="font-normal text-soft">on {machine?.name ?? machineId}</span>
      </h2>
      <p className="mb-1 text-soft">{workInWords(work)}</p>
      <dl>
        {rows.map((row) => (
          <div
            key={row.knob}
            className="flex items-baseline justify-between gap-4 border-t border-base-300 py-1.5"
          >
            <dt className="text-lg">{row.name}</dt>
            <dd>
              <span className="figure text-3xl font-semibold">{panelFigure(row, row.value)}</span>{' '}
              <span className="text-lg">{row.scale.unit}</span>
              <span className="block text-right text-sm text-soft">{behindRow(row)}</span>
            </dd>
          </div>
        ))}
        {picks.map(({ knob, name, value, choices }) => (
          <div
            key={knob + name}
            className="flex items-baseline justify-between gap-4 border-t border-base-300 py-1.5"
          >
            <dt className="text-lg">{name}</dt>
            <dd className="text-xl font-semibold">
              {choices.find((choice) => choice.value === value)?.label ?? value}
            </dd>
          </div>
        ))}
        {slot !== '' && (
          <div className="flex items-baseline justify-between gap-4 border-t border-base-300 py-1.5">
            <dt className="text-lg">Slot of the machine’s store</dt>
            <dd className="text-xl font-semibold">{slot}</dd>
          </div>
        )}
      </dl>
      {machine?.profile.lamp?.needsSending === true && (
        <p className="border-t border-base-300 py-1.5">
          Does nothing until it is sent: send, then wait for ready.
        </p>
      )}
      {notes !== '' && <p className="border-t border-base-300 py-1.5 whitespace-pre-line">{notes}</p>}
    </section>
  );
}

function Acts({ card, version }: { card: ModeCard; version: ModeCardVersion }) {
  const [setRetired] = useSetModeCardRetiredMutation();
  const { work, machineId, setting, title } = version;
  const isRetired = card.retiredAt !== null;
  const retire = async () => {
    const { error } = await setRetired({ id: card.id, isRetired: !isRetired });
    if (error !== undefined) return;
    sayUndoable(isRetired ? `${title} is out again.` : `${title} is retired.`, {
      undo: () => setRetired({ id: card.id, isRetired }),
    });
  };
  return (
    <section className="sheet flex flex-wrap gap-2 px-4 py-3 print:hidden" aria-label="With this card">
      <Link className="btn touch-always btn-primary" to={dialModeAddress(work, machineId, setting)}>
        <SquarePen className="size-5" aria-hidden="true" /> Dial it, try it, log it
      </Link>
      <Link className="btn touch-always" to={`/cards/chart?machine=${machineId}`}>
        Chart for the wall
      </Link>
      <button type="button" className="btn touch-always" onClick={() => void retire()}>
        {isRetired ? 'Take it out again' : 'Retire'}
      </button>
    </section>
  );
}

function Evidence({ version, trials }: { version: ModeCardVersion; trials: readonly Trial[] }) {
  const { trial, trials: plural } = modeSpeech[version.work.mode];
  const evidence = cardEvidence(version, trials);
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="What bears it out">
      <h2 className="font-semibold">What bears it out</h2>
      <p>{evidenceWords(evidence, trial, plural)}.</p>
      <div className="flex gap-2 overflow-x-auto">
        {evidence.trials.slice(0, 8).map((each) => (
          <TrialCard key={each.id} trial={each} />
        ))}
      </div>
    </section>
  );
}

function Versions({ card }: { card: ModeCard }) {
  const { data: people = [] } = usePeopleQuery(undefined);
  return (
    <section className="sheet px-4 py-3" aria-label="Versions">
      <h2 className="font-semibold">Versions</h2>
      <ol>
        {card.versions.map(({ version, madeAt, madeBy, setting, why }) => (
          <li key={version} className="border-t border-base-300 py-1.5 leading-snug">
            <strong>{version}</strong> {format(new Date(madeAt), 'd MMM yyyy')},{' '}
            {people.find(({ id }) => id === madeBy)?.name ?? madeBy}
            {why !== '' && `: ${why}`}
            <span className="block text-sm text-soft">{modeSettingInWords(setting)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

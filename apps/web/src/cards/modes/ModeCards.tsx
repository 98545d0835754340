import type { ModeCard } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useModeCardsQuery } from '../../shared/api/modeCardsApi.js';
import { useTrialsQuery } from '../../shared/api/trialsApi.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { cardEvidence, evidenceWords } from '../../shared/modes/cardEvidence.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { modeSettingInWords, workInWords } from '../../shared/modes/workInWords.js';
import { wantedLook, type Trial } from '@lone-heron/contract';

/** Cards of cleaning, cutting and pulses, below those of welds: those whose words hold what is looked for. */
export default function ModeCards({ find, machineId }: { find: string; machineId: string | null }) {
  const { data: cards = [] } = useModeCardsQuery(undefined);
  const { data: trials = [] } = useTrialsQuery(undefined);
  const words = find
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  const shown = cards.filter((card) => {
    const [newest] = card.versions;
    if (card.retiredAt !== null || newest === undefined) return false;
    if (machineId !== null && newest.machineId !== machineId) return false;
    const said = `${newest.title} ${workInWords(newest.work)} ${newest.notes}`.toLowerCase();
    return words.every((word) => said.includes(word));
  });
  if (shown.length === 0) return null;
  return (
    <section className="flex flex-col gap-2" aria-label="Cleaning, cutting, pulses">
      <h2 className="font-semibold">Cleaning, cutting, pulses</h2>
      <ul className="grid gap-2 md:grid-cols-2">
        {shown.map((card) => (
          <ModeCardRow key={card.id} card={card} trials={trials} />
        ))}
      </ul>
    </section>
  );
}

function ModeCardRow({ card, trials }: { card: ModeCard; trials: readonly Trial[] }) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const [newest] = card.versions;
  if (newest === undefined) return null;
  const { work, setting, title, machineId, slot } = newest;
  const { trial, trials: plural, name } = modeSpeech[work.mode];
  return (
    <li>
      <Link
        to={`/cards/modes/${card.id}`}
        className="sheet flex h-full items-center gap-4 px-4 py-3 hover:border-primary"
      >
        <LookMark mode={work.mode} look={wantedLook[work.mode]} className="size-14" />
        <span className="min-w-0 grow leading-snug">
          <span className="flex flex-wrap items-center gap-2">
            <strong className="text-lg">{title}</strong>
            <span className="rounded-box bg-base-200 px-2 py-0.5 text-sm">{name}</span>
            {slot !== '' && <span className="text-sm text-soft">slot {slot}</span>}
          </span>
          <span className="block">
            {workInWords(work)}, on {machines.find(({ id }) => id === machineId)?.name ?? machineId}
          </span>
          <span className="block text-sm text-soft">{modeSettingInWords(setting)}</span>
          <span className="block text-sm text-soft">
            {evidenceWords(cardEvidence(newest, trials), trial, plural)}
          </span>
        </span>
      </Link>
    </li>
  );
}

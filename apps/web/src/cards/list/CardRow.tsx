import { cardState, newestVersion, shownVersion, type Card } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { dialledInWords, jointInWords } from '../../shared/sentences/settingInWords.js';
import { cardForecast, forecastMelt } from '../cardForecast.js';
import { StateMark } from '../StateMark.js';
import { useCardDrift } from '../useCardDrift.js';

const nothingLearned = () => null;

/** A card in the list: its joint in small, its name, what is dialled and how far it is. */
export function CardRow({ card }: { card: Card }) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const shown = shownVersion(card);
  const { content } = shown;
  const machine = machines.find(({ id }) => id === content.machineId);
  const forecast = machine === undefined ? null : cardForecast(content, machine, nothingLearned);
  const drift = useCardDrift(content, machine);
  const isChanging = newestVersion(card).version !== shown.version;
  return (
    <li>
      <Link
        to={`/cards/${card.id}`}
        className="sheet flex h-full items-center gap-4 px-4 py-3 hover:border-primary"
      >
        <span className="w-24 shrink-0">
          {forecast !== null && 'job' in forecast && (
            <MiniSection
              melt={forecastMelt(forecast)}
              outcome={forecast.forecast.outcome}
              className="h-14 w-full"
            />
          )}
        </span>
        <span className="min-w-0 grow leading-snug">
          <span className="flex flex-wrap items-center gap-2">
            <strong className="text-lg">{content.name}</strong>
            <StateMark state={cardState(card)} />
            {drift !== null && (
              <span className="inline-flex items-center gap-1 rounded-box bg-warning px-2 py-0.5 text-warning-content">
                <TriangleAlert className="size-4.5" aria-hidden="true" /> drifts
              </span>
            )}
            {isChanging && <span className="text-sm text-soft">a change is being proven</span>}
          </span>
          <span className="block">
            {jointInWords(content.joint)}, on {machine?.name ?? content.machineId}
          </span>
          <span className="block text-sm text-soft">{dialledInWords(content.setting)}</span>
        </span>
      </Link>
    </li>
  );
}

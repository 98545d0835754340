import { NotebookPen } from 'lucide-react';
import { percentFigure } from '../../shared/figures/figures.js';
import type { DialOutcome } from '../dialOutcome.js';
import { evenWords } from './chanceWords.js';
import { OddsBar } from './OddsBar.js';

interface FootBarProps {
  outcome: DialOutcome;
  /** Whether it is of what the sentence says now. */
  isCurrent: boolean;
  onLog: () => void;
}

/** On a phone or a tablet, at the foot wherever one has scrolled to: the odds in one bar, and the log. */
export function FootBar({ outcome, isCurrent, onLog }: FootBarProps) {
  const { forecast, job } = outcome;
  return (
    <div className="foot-bar print:hidden">
      <div className={`min-w-0 grow ${isCurrent ? '' : 'opacity-50'}`}>
        <p className="truncate leading-tight">
          <strong className="text-2xl">{percentFigure(forecast.evenChance)}</strong> {evenWords(job)}
        </p>
        <OddsBar odds={forecast.odds} />
      </div>
      <button type="button" className="btn h-14 shrink-0 px-5 text-lg btn-primary" onClick={onLog}>
        <NotebookPen className="size-6" aria-hidden="true" /> Log
      </button>
    </div>
  );
}

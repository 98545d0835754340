import { modeLooks, wantedLook, type HandMode } from '@lone-heron/contract';
import { NotebookPen } from 'lucide-react';
import { percentFigure } from '../../shared/figures/figures.js';
import { lookSpeech } from '../../shared/modes/modeWords.js';
import type { ModeAnswer } from './useModeDial.js';

interface ModeFootBarProps<Mode extends HandMode> {
  mode: Mode;
  answer: ModeAnswer<Mode>;
  onLog: () => void;
}

/** On a phone or a tablet, at the foot wherever one has scrolled to: the odds in one bar, and the log. */
export function ModeFootBar<Mode extends HandMode>({ mode, answer, onLog }: ModeFootBarProps<Mode>) {
  const odds = answer.odds as Readonly<Record<string, number>>;
  const wanted = wantedLook[mode];
  return (
    <div className="foot-bar print:hidden">
      <div className="min-w-0 grow">
        <p className="truncate leading-tight">
          <strong className="text-2xl">{percentFigure(odds[wanted] ?? 0)}</strong>{' '}
          {lookSpeech(mode, wanted).short}
        </p>
        <ModeOddsBar mode={mode} odds={odds} />
      </div>
      <button type="button" className="btn h-14 shrink-0 px-5 text-lg btn-primary" onClick={onLog}>
        <NotebookPen className="size-6" aria-hidden="true" /> Log
      </button>
    </div>
  );
}

/** The odds of the looks side by side, as wide as they are likely. Decorative: the figures stand beside it. */
export function ModeOddsBar({ mode, odds }: { mode: HandMode; odds: Readonly<Record<string, number>> }) {
  return (
    <div className="my-1 flex h-3 overflow-hidden rounded-sm" aria-hidden="true">
      {modeLooks[mode].map((look) => (
        <span
          key={look}
          style={{
            width: `${(odds[look] ?? 0) * 100}%`,
            background: `var(--${lookSpeech(mode, look).tone})`,
          }}
        />
      ))}
    </div>
  );
}

import type { HandMode, ModeWork, Trial } from '@lone-heron/contract';
import { NotebookPen } from 'lucide-react';
import { Link } from 'react-router';
import { TrialCard } from '../../shared/modes/TrialCard.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import type { ModeAnswer } from './useModeDial.js';

const shown = 6;

interface ModeRailProps<Mode extends HandMode> {
  mode: Mode;
  answer: ModeAnswer<Mode>;
  onLog: () => void;
  onKeep: () => void;
  onLadder: () => void;
}

/** The last trials of such work, newest first, beside the way to log the next. */
export function ModeRail<Mode extends HandMode>({ mode, answer, ...acts }: ModeRailProps<Mode>) {
  const { trial, trials } = modeSpeech[mode];
  const alike = answer.restsOn.filter((each) => isAlike(each, answer.work)).slice(0, shown);
  return (
    <section className="flex gap-3 overflow-x-auto pb-1" aria-label={`${modeSpeech[mode].trials} like this`}>
      <div className="flex w-64 shrink-0 flex-col justify-between gap-1.5 rounded-box border border-dashed border-primary p-1.5">
        <button type="button" className="btn touch-always btn-primary" onClick={acts.onLog}>
          <NotebookPen className="size-5" aria-hidden="true" /> Log {trial}
          <kbd className="kbd text-base-content kbd-sm">L</kbd>
        </button>
        <span className="grid grid-cols-2 gap-1.5">
          <button type="button" className="btn touch px-1 btn-sm" onClick={acts.onLadder}>
            Ladder
          </button>
          <button type="button" className="btn touch px-1 btn-sm" onClick={acts.onKeep}>
            Keep it <kbd className="kbd kbd-xs">K</kbd>
          </button>
        </span>
      </div>
      {alike.length === 0 && (
        <p className="w-60 shrink-0 self-center px-3 text-soft">
          No {trial} like this yet. Try it on scrap, then log what you see.
        </p>
      )}
      {alike.map((each) => (
        <TrialCard key={each.id} trial={each} />
      ))}
      <Link to={`/coupons/trials?mode=${mode}`} className="btn touch self-center btn-ghost">
        All {trials}
      </Link>
    </section>
  );
}

/** Of the same mode, metal and thereabouts as thick; of a coat, whatever lies under it. */
function isAlike({ work }: Trial, asked: ModeWork): boolean {
  if (work.mode !== asked.mode) return false;
  if (work.mode === 'clean' && asked.mode === 'clean') return work.coat === asked.coat;
  return work.metal === asked.metal && Math.abs(Math.log(work.thicknessMm / asked.thicknessMm)) < 0.4;
}

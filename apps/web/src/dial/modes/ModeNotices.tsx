import { meanPowerOf, type FieldProblem, type HandMode } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { modeCautions } from './modeCautions.js';
import { contradictionNotice } from './contradictionNotice.js';
import type { ModeFigures } from './modeFigures.js';
import { modeNotices } from './modeNotices.js';
import type { ModeAnswer } from './useModeDial.js';

interface ModeNoticesProps<Mode extends HandMode> {
  mode: Mode;
  answer: ModeAnswer<Mode>;
  figures: ModeFigures[Mode];
}

/** What stands in the way, with what mends it. */
export function ModeNotices<Mode extends HandMode>({ mode, answer, figures }: ModeNoticesProps<Mode>) {
  const notices = modeNotices[mode](answer, figures).filter((notice) => notice !== null);
  const beyond = answer.beyond.map((problem) => ({ words: problemWords(problem), isFault: true }));
  const dropped = answer.dropped.map((each) => ({
    words: `The address asked for ${each}, which cannot be.`,
    isFault: false,
  }));
  const doubt = contradictionNotice(mode, answer);
  const all = [...beyond, ...notices, ...(doubt === null ? [] : [doubt]), ...dropped];
  if (all.length === 0) return null;
  return (
    <ul className="sheet flex flex-col gap-1 px-4 py-2" aria-label="Before the light">
      {all.map(({ words, isFault }) => (
        <li key={words} className={isFault ? 'fault' : ''} role={isFault ? 'alert' : undefined}>
          {words}
        </li>
      ))}
    </ul>
  );
}

function problemWords({ field, given, allowed }: FieldProblem): string {
  return `${field.replace(/^\w+\./, '').replace(/(Mm|MmS|W|Hz|Percent|Bar|A|Ms)$/, '')} ${given}: allowed is ${allowed}.`;
}

/** The cautions of this work in a line or two, and who decides. */
export function ModeCaution<Mode extends HandMode>({ answer }: { answer: ModeAnswer<Mode> }) {
  const { work, setting, shop } = answer;
  const { profile } = shop.machine;
  const cautions = modeCautions(work, profile, meanPowerOf(setting, profile) ?? profile.ratedPowerW);
  return (
    <p className="caution flex items-center gap-2 px-3 py-0.5 text-sm leading-snug" role="note">
      <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
      <span>
        {cautions.join(' ')} Rated eyewear for everybody in sight. Figures are for planning: the manual and
        your safety officer decide.
      </span>
    </p>
  );
}

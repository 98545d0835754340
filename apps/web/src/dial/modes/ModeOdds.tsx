import { modeLooks, wantedLook, type HandMode } from '@lone-heron/contract';
import { percentFigure } from '../../shared/figures/figures.js';
import { LookMark } from '../../shared/modes/LookMark.js';
import { lookSpeech, modeSpeech } from '../../shared/modes/modeWords.js';
import { ModeOddsBar } from './ModeFootBar.js';
import type { ModeAnswer } from './useModeDial.js';

/** Odds, not verdicts: each look with its mark, its words and its probability, and what they rest on. */
export function ModeOdds<Mode extends HandMode>({ mode, answer }: { mode: Mode; answer: ModeAnswer<Mode> }) {
  const odds = answer.odds as Readonly<Record<string, number>>;
  const wanted = wantedLook[mode];
  const { trial, trials } = modeSpeech[mode];
  const count = answer.restsOn.length;
  return (
    <section className="sheet flex flex-col px-4 py-2.5" aria-label="What to expect">
      <h2 className="font-semibold">What to expect</h2>
      <p className="leading-snug">
        <strong className="text-2xl">{percentFigure(odds[wanted] ?? 0)}</strong>{' '}
        {lookSpeech(mode, wanted).long}
      </p>
      <ModeOddsBar mode={mode} odds={odds} />
      <ul>
        {modeLooks[mode].map((look) => (
          <li key={look} className="flex items-center gap-2 leading-7">
            <LookMark mode={mode} look={look} className="size-5" />
            <span className={look === wanted ? 'font-semibold' : ''}>{lookSpeech(mode, look).short}</span>
            <span className="ml-auto tabular-nums">{percentFigure(odds[look] ?? 0)}</span>
          </li>
        ))}
      </ul>
      <p className="mt-1.5 border-t border-base-300 pt-1.5 text-sm leading-snug text-soft">
        {count === 0
          ? `From starting figures alone, which are wide: the first ${trials} narrow them. Begin on scrap.`
          : `Moved by ${count} ${count === 1 ? trial : trials} of this shop.`}
      </p>
    </section>
  );
}

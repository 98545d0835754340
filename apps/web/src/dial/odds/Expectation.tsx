import { outcomes, saidHeat } from '@lone-heron/core';
import { lazy, Suspense } from 'react';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import type { DialOutcome } from '../dialOutcome.js';
import { evenWords, soundWords } from './chanceWords.js';
import { OddsBar } from './OddsBar.js';
import { scrapWorthCutting } from './scrapWorthCutting.js';

/** Fetched after the page: what the coupons changed, and what would help. */
const Learned = lazy(() => import('./Learned.js'));

/** Odds, not verdicts: each outcome with its mark, its word and its probability, and what the shop's coupons changed. */
export function Expectation({ outcome, isSettled }: { outcome: DialOutcome; isSettled: boolean }) {
  const { forecast, job } = outcome;
  return (
    <section className="sheet flex flex-col px-4 py-2.5" aria-label="What to expect">
      <h2 className="font-semibold">What to expect</h2>
      <p className="leading-snug">
        <strong className="text-2xl">{percentFigure(forecast.evenChance)}</strong> {evenWords(job)};{' '}
        <span className="whitespace-nowrap text-soft">
          <strong>{percentFigure(forecast.soundChance)}</strong> {soundWords(job)}
        </span>
      </p>
      <OddsBar odds={forecast.odds} />
      <ul>
        {outcomes.map((one) => (
          <li key={one} className="flex items-center gap-2 leading-6">
            <OutcomeMark outcome={one} className="size-5" />
            <span className={one === forecast.outcome ? 'font-semibold' : ''}>{outcomeWords[one]}</span>
            <span className="ml-auto tabular-nums">{percentFigure(forecast.odds[one])}</span>
          </li>
        ))}
      </ul>
      <div className="mt-1.5 border-t border-base-300 pt-1.5 text-sm leading-snug text-soft">
        <p>
          {scrapWords(outcome)} Heat {saidHeat(forecast.heat, shopUnits())}.
        </p>
        {job.evidence === undefined ? (
          <p>
            From the model alone: depth ±{percentFigure(forecast.spread)},{' '}
            {isSettled ? 'not yet moved by coupons.' : 'for your coupons have not come.'}
          </p>
        ) : (
          <Suspense fallback={null}>
            <Learned outcome={outcome} />
          </Suspense>
        )}
      </div>
    </section>
  );
}

/** How much scrap to cut, or that it would be wasted. */
function scrapWords(outcome: DialOutcome): string {
  const { suggestion, setting } = outcome;
  // A knob that was turned, or another way, is another setting than the one the coupons stand behind.
  if (suggestion.keptFor !== null && setting === suggestion.setting)
    return `Kept: ${suggestion.keptFor} of your coupons came out even with it.`;
  const coupons = scrapWorthCutting(outcome);
  if (coupons === null) return 'More scrap will not help: first what stands in the way.';
  const about = `about ${coupons === 1 ? 'one coupon' : `${coupons} coupons`}`;
  return suggestion.obstacle === null
    ? `Scrap first: ${about}.`
    : `It may land all the same: ${about} would tell.`;
}

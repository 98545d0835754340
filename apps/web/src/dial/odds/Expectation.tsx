import { couponsToLand, inJoulePerMm, outcomes, type Aim } from '@lone-heron/core';
import { OutcomeMark } from '../../shared/OutcomeMark.js';
import { figure, percentFigure } from '../../shared/words/figures.js';
import { outcomeWords } from '../../shared/words/looks.js';
import type { DialOutcome } from '../dialOutcome.js';

/** Odds, not verdicts: each outcome with its mark, its word and its probability, and how many coupons to plan for. */
export function Expectation({ outcome }: { outcome: DialOutcome }) {
  const { forecast, said } = outcome;
  return (
    <section className="sheet px-4 py-3" aria-label="What to expect">
      <h2 className="font-semibold">What to expect</h2>
      <p className="mt-1 leading-snug">
        <strong className="text-2xl">{percentFigure(forecast.chance)}</strong> {landingWords(said.aim)}
      </p>
      <div className="my-1.5 flex h-3.5 overflow-hidden rounded-sm" aria-hidden="true">
        {outcomes.map((one) => (
          <span key={one} style={{ width: `${forecast.odds[one] * 100}%`, background: `var(--${one})` }} />
        ))}
      </div>
      <ul>
        {outcomes.map((one) => (
          <li key={one} className="flex items-center gap-2 leading-7">
            <OutcomeMark outcome={one} />
            <span className={one === forecast.outcome ? 'font-semibold' : ''}>{outcomeWords[one]}</span>
            <span className="ml-auto tabular-nums">{percentFigure(forecast.odds[one])}</span>
          </li>
        ))}
      </ul>
      <p className="mt-2 border-t border-base-300 pt-2 text-sm leading-snug text-soft">
        {scrapWords(outcome)} From the model alone: depth ±{percentFigure(forecast.spread)}, not yet moved by
        coupons. Heat {figure(inJoulePerMm(forecast.heat), 0)} J/mm.
      </p>
    </section>
  );
}

function landingWords(aim: Aim): string {
  if (aim.kind !== 'share') return 'goes through without a hole';
  return `stops within a tenth of ${Math.round(aim.share * 100)} %`;
}

/** How much scrap to cut, or that it would be wasted. */
function scrapWords({ forecast, suggestion }: DialOutcome): string {
  const coupons = couponsToLand(forecast.chance);
  if (suggestion.shortfall !== null || coupons === null)
    return 'More scrap will not help: change the joint or the machine.';
  return `Scrap first: about ${coupons === 1 ? 'one coupon' : `${coupons} coupons`}.`;
}

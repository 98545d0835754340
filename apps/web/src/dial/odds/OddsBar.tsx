import { outcomes, type OutcomeOdds } from '@lone-heron/core';

/** The odds of the outcomes side by side, as wide as they are likely. Decorative: the figures stand beside it. */
export function OddsBar({ odds }: { odds: OutcomeOdds }) {
  return (
    <div className="my-1 flex h-3 overflow-hidden rounded-sm" aria-hidden="true">
      {outcomes.map((one) => (
        <span key={one} style={{ width: `${odds[one] * 100}%`, background: `var(--${one})` }} />
      ))}
    </div>
  );
}

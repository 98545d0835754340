import type { DialOutcome } from '../dialOutcome.js';

/** What stands in the way, and what to watch. */
export function Notices({ outcome }: { outcome: DialOutcome }) {
  const { suggestion, warnings } = outcome;
  return (
    <>
      {suggestion.shortfall !== null && (
        <section
          className="sheet border-l-4 border-l-error p-3 leading-snug"
          aria-label="What stands in the way"
        >
          <p className="font-semibold">{suggestion.shortfall.obstacle}</p>
          <p className="mt-1 text-sm text-soft">What would make it possible:</p>
          <ul className="list-disc pl-5 text-sm">
            {suggestion.shortfall.remedies.map((remedy) => (
              <li key={remedy}>{remedy}</li>
            ))}
          </ul>
        </section>
      )}
      {warnings.length > 0 && (
        <ul className="sheet list-disc p-3 pl-7 text-sm leading-snug" aria-label="Watch for">
          {warnings.map((warning) => (
            <li key={warning}>{warning}</li>
          ))}
        </ul>
      )}
    </>
  );
}

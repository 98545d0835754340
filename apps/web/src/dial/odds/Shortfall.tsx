import type { Shortfall as Obstacle } from '@lone-heron/core';

/** Cannot be done, as an answer: what stands in the way, and what would make it possible. */
export function Shortfall({ shortfall }: { shortfall: Obstacle }) {
  return (
    <section
      className="sheet flex flex-wrap items-baseline gap-x-6 gap-y-1 border-l-4 border-l-error px-4 py-2 leading-snug"
      aria-label="What stands in the way"
    >
      <p className="font-semibold">{shortfall.obstacle}</p>
      <div className="flex flex-wrap items-baseline gap-x-5">
        <span className="text-soft">What would do it:</span>
        <ul className="flex list-disc flex-wrap gap-x-7 pl-4">
          {shortfall.remedies.map((remedy) => (
            <li key={remedy}>{remedy}</li>
          ))}
        </ul>
      </div>
    </section>
  );
}

import type { DialOutcome } from '../dialOutcome.js';
import { watchFor } from './watchFor.js';

/** What to watch with the setting as it stands, most pressing first. */
export default function Warnings({ outcome }: { outcome: DialOutcome }) {
  const warnings = watchFor(outcome);
  if (warnings.length === 0) return null;
  return (
    <ul
      className="sheet flex list-disc flex-wrap gap-x-8 px-3 py-1.5 pl-8 text-sm leading-snug"
      aria-label="Watch for"
    >
      {warnings.map((warning) => (
        <li key={warning}>{warning}</li>
      ))}
    </ul>
  );
}

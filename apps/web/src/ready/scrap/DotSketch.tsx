import { spokenLength } from '../../shared/figures/spoken.js';
/** Half of the sketch's width stands for so many mm. */
const reachMm = 1.2;

/** The nozzle's mouth seen from below, with the dot where it was said to sit. */
export function DotSketch({ rightMm, upMm }: { rightMm: number; upMm: number }) {
  const place = (away: number) => Math.max(-1, Math.min(1, away / reachMm)) * 34;
  return (
    <svg
      viewBox="-50 -50 100 100"
      className="size-28 shrink-0"
      role="img"
      aria-label={`The dot sits ${spokenLength(rightMm)} to the right of the middle and ${spokenLength(upMm)} above it`}
    >
      <circle r="46" fill="var(--steel)" />
      <circle r="36" fill="var(--color-base-100)" stroke="var(--steel-line)" strokeWidth="2" />
      <path d="M-36 0H36M0 -36V36" stroke="var(--steel-line)" strokeWidth="1" strokeDasharray="4 4" />
      <circle cx={place(rightMm)} cy={-place(upMm)} r="6" fill="var(--ember)" />
    </svg>
  );
}

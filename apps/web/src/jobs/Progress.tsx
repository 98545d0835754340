interface ProgressProps {
  settled: number;
  seams: number;
  /** What else stands under the bar. */
  more?: string;
}

/** How far a job is: a bar with its figure, never by the colour alone. */
export function Progress({ settled, seams, more = '' }: ProgressProps) {
  return (
    <span className="flex flex-col gap-1">
      <progress
        className="progress progress-success h-3 w-full"
        max={Math.max(1, seams)}
        value={settled}
        aria-label={`${settled} of ${seams} seams`}
      />
      <span className="text-sm text-soft">
        <span className="figure">{settled}</span> of <span className="figure">{seams}</span> seams settled
        {more}
      </span>
    </span>
  );
}

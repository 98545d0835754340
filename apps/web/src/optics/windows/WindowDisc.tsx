import type { GlassSpot } from '@lone-heron/contract';

interface WindowDiscProps {
  spots: readonly GlassSpot[];
  /** Dark dots, or pale rings. */
  isPale: boolean;
  onChange: (spots: GlassSpot[]) => void;
}

const most = 12;
/** A press this near to a mark takes it off again, radii. */
const nearRadii = 0.16;

/** The glass as it lay in the head: tapped where marks were seen, tapped on a mark to take it off. */
export function WindowDisc({ spots, isPale, onChange }: WindowDiscProps) {
  const press = (right: number, up: number) => {
    if (Math.hypot(right, up) > 1) return;
    const near = spots.findIndex((spot) => Math.hypot(spot.right - right, spot.up - up) < nearRadii);
    if (near >= 0) onChange(spots.filter((_, i) => i !== near));
    else if (spots.length < most) onChange([...spots, { right: rounded(right), up: rounded(up) }]);
  };
  return (
    <div className="flex items-center gap-3">
      <button
        type="button"
        className="size-40 shrink-0 cursor-crosshair rounded-full focus-visible:outline-3"
        aria-label={`Where on the glass: ${spots.length} marked. Tap where a mark was; tap it again to take it off. With the keyboard, Enter marks the middle.`}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          const byKey = event.detail === 0;
          const across = byKey ? 0.5 : (event.clientX - box.left) / box.width;
          const down = byKey ? 0.5 : (event.clientY - box.top) / box.height;
          press((across - 0.5) * 2.1, (0.5 - down) * 2.1);
        }}
      >
        <GlassPicture spots={spots} isPale={isPale} />
      </button>
      <p className="text-sm leading-snug text-soft">
        Tap where the marks were, as the glass lay in the head, seen from the nozzle’s end. The dashed ring is
        about where the light goes through.
        {spots.length > 0 && (
          <button type="button" className="btn touch mt-1 btn-ghost" onClick={() => onChange([])}>
            Clear the {spots.length}
          </button>
        )}
      </p>
    </div>
  );
}

/** A glass with its marks, drawn to its radius. Decorative: words stand beside it. */
export function GlassPicture({ spots, isPale }: Pick<WindowDiscProps, 'spots' | 'isPale'>) {
  return (
    <svg viewBox="-1.05 -1.05 2.1 2.1" className="size-full" aria-hidden="true" focusable="false">
      <circle r="1" fill="var(--steel)" fillOpacity="0.35" stroke="var(--steel-line)" strokeWidth="0.05" />
      <circle
        r="0.5"
        fill="none"
        stroke="var(--steel-line)"
        strokeWidth="0.025"
        strokeDasharray="0.08 0.06"
      />
      {spots.map(({ right, up }, i) => (
        <circle
          key={`${i} ${right} ${up}`}
          cx={right}
          cy={-up}
          r="0.085"
          fill={isPale ? 'var(--color-base-100)' : 'currentColor'}
          stroke="currentColor"
          strokeWidth="0.03"
        />
      ))}
    </svg>
  );
}

function rounded(value: number): number {
  return Math.round(Math.max(-1, Math.min(1, value)) * 100) / 100;
}

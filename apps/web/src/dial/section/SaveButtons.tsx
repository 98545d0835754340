import { Download } from 'lucide-react';
import type { RefObject } from 'react';
import { saveDrawing } from './saveDrawing.js';

/** The drawing as a file. */
export default function SaveButtons({
  drawings,
  name,
}: {
  drawings: RefObject<HTMLDivElement | null>;
  name: string;
}) {
  const take = async (kind: 'svg' | 'png') => {
    const svg = drawings.current?.querySelector('svg');
    if (svg === null || svg === undefined) return;
    await saveDrawing(svg, kind, `lone-heron-${name}`);
  };
  return (
    <span className="ml-auto flex print:hidden" role="group" aria-label="Save the drawing">
      {(['svg', 'png'] as const).map((kind) => (
        <button
          key={kind}
          type="button"
          className="btn touch px-2 font-normal text-soft btn-ghost btn-sm"
          aria-label={`Save the drawing as ${kind.toUpperCase()}`}
          onClick={() => void take(kind)}
        >
          <Download className="size-4" aria-hidden="true" />
          {kind.toUpperCase()}
        </button>
      ))}
    </span>
  );
}

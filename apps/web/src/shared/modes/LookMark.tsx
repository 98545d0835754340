import type { HandMode, ModeLook } from '@lone-heron/contract';
import { lookSpeech } from './modeWords.js';

/** Each look's own shape over a piece of sheet, so that it is told apart without colour. */
const shapes: Readonly<Record<ModeLook, string>> = {
  // A face from above: nothing off, islands left, all off, all off with rows cut in.
  untouched: 'M3 5h18v14H3z',
  patchy: 'M3 5h7v6H3zM14 5h7v4h-7zM5 14h6v5H5zM15 13h4v6h-4z',
  bare: 'M3 11h18v2H3z',
  marked: 'M3 6h18v1.5H3zM3 11h18v1.5H3zM3 16h18v1.5H3z',
  // A sheet cut in two, seen from its end.
  beard: 'M10 5h1v11l-2 5-2-5h3zM13 5h1v11h3l-2 5-2-5z',
  weldedShut: 'M8 5h8l-2 5 2 9H8l2-9z',
  sparksUp: 'M12 13L6 2l1.5 8zM12 13L18 2l-1.5 8zM12 13V1l1 6z',
  through: 'M9 5h6l-2 14h-2z',
  // A spot in section: not down to the second sheet, into it, spattered.
  loose: 'M6 5h12c-1 4-11 4-12 0z',
  joined: 'M6 5h12c0 7-3 10-6 10S6 12 6 5z',
  blown: 'M5 5l4 4-2 4 3 6h4l3-6-2-4 4-4-5 3-2-4-2 4z',
};

/** A mark for a look of a mode. Decorative: words stand beside it. */
export function LookMark({
  mode,
  look,
  className = 'size-6',
}: {
  mode: HandMode;
  look: ModeLook;
  className?: string;
}) {
  return (
    <svg viewBox="0 0 24 24" className={`shrink-0 ${className}`} aria-hidden="true" focusable="false">
      <path d="M1 4h22v16H1z" fill="var(--steel)" stroke="var(--steel-line)" />
      {mode !== 'clean' && mode !== 'cut' && <path d="M1 11h22" stroke="var(--steel-line)" strokeWidth="1" />}
      <path
        d={shapes[look]}
        fill={`var(--${lookSpeech(mode, look).tone})`}
        stroke="var(--color-base-content)"
        strokeWidth="0.8"
      />
    </svg>
  );
}

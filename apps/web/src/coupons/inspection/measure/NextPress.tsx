import { Undo2 } from 'lucide-react';
import type { ToolName } from './measureTools.js';
import type { Placed } from './placed.js';
import { nextWords } from './ToolButton.js';

interface NextPressProps {
  placed: Placed;
  active: ToolName | null;
  onUndo: (() => void) | null;
}

/** What is pressed on next, and the step back. */
export function NextPress({ placed, active, onUndo }: NextPressProps) {
  return (
    <div className="flex items-center justify-between gap-2">
      <p className="min-h-12 content-center leading-tight" role="status">
        {nextWords(placed, active)}
      </p>
      <button
        type="button"
        className="btn touch btn-square btn-ghost"
        aria-label="Undo"
        disabled={onUndo === null}
        onClick={() => onUndo?.()}
      >
        <Undo2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}

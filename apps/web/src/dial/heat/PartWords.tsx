import { mm, inMm, type WeldedPart } from '@lone-heron/core';
import { SheetWidth } from '../../shared/heat/SheetWidth.js';

interface PartWordsProps {
  part: WeldedPart;
  onPart: (part: WeldedPart) => void;
  /** What can be done with what stands above. */
  hint: string;
}

/** The part that the heat is counted for, its width typed in place. */
export function PartWords({ part, onPart, hint }: PartWordsProps) {
  return (
    <SheetWidth
      label="Width of the sheets beside the seam"
      widthMm={inMm(part.sideWidth)}
      onWidth={(widthMm) => onPart({ ...part, sideWidth: mm(widthMm) })}
      before="Sheets"
    >
      wide, still air. {hint}
    </SheetWidth>
  );
}

import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { ColourStrips } from './ColourStrips.js';
import { Dimensions } from './Dimensions.js';
import { Gun } from './Gun.js';
import { Handles } from './Handles.js';
import type { SectionView } from './sectionView.js';

interface SectionExtrasProps {
  view: SectionView;
  dial: Dial;
  outcome: DialOutcome;
  /** What keeps the gun and the colours on the page. */
  clip: string;
}

/** What comes to the section right behind the page: colour on the faces, gun and wire, measures, and the grips. */
export default function SectionExtras({ view, dial, outcome, clip }: SectionExtrasProps) {
  return (
    <>
      <g clipPath={`url(#${clip})`}>
        <ColourStrips view={view} outcome={outcome} />
        <Gun view={view} outcome={outcome} />
      </g>
      <Dimensions view={view} outcome={outcome} />
      <Handles view={view} dial={dial} outcome={outcome} />
    </>
  );
}

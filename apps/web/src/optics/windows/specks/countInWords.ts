import type { SpeckCount } from '@lone-heron/core';
import { percentFigure } from '../../../shared/figures/figures.js';

/** What was counted, with what it points to. */
export function countInWords({ specks, beamCovered, glassCovered }: SpeckCount): string {
  if (specks.length === 0) return 'No speck was found.';
  const dark = specks.filter(({ kind }) => kind === 'dark').length;
  const inBeam = specks.filter(({ isInBeam }) => isInBeam).length;
  const hint =
    dark >= specks.length - dark
      ? 'Dark ones: dirt or fume got in.'
      : 'Pale ones: light came back from the work.';
  return `${dark} dark and ${specks.length - dark} pale, ${inBeam} of them where the light goes through; they cover ${percentFigure(beamCovered)} of it and ${percentFigure(glassCovered)} of the glass. ${hint}`;
}

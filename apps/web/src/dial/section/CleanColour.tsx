import { modesOf } from '@lone-heron/contract';
import { inMm, type TintBands } from '@lone-heron/core';
import { Sparkles } from 'lucide-react';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import { inUse } from '../../shared/machines/inUse.js';
import { dialModeAddress } from '../../shared/modes/modeAddress.js';
import type { DialOutcome } from '../dialOutcome.js';

/** Length of a seam that nobody said: what a strip is proposed for. */
const usualSeamMm = 500;
/** A hand goes a little past the edge of the colour. */
const pastEdge = 1.2;
const narrowestMm = 3;

/** Where the shop has a machine that cleans: the strip of colour beside and behind this seam, said on its Dial. */
export function CleanColour({ outcome }: { outcome: DialOutcome }) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const cleaner = inUse(machines).find(({ profile }) => modesOf(profile).includes('clean'));
  const { tint } = outcome.consequences;
  if (cleaner === undefined || tint === null) return null;
  const strips = (
    [
      ['beside', tint.front],
      ['behind', tint.back],
    ] as const
  ).flatMap(([place, bands]) => {
    const widthMm = stripMm(bands);
    return widthMm === null ? [] : [{ place, widthMm }];
  });
  const { joint } = outcome.said;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2">
      {strips.map(({ place, widthMm }) => (
        <Link
          key={place}
          className="btn touch btn-sm"
          to={dialModeAddress(
            {
              ...{ mode: 'clean', metal: joint.metal, thicknessMm: joint.firstThicknessMm, coat: 'heatTint' },
              ...{ place, lengthMm: usualSeamMm, widthMm, aim: 'tint' },
            },
            cleaner.id,
            null,
          )}
        >
          <Sparkles className="size-4" aria-hidden="true" /> Clean the colour {place}:{' '}
          {lengthFigure(widthMm, outcome.house.units)} wide
        </Link>
      ))}
    </p>
  );
}

/** Width of everything coloured, with what a hand goes past it; null where there is none. */
function stripMm(bands: TintBands): number | null {
  const coloured = Math.max(...Object.values(bands).map(inMm));
  return coloured <= 0 ? null : Math.max(Math.ceil(coloured * pastEdge), narrowestMm);
}

import { modesOf, type HouseUnits, type Joint, type WorkOf } from '@lone-heron/contract';
import { coatsOn, findMetal } from '@lone-heron/core';
import { Sparkles } from 'lucide-react';
import { Link } from 'react-router';
import { useMachinesQuery } from '../api/heronApi.js';
import { lengthFigure } from '../figures/houseUnits.js';
import { inUse } from '../machines/inUse.js';
import { dialModeAddress } from './modeAddress.js';
import type { SeamColour } from './seamColour.js';

/** A hand goes a little past the edge of the colour. */
const pastEdge = 1.2;
const narrowestMm = 3;

interface CleanColourProps {
  joint: Pick<Joint, 'metal' | 'firstThicknessMm'>;
  /** What its weld leaves. */
  colour: SeamColour | null;
  lengthMm: number;
  units: HouseUnits;
}

/** Where the shop has a machine that cleans: the strips of colour and of sugar that a seam leaves, said on its Dial. */
export function CleanColour({ joint, colour, lengthMm, units }: CleanColourProps) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const cleaner = inUse(machines).find(({ profile }) => modesOf(profile).includes('clean'));
  if (cleaner === undefined || colour === null) return null;
  const strips = stripsOf(joint.metal, colour);
  if (strips.length === 0) return null;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2">
      {strips.map(({ coat, place, widthMm }) => (
        <Link
          key={`${coat} ${place}`}
          className="btn touch btn-sm"
          to={dialModeAddress(
            {
              ...{ mode: 'clean', metal: joint.metal, thicknessMm: joint.firstThicknessMm },
              ...{ coat, place, lengthMm, widthMm, aim: 'tint' },
            },
            cleaner.id,
            null,
          )}
        >
          <Sparkles className="size-4" aria-hidden="true" />{' '}
          {coat === 'sugar' ? 'Clean the sugar' : 'Clean the colour'} {place}: {lengthFigure(widthMm, units)}{' '}
          wide
        </Link>
      ))}
    </p>
  );
}

type Strip = Pick<WorkOf<'clean'>, 'coat' | 'place' | 'widthMm'>;

function stripsOf(metal: Joint['metal'], { besideMm, behindMm, sugarMm }: SeamColour): Strip[] {
  const strips: Strip[] = [
    { coat: 'heatTint', place: 'beside', widthMm: besideMm },
    { coat: 'heatTint', place: 'behind', widthMm: behindMm },
  ];
  if (coatsOn(findMetal(metal).family).includes('sugar'))
    strips.push({ coat: 'sugar', place: 'behind', widthMm: sugarMm });
  return strips
    .filter(({ widthMm }) => widthMm > 0)
    .map(({ widthMm, ...strip }) => ({
      ...strip,
      widthMm: Math.max(Math.ceil(widthMm * pastEdge), narrowestMm),
    }));
}

import type { HeardLight, MachineSpell } from '@lone-heron/contract';
import { lazy, Suspense } from 'react';
import { figure, percentFigure } from '../figures/figures.js';
import { spokenFlow } from '../figures/spoken.js';
import { spokenTemperature } from '../figures/spokenStates.js';
import { isOtherPower } from './isOtherPower.js';
import { useSpellCurveQuery, useTakenSpellsQuery } from './liveApi.js';

const SpellChart = lazy(() => import('./SpellChart.js'));

interface HeardOfWeldProps {
  /** Of the coupon, or the go at a seam. */
  readonly recordId: string;
  readonly heard: HeardLight;
  /** Mean of what was dialled, W. */
  readonly dialledW: number;
}

/** What the machine itself said of a weld: figures, power against what was dialled, and its course. */
export function HeardOfWeld({ recordId, heard, dialledW }: HeardOfWeldProps) {
  const { data: spells = [] } = useTakenSpellsQuery(recordId);
  const off = heard.powerW === null ? 0 : heard.powerW / dialledW - 1;
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Heard from the machine">
      <h2 className="text-lg font-semibold">Heard from the machine</h2>
      <p>{figuresInWords(heard)}</p>
      {heard.powerW !== null && isOtherPower(heard.powerW, dialledW) && (
        <p className="caution px-3 py-1">
          {figure(heard.powerW, 0)} W at the gun where {figure(dialledW, 0)} W was dialled:{' '}
          {percentFigure(Math.abs(off))} {off < 0 ? 'less' : 'more'}. Hold the program against what is written
          here{off < 0 ? ', then look at the window' : ''}. Where the panel held another number, amend the
          coupon: as evidence it speaks for what is written.
        </p>
      )}
      {spells.map((spell) => (
        <Course key={spell.id} spell={spell} />
      ))}
    </section>
  );
}

function figuresInWords({ spellIds, litS, powerW, gasLMin, coolantMostC, holderMostC }: HeardLight): string {
  return [
    `Light on ${figure(litS, 1)} s${spellIds.length === 1 ? '' : ` in ${spellIds.length} spells`}`,
    ...(powerW === null ? [] : [`${figure(powerW, 0)} W at the gun`]),
    ...(gasLMin === null ? [] : [`gas ${spokenFlow(gasLMin)}`]),
    ...(coolantMostC === null ? [] : [`coolant up to ${spokenTemperature(coolantMostC)}`]),
    ...(holderMostC === null ? [] : [`window holder up to ${spokenTemperature(holderMostC)}`]),
  ].join(', ');
}

function Course({ spell: { id, figures } }: { spell: MachineSpell }) {
  const { data } = useSpellCurveQuery(id);
  if (data === undefined) return null;
  const [curve] = data;
  if (curve === undefined) return <p className="text-soft">Its course is not kept any more.</p>;
  const hasPower = curve.means.realPower.some((value) => value !== null);
  return (
    <div className="flex flex-col gap-1">
      {hasPower && (
        <Suspense fallback={<div className="h-56" />}>
          <SpellChart
            curve={curve}
            label={`Power at the gun over ${figure(figures.litS, 1)} s; the file below has it as a table`}
          />
        </Suspense>
      )}
      <a className="link touch-always flex items-center" href={`/api/spells/${id}/curve.csv`} download>
        Its course as CSV
      </a>
    </div>
  );
}

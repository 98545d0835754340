import type { ReactElement } from 'react';
import { seamOf, seamRow, type PointMm } from '@lone-heron/core';
import { lengthFigure, lengthRange } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { DimensionLine } from './DimensionLine.js';
import type { SectionView } from './sectionView.js';

/** Measures of the melt and of the joint, beside what they measure. */
export function Dimensions({ view, outcome }: { view: SectionView; outcome: DialOutcome }) {
  const { units } = outcome.house;
  const { inMelt, toPage, widthMm, depthMm, spread } = view;
  const drawnDepth = Math.min(depthMm, 1.35 * (view.throughMm ?? depthMm));
  const page = (across: number, deep: number) => toPage(inMelt(across, deep));
  const isDown = !view.isSlanted;
  const half = widthMm / 2;
  // The width stands outside the metal, whichever way across the first sheet lies.
  const [x, y] = view.from;
  const outward = view.towardsFirst[0] === -y && view.towardsFirst[1] === x ? 1 : -1;
  // Beside the melt on the side away from the first sheet, past its edge.
  const edge = -half - 18 / view.scale;
  return (
    <>
      <DimensionLine
        from={page(half, 0)}
        to={page(-half, 0)}
        beside={isDown ? 30 : 30 * outward}
        label={isDown ? `${lengthFigure(widthMm, units)} wide` : ''}
        isLarge
        isPastEnd={isDown}
      />
      <DimensionLine
        from={page(isDown ? edge : 0, 0)}
        to={page(isDown ? edge : 0, drawnDepth)}
        beside={isDown ? 24 : 0.01}
        label={isDown ? lengthFigure(depthMm, units) : ''}
        note={
          isDown ? lengthRange(depthMm * Math.exp(-spread), depthMm * Math.exp(spread), units) : undefined
        }
        isLarge
      />
      {!isDown && <SlantedWords view={view} outcome={outcome} />}
      <JointMeasures view={view} outcome={outcome} />
    </>
  );
}

/** What a slanted melt measures, at the right where nozzle and wire are not: just above a sheet that lies there. */
function SlantedWords({ view, outcome }: { view: SectionView; outcome: DialOutcome }) {
  const { page, widthMm, depthMm, spread } = view;
  const { units } = outcome.house;
  const x = page.width - 8;
  const lies = seamRow(seamOf(outcome.job.joint).kind).secondStands;
  const y = lies ? view.toPage([0, 0])[1] - 30 : page.height * 0.5;
  const words = 'fill-base-content text-[18px] font-semibold';
  return (
    <g textAnchor="end">
      <text x={x} y={y - 22} className={words}>
        {lengthFigure(widthMm, units)} wide
      </text>
      <text x={x} y={y} className={words}>
        {lengthFigure(depthMm, units)} deep
      </text>
      <text x={x} y={y + 19} className="fill-soft text-[14px]">
        {lengthRange(depthMm * Math.exp(-spread), depthMm * Math.exp(spread), units)}
      </text>
    </g>
  );
}

/** No measure stands higher on the page than this, px: its words would be cut. */
const highest = 44;

/** Thicknesses, and the leg where there is one. */
function JointMeasures({ view, outcome }: { view: SectionView; outcome: DialOutcome }): ReactElement {
  const { units } = outcome.house;
  const seam = seamOf(outcome.job.joint);
  const { firstThicknessMm: first, secondThicknessMm: second } = outcome.said.joint;
  const at = (x: number, y: number): PointMm => view.toPage([x, y]);
  const line = (from: PointMm, to: PointMm, beside: number, mm: number) => (
    <DimensionLine from={from} to={to} beside={beside} label={lengthFigure(mm, units)} />
  );
  const reach = view.widthMm / 2 + 22 / view.scale;
  switch (seam.kind) {
    case 'butt':
    case 'tubeButt':
      return (
        <>
          {line(at(-reach, -first), at(-reach, 0), 12, first)}
          {first !== second && line(at(reach * 0.8, -second), at(reach * 0.8, 0), -10, second)}
        </>
      );
    case 'plug': {
      const beside = (seam.holeDiameter * 1000) / 2 + 22 / view.scale;
      return (
        <>
          {line(at(beside, -first), at(beside, 0), -10, first)}
          {line(at(beside, -first - second), at(beside, -first), -10, second)}
        </>
      );
    }
    case 'lap':
      return (
        <>
          {line(at(-reach, -first), at(-reach, 0), 12, first)}
          {line(at(-reach, -first - second), at(-reach, -first), 12, second)}
        </>
      );
    case 'edge': {
      const deep = -0.9 * view.depthMm;
      return (
        <>
          {line(at(0, deep), at(-first, deep), -4, first)}
          {first !== second && line(at(second, deep), at(0, deep), -4, second)}
        </>
      );
    }
    case 'tee':
    case 'insideCorner':
    case 'tubeToPlate': {
      const leg = seam.leg * 1000;
      const across = leg * 1.2 - Math.max(0, highest - at(0, leg * 1.2)[1]) / view.scale;
      return (
        <>
          {line(at(0, -0.75 * first), at(leg, -0.75 * first), -0.01, leg)}
          {line(at(-second, across), at(0, across), 14, second)}
          {line(at(leg * 1.3, -first), at(leg * 1.3, 0), -12, first)}
        </>
      );
    }
    case 'flareGroove': {
      const leg = seam.leg * 1000;
      return line(at(0, -second), at(leg, -second), -12, leg);
    }
    case 'outsideCorner':
      return (
        <>
          {line(at(-first * 0.8, 0), at(-first * 0.8, first), -22, first)}
          {line(at(0, -second * 0.8), at(second, -second * 0.8), -22, second)}
        </>
      );
  }
}

import { inMm, seamOf, seamRow, type PointMm } from '@lone-heron/core';
import { useRef } from 'react';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import { panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { snapped, turnedBy } from '../../shared/panel/typedKnob.js';
import type { Dial } from '../useDial.js';
import { DragHandle } from './DragHandle.js';
import type { SectionView } from './sectionView.js';

interface HandlesProps {
  view: SectionView;
  dial: Dial;
  outcome: DialOutcome;
}

/** Grips on the section that turn its numbers: the depth for power, the width for the sweep, the edge for the gap. */
export function Handles(props: HandlesProps) {
  const { outcome } = props;
  const rows = panelRows(outcome.said.machine.profile, outcome.setting, outcome.house.units);
  const row = (knob: PanelRow['knob']) => rows.find((each) => each.knob === knob);
  const [power, width] = [row('power'), row('wobbleWidth')];
  const { gapIsAcross } = seamRow(seamOf(outcome.job.joint).kind);
  return (
    <g data-no-export="">
      {power !== undefined && <DepthGrip {...props} row={power} />}
      {width !== undefined && <WidthGrip {...props} row={width} />}
      {gapIsAcross && <GapGrip {...props} />}
    </g>
  );
}

/** What a grip says of its knob. */
function knobValues(row: PanelRow) {
  return {
    value: row.value,
    least: row.least,
    most: row.most,
    valueText: `${panelFigure(row, row.value)} ${row.scale.unit}`,
  };
}

function DepthGrip({ view, dial, outcome, row }: HandlesProps & { row: PanelRow }) {
  const start = useRef({ power: row.value, mmForTenPercent: 1, scale: view.scale });
  const depth = Math.min(view.depthMm, 1.35 * (view.throughMm ?? view.depthMm));
  const [x, y] = view.from;
  const along: PointMm = [-x, y];
  return (
    <DragHandle
      at={view.toPage(view.inMelt(0, depth))}
      along={along}
      name="Power, by the depth of the melt"
      {...knobValues(row)}
      onTake={() => {
        const gain = inMm(outcome.effects.power?.depthForTenPercent ?? (0 as never));
        start.current = { power: row.value, mmForTenPercent: Math.max(gain, 0.01), scale: view.scale };
      }}
      onDrag={(px) => {
        const { power, mmForTenPercent, scale } = start.current;
        dial.turn('power', snapped(power * (1 + (0.1 * px) / scale / mmForTenPercent), row));
      }}
      onStep={(steps) => dial.turn('power', turnedBy(steps, row))}
    />
  );
}

function WidthGrip({ view, dial, row }: HandlesProps & { row: PanelRow }) {
  const start = useRef({ width: row.value, scale: view.scale });
  const [x, y] = view.towardsFirst;
  return (
    <DragHandle
      at={view.toPage(view.inMelt(-view.widthMm / 2, 0))}
      along={[-x, y]}
      name="Wobble width, by the edge of the melt"
      {...knobValues(row)}
      onTake={() => (start.current = { width: row.value, scale: view.scale })}
      onDrag={(px) => {
        const { width, scale } = start.current;
        dial.turn('wobbleWidth', snapped(width + (2 * px) / scale / 1000, row));
      }}
      onStep={(steps) => dial.turn('wobbleWidth', turnedBy(steps, row))}
    />
  );
}

const gapStep = 0.05;

function GapGrip({ view, dial, outcome }: HandlesProps) {
  const { gapMm, firstThicknessMm, secondThicknessMm } = outcome.said.joint;
  const start = useRef({ gap: gapMm, scale: view.scale });
  const thinner = Math.min(firstThicknessMm, secondThicknessMm);
  const most = Math.floor((0.95 * thinner) / gapStep) * gapStep;
  const sayGap = (mm: number) => {
    const stepped = Math.round(Math.min(Math.max(mm, 0), most) / gapStep) * gapStep;
    dial.sayWord('gap', lengthFigure(Number(stepped.toFixed(2)), { length: 'mm' }));
  };
  return (
    <DragHandle
      at={view.toPage([view.widthMm / 2 + 34 / view.scale, -secondThicknessMm / 2])}
      along={[1, 0]}
      name="Gap, by the edge of the second sheet"
      value={gapMm}
      least={0}
      most={most}
      valueText={lengthFigure(gapMm, outcome.house.units)}
      onTake={() => (start.current = { gap: gapMm, scale: view.scale })}
      onDrag={(px) => sayGap(start.current.gap + (2 * px) / start.current.scale)}
      onStep={(steps) => sayGap(gapMm + steps * gapStep)}
    />
  );
}

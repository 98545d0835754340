import type { LadderAxis } from '@lone-heron/contract';
import { useCallback, useState } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { footAxis, valueAxis } from '../../shared/chart/valueAxis.js';
import { PickField } from '../../shared/form/PickField.js';
import { inSpoken, spokenUnit } from '../../shared/figures/spoken.js';
import { ladderCurves, type LadderCurve } from './ladderCurves.js';
import { knobUnit } from './ladderKnobs.js';
import type { LadderSays } from './ladderSays.js';

interface LadderChartProps {
  axes: readonly LadderAxis[];
  says: LadderSays;
}

/** Depth over a knob of a ladder: its curves with their doubt, and what each coupon allows. */
export default function LadderChart({ axes, says }: LadderChartProps) {
  const [picked, setPicked] = useState('0');
  const across = Number(picked);
  const optionOf = useCallback((ink: ChartInk) => chartOption(axes, across, says, ink), [axes, across, says]);
  return (
    <>
      {axes.length > 1 && (
        <div className="max-w-56">
          <PickField
            label="Depth over"
            value={picked}
            choices={axes.map(({ knob }, i) => ({ value: String(i), label: knobUnit(knob).name }))}
            onPick={setPicked}
          />
        </div>
      )}
      <LineChart
        label="Depth over the knob, with its doubt and the coupons; the answer stands in words beside it"
        className="h-72 w-full"
        optionOf={optionOf}
      />
      {axes.length > 2 && (
        <p className="text-sm text-soft">
          The third knob stands in the middle of what is tried; the coupons are drawn wherever it stood.
        </p>
      )}
    </>
  );
}

/** The next number up with two figures, where an axis ends. */
function tidyAbove(value: number): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return Number((Math.ceil(value / step) * step).toPrecision(2));
}

/** Lines that are told apart without colour. */
const dashes = ['solid', 'dashed'] as const;

function chartOption(
  axes: readonly LadderAxis[],
  across: number,
  { answer, points }: LadderSays,
  ink: ChartInk,
) {
  const { token, text } = ink;
  const curves = ladderCurves(axes, across, answer.depthAt);
  const { name, unit, perSi } = knobUnit(axes[across]?.knob ?? 'power');
  const values = axes[across]?.values ?? [];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const tallest = Math.max(...curves.flatMap((curve) => curve.points.map(({ high }) => high))) * 1.6;
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    xAxis: {
      ...footAxis(ink, `${name}, ${unit}`),
      min: least * perSi,
      max: most * perSi,
    },
    yAxis: { ...valueAxis(ink, `Depth, ${spokenUnit('mm').unit}`), min: 0, max: tidyAbove(tallest) },
    series: [
      ...curves.flatMap((curve, i) => curveSeries(curve, i, curves, ink)),
      ...points.map(({ values: placed, low, high }) =>
        couponMark(
          (placed[across] ?? least) * perSi,
          [low, high].map((depth) => Math.min(inSpoken(depth * 1000, 'mm'), tallest)),
          token,
        ),
      ),
    ],
  };
}

const line = (data: number[][], style: object) => ({
  type: 'line' as const,
  showSymbol: false,
  silent: true,
  data,
  ...style,
});

/** A curve over its doubt; where there are more than one, with its name in its middle. */
function curveSeries(
  { name, points }: LadderCurve,
  index: number,
  curves: readonly LadderCurve[],
  { token, text }: ChartInk,
) {
  const stack = `doubt ${index}`;
  return [
    line(
      points.map(({ at, low }) => [at, low]),
      { stack, lineStyle: { width: 0 } },
    ),
    line(
      points.map(({ at, low, high }) => [at, high - low]),
      {
        stack,
        lineStyle: { width: 0 },
        areaStyle: { color: token('--melt-hot'), opacity: 0.35 / curves.length },
      },
    ),
    line(
      points.map(({ at, depth }) => [at, depth]),
      {
        lineStyle: { color: token('--melt-edge'), width: 3, type: dashes[index] },
        // Above the upper and below the lower one, so that the names keep apart.
        markPoint: {
          silent: true,
          symbolSize: 0,
          data: name === '' ? [] : [{ coord: middleOf(points), name }],
          label: {
            ...text,
            formatter: name,
            position: isUpper(curves, index) ? 'top' : 'bottom',
            distance: 10,
          },
        },
      },
    ),
  ];
}

/** What a coupon allows, as an upright bar. */
function couponMark(at: number, [low = 0, high = 0]: readonly number[], token: ChartInk['token']) {
  return line(
    [
      [at, low],
      [at, high],
    ],
    {
      showSymbol: true,
      symbol: 'rect',
      symbolSize: [12, 3],
      lineStyle: { color: token('--soft-ink'), width: 2, opacity: 0.6 },
      itemStyle: { color: token('--soft-ink') },
    },
  );
}

function middleOf(curve: LadderCurve['points']): number[] {
  const { at = 0, depth = 0 } = curve[Math.floor(curve.length / 2)] ?? {};
  return [at, depth];
}

function isUpper(curves: readonly LadderCurve[], index: number): boolean {
  const heights = curves.map(({ points }) => middleOf(points)[1] ?? 0);
  // Of curves that lie on each other the first is the upper one, so that their names still keep apart.
  return heights.indexOf(Math.max(...heights)) === index;
}

import type { LadderAxis } from '@lone-heron/contract';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { knobUnits } from './ladderKnobs.js';
import type { LadderSays } from './ladderSays.js';

/** Points of the curve. */
const curvePoints = 41;

/** Depth over the one knob of a ladder: the curve with its doubt, and what each coupon allows. */
export default function LadderChart({ axis, says }: { axis: LadderAxis; says: LadderSays }) {
  const optionOf = useCallback((ink: ChartInk) => chartOption(axis, says, ink), [axis, says]);
  return (
    <LineChart
      label="Depth over the knob, with its doubt and the coupons; the answer stands in words beside it"
      className="h-72 w-full"
      optionOf={optionOf}
    />
  );
}

function chartOption(
  { knob, values }: LadderAxis,
  { answer, points }: LadderSays,
  { token, text }: ChartInk,
) {
  const { name, unit, perSi } = knobUnits[knob];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const curve = Array.from({ length: curvePoints }, (_, i) => {
    const value = least * (most / least) ** (i / (curvePoints - 1));
    const { depth, low, high } = answer.depthAt([value]);
    return { at: value * perSi, depth: depth * 1000, low: low * 1000, high: high * 1000 };
  });
  const tallest = Math.max(...curve.map(({ high }) => high)) * 1.6;
  const axis = {
    type: 'value' as const,
    axisLabel: text,
    nameTextStyle: text,
    splitLine: { lineStyle: { color: token('--color-base-300') } },
  };
  const line = (data: number[][], style: object) => ({
    type: 'line' as const,
    showSymbol: false,
    silent: true,
    data,
    ...style,
  });
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    xAxis: {
      ...axis,
      name: `${name}, ${unit}`,
      nameLocation: 'middle' as const,
      nameGap: 30,
      min: least * perSi,
      max: most * perSi,
    },
    yAxis: { ...axis, name: 'Depth, mm', min: 0, max: Math.ceil(tallest * 10) / 10 },
    series: [
      line(
        curve.map(({ at, low }) => [at, low]),
        { stack: 'doubt', lineStyle: { width: 0 } },
      ),
      line(
        curve.map(({ at, low, high }) => [at, high - low]),
        { stack: 'doubt', lineStyle: { width: 0 }, areaStyle: { color: token('--melt-hot'), opacity: 0.35 } },
      ),
      line(
        curve.map(({ at, depth }) => [at, depth]),
        { lineStyle: { color: token('--melt-edge'), width: 3 } },
      ),
      ...points.map(({ values: [value = least], low, high }) =>
        line(
          [
            [value * perSi, Math.min(low * 1000, tallest)],
            [value * perSi, Math.min(high * 1000, tallest)],
          ],
          {
            showSymbol: true,
            symbol: 'rect',
            symbolSize: [12, 3],
            lineStyle: { color: token('--soft-ink'), width: 2, opacity: 0.6 },
            itemStyle: { color: token('--soft-ink') },
          },
        ),
      ),
    ],
  };
}

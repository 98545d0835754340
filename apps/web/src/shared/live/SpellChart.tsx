import type { SpellCurve } from '@lone-heron/contract';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../chart/LineChart.js';
import { footAxis, valueAxis } from '../chart/valueAxis.js';

/** Power along a spell of light, with the least and the most of each step where steps were taken together. */
export default function SpellChart({ curve, label }: { curve: SpellCurve; label: string }) {
  const optionOf = useCallback((ink: ChartInk) => optionFor(curve, ink), [curve]);
  return <LineChart label={label} className="h-56 w-full" optionOf={optionOf} />;
}

function optionFor(curve: SpellCurve, ink: ChartInk) {
  const { atS, means, powerLeastW, powerMostW } = curve;
  const pairs = (values: readonly (number | null)[]) => values.map((value, at) => [atS[at], value]);
  const edge = { type: 'line', showSymbol: false, lineStyle: { width: 1, type: 'dotted' } };
  return {
    grid: { left: 56, right: 16, top: 28, bottom: 48 },
    tooltip: { trigger: 'axis', textStyle: ink.text },
    xAxis: { ...footAxis(ink, 's'), min: 0 },
    yAxis: { ...valueAxis(ink, 'W at the gun'), scale: true },
    series: [
      ...(curve.stepS > 0
        ? [
            {
              ...edge,
              name: 'least',
              data: pairs(powerLeastW),
              itemStyle: { color: ink.token('--color-soft') },
            },
            {
              ...edge,
              name: 'most',
              data: pairs(powerMostW),
              itemStyle: { color: ink.token('--color-soft') },
            },
          ]
        : []),
      {
        ...{ name: 'power', type: 'line', showSymbol: false, data: pairs(means.realPower) },
        itemStyle: { color: ink.token('--color-primary') },
      },
    ],
  };
}

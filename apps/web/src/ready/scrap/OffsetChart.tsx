import { format } from 'date-fns';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import type { PointerRecord } from './PointerPart.js';

/** The controller's offset over time, across and up; the log below holds the same figures. */
export default function OffsetChart({ log }: { log: readonly PointerRecord[] }) {
  const optionOf = useCallback((ink: ChartInk) => offsetOption(log, ink), [log]);
  return (
    <LineChart
      label="Offset over time; the same figures are in the log below"
      className="h-44 w-full"
      optionOf={optionOf}
    />
  );
}

function offsetOption(log: readonly PointerRecord[], { token, text }: ChartInk) {
  const oldestFirst = log.toReversed();
  const line = (name: string, colour: string, valueOf: (record: PointerRecord) => number) => ({
    type: 'line' as const,
    name,
    symbolSize: 7,
    lineStyle: { color: token(colour), width: 2 },
    itemStyle: { color: token(colour) },
    endLabel: { show: true, formatter: name, ...text },
    data: oldestFirst.map((record) => [Date.parse(record.at), valueOf(record)]),
  });
  const splitLine = { lineStyle: { color: token('--color-base-300') } };
  return {
    animation: false,
    textStyle: text,
    grid: { left: 44, right: 32, top: 28, bottom: 28 },
    xAxis: {
      type: 'time' as const,
      axisLabel: { ...text, hideOverlap: true, formatter: (at: number) => format(at, 'd MMM') },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value' as const,
      name: 'steps',
      minInterval: 1,
      axisLabel: text,
      nameTextStyle: text,
      splitLine,
    },
    series: [
      line('X', '--color-primary', ({ detail }) => detail.offsetX),
      line('Y', '--melt-edge', ({ detail }) => detail.offsetY),
    ],
  };
}

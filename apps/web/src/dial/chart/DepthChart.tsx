import { useCallback, useMemo } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { figure } from '../../shared/words/figures.js';
import type { DialOutcome } from '../dialOutcome.js';
import { depthByPower, type DepthAtPower } from './depthByPower.js';

/** Depth against power with its doubt, the sheet's thickness, and where the setting stands; its table behind it. */
export default function DepthChart({ outcome }: { outcome: DialOutcome }) {
  const rows = useMemo(() => depthByPower(outcome), [outcome]);
  const optionOf = useCallback((ink: ChartInk) => chartOption(rows, outcome, ink), [rows, outcome]);
  return (
    <div className="flex min-h-0 grow flex-col px-3 pb-3">
      <LineChart
        label="Depth against power; the same figures are in the table below"
        className="h-68 w-full"
        optionOf={optionOf}
      />
      <details>
        <summary className="touch cursor-pointer py-2 text-soft">The same as a table</summary>
        <div className="max-h-60 overflow-auto">
          <DepthTable rows={rows} />
        </div>
      </details>
    </div>
  );
}

function DepthTable({ rows }: { rows: readonly DepthAtPower[] }) {
  return (
    <table className="table figure table-sm">
      <thead>
        <tr>
          <th>Power, W</th>
          <th>Depth, mm</th>
          <th>Two times in three between, mm</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ powerW, low, depth, high }) => (
          <tr key={powerW}>
            <td>{Math.round(powerW)}</td>
            <td>{figure(depth, 2)}</td>
            <td>
              {figure(low, 2)} to {figure(high, 2)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function chartOption(rows: readonly DepthAtPower[], outcome: DialOutcome, { token, text }: ChartInk) {
  const splitLine = { lineStyle: { color: token('--color-base-300') } };
  const axis = { type: 'value' as const, axisLabel: text, nameTextStyle: text, splitLine };
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    tooltip: {
      trigger: 'axis' as const,
      valueFormatter: (value: unknown) => `${figure(Number(value), 2)} mm`,
    },
    xAxis: {
      ...axis,
      name: 'Power, W',
      nameLocation: 'middle' as const,
      nameGap: 30,
      min: 'dataMin' as const,
      max: 'dataMax' as const,
      axisLabel: { ...text, showMaxLabel: false },
    },
    yAxis: { ...axis, name: 'Depth, mm' },
    series: [
      ...doubtBand(rows, token('--melt-hot')),
      {
        type: 'line' as const,
        name: 'depth',
        showSymbol: false,
        lineStyle: { color: token('--melt-edge'), width: 3 },
        itemStyle: { color: token('--melt-edge') },
        data: rows.map(({ powerW, depth }) => [powerW, depth]),
        markLine: whereItStands(outcome, text),
      },
    ],
  };
}

/** Lines for the back of the sheet and for the power that is dialled. */
function whereItStands({ said, setting }: DialOutcome, text: { color: string }) {
  const { firstThicknessMm, secondThicknessMm } = said.joint;
  return {
    symbol: 'none',
    silent: true,
    lineStyle: { color: text.color, type: 'solid' as const },
    data: [
      {
        yAxis: Math.min(firstThicknessMm, secondThicknessMm),
        label: { ...text, formatter: 'the back', position: 'insideEndTop' as const },
      },
      { xAxis: setting.power, label: { ...text, formatter: 'dialled' } },
    ],
  };
}

/** The band of one standard deviation: its lower edge, unseen, and what is stacked on it up to the upper. */
function doubtBand(rows: readonly DepthAtPower[], color: string) {
  const lower = rows.map(({ powerW, low }) => [powerW, low]);
  const rise = rows.map(({ powerW, low, high }) => [powerW, high - low]);
  return [band('low', 'low', lower, 'transparent'), band('high', 'two times in three', rise, color)];
}

/** One half of a stacked band: the lower edge unseen, the rest filled. */
function band(id: string, name: string, data: readonly (readonly number[])[], color: string) {
  return {
    id,
    name,
    type: 'line' as const,
    stack: 'doubt',
    silent: true,
    showSymbol: false,
    tooltip: { show: false },
    lineStyle: { opacity: 0 },
    areaStyle: { color, opacity: color === 'transparent' ? 0 : 0.35 },
    data,
  };
}

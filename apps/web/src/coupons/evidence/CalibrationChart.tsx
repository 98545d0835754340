import type { CalibrationBin } from '@lone-heron/core';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { footAxis, valueAxis } from '../../shared/chart/valueAxis.js';
import { percentFigure } from '../../shared/figures/figures.js';

/** Stated chance against how often it came about; on the slanting line 80 % is really 80 %. */
export default function CalibrationChart({ bins }: { bins: readonly CalibrationBin[] }) {
  const optionOf = useCallback((ink: ChartInk) => chartOption(bins, ink), [bins]);
  return (
    <>
      <LineChart
        label="Stated chances against what came about; the same figures are in the table below"
        className="h-72 w-full"
        optionOf={optionOf}
      />
      <details>
        <summary className="min-h-12 cursor-pointer content-center">The same as a table</summary>
        <table className="table figure table-sm">
          <thead>
            <tr>
              <th scope="col">Stated</th>
              <th scope="col">Came about</th>
              <th scope="col">Four times in five between</th>
              <th scope="col">Times stated</th>
            </tr>
          </thead>
          <tbody>
            {bins.map(({ from, stated, cameAbout, low, high, count }) => (
              <tr key={from}>
                <td>{percentFigure(stated)}</td>
                <td>{percentFigure(cameAbout)}</td>
                <td>
                  {percentFigure(low)} to {percentFigure(high)}
                </td>
                <td>{count}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

const percent = (share: number) => Math.round(share * 1000) / 10;

/** From never to always, per cent. */
const wholeShare = { min: 0, max: 100 };

function chartOption(bins: readonly CalibrationBin[], ink: ChartInk) {
  const { token, text } = ink;
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    xAxis: { ...footAxis(ink, 'Stated, %'), ...wholeShare },
    yAxis: { ...valueAxis(ink, 'Came about, %'), ...wholeShare },
    series: [
      {
        type: 'line' as const,
        name: 'as stated',
        showSymbol: false,
        silent: true,
        lineStyle: { color: token('--soft-ink'), type: 'dashed' as const, width: 1.5 },
        data: [
          [0, 0],
          [100, 100],
        ],
      },
      ...bins.map(({ stated, low, high }) => ({
        type: 'line' as const,
        symbol: 'rect',
        symbolSize: [12, 3],
        silent: true,
        lineStyle: { color: token('--melt-edge'), width: 2 },
        itemStyle: { color: token('--melt-edge') },
        data: [
          [percent(stated), percent(low)],
          [percent(stated), percent(high)],
        ],
      })),
      {
        type: 'line' as const,
        name: 'came about',
        symbol: 'circle',
        symbolSize: 11,
        lineStyle: { width: 0 },
        itemStyle: { color: token('--melt') },
        label: {
          show: true,
          position: 'right' as const,
          ...text,
          formatter: ({ dataIndex }: { dataIndex: number }) => `${bins[dataIndex]?.count ?? ''}×`,
        },
        data: bins.map(({ stated, cameAbout }) => [percent(stated), percent(cameAbout)]),
      },
    ],
  };
}

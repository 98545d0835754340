import type { BroughtIn } from '@lone-heron/contract';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { footAxis, valueAxis } from '../../shared/chart/valueAxis.js';
import { figure } from '../../shared/figures/figures.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';

/** What the machine has brought in less its price, month by month; it has paid where the line meets nought. */
export default function PaybackChart({ curve }: { curve: readonly BroughtIn[] }) {
  const optionOf = useCallback((ink: ChartInk) => chartOption(curve, ink), [curve]);
  return (
    <>
      <LineChart
        label="What the machine has brought in less its price, by months; the same figures are in the table below"
        className="h-56 w-full"
        optionOf={optionOf}
      />
      <details className="overflow-x-auto">
        <summary className="min-h-12 cursor-pointer content-center text-sm">The same as a table</summary>
        <table className="table figure table-sm">
          <thead>
            <tr>
              <th scope="col">Months</th>
              <th scope="col">Brought in less its price</th>
              <th scope="col">Four in five between</th>
            </tr>
          </thead>
          <tbody>
            {curve
              .filter((_, i) => i % 4 === 0)
              .map(({ months, middle, least, most }) => (
                <tr key={months}>
                  <td>{figure(months, 1)}</td>
                  <td>{spokenMoney(middle)}</td>
                  <td>
                    {spokenMoney(least)} to {spokenMoney(most)}
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

function chartOption(curve: readonly BroughtIn[], ink: ChartInk) {
  const { token, text } = ink;
  const line = (name: 'middle' | 'least' | 'most', style: object) => ({
    ...{ type: 'line' as const, name, showSymbol: false, silent: true },
    data: curve.map((each) => [each.months, Math.round(each[name])]),
    lineStyle: style,
  });
  const edge = { color: token('--soft-ink'), width: 1.5, type: 'dotted' as const };
  return {
    animation: false,
    textStyle: text,
    grid: { left: 64, right: 20, top: 34, bottom: 48 },
    xAxis: { ...footAxis(ink, 'months'), min: 0, max: curve.at(-1)?.months ?? 1 },
    yAxis: valueAxis(ink, 'brought in less its price'),
    series: [
      line('least', edge),
      line('most', edge),
      {
        ...line('middle', { color: token('--color-primary'), width: 2.5 }),
        markLine: {
          ...{ silent: true, symbol: 'none', data: [{ yAxis: 0 }] },
          lineStyle: { color: token('--melt-edge'), width: 2, type: 'solid' as const },
          label: { ...text, formatter: 'paid', position: 'insideStartTop' as const },
        },
      },
    ],
  };
}

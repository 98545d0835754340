import type { LadderKnob } from '@lone-heron/contract';
import { useCallback } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { footAxis, valueAxis } from '../../shared/chart/valueAxis.js';
import { figure } from '../../shared/figures/figures.js';
import { inSpoken, spokenUnit, typedText } from '../../shared/figures/spoken.js';
import { knobUnit } from '../ladders/ladderKnobs.js';
import type { KnobDepth } from './knobDepths.js';

interface KnobDepthChartProps {
  knob: LadderKnob;
  depths: readonly KnobDepth[];
  /** Thickness that has to be melted, mm. */
  thicknessMm: number;
}

/** What each coupon allows of depth, over one knob, beside the thickness. */
export default function KnobDepthChart({ knob, depths, thicknessMm }: KnobDepthChartProps) {
  const optionOf = useCallback(
    (ink: ChartInk) => chartOption(knob, depths, thicknessMm, ink),
    [knob, depths, thicknessMm],
  );
  const { name, unit, perSi, decimals } = knobUnit(knob);
  return (
    <>
      <LineChart
        label="Depth of each coupon over the knob; the same figures are in the table below"
        className="h-72 w-full"
        optionOf={optionOf}
      />
      <details className="overflow-x-auto">
        <summary className="min-h-12 cursor-pointer content-center">Depth by knob as a table</summary>
        <table className="table figure table-sm">
          <thead>
            <tr>
              <th scope="col">Coupon</th>
              <th scope="col">
                {name}, {unit}
              </th>
              <th scope="col">Depth between, {spokenUnit('mm').unit}</th>
            </tr>
          </thead>
          <tbody>
            {depths.map(({ couponId, number, at, lowMm, highMm }, i) => (
              <tr key={`${couponId} ${i}`}>
                <td>{number}</td>
                <td>{figure(at * perSi, decimals)}</td>
                <td>
                  {typedText(lowMm, 'mm', 2)} to {typedText(highMm, 'mm', 2)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </>
  );
}

/** Room to each side of the outermost coupon, as a share of what they span. */
const room = 0.08;

function chartOption(knob: LadderKnob, depths: readonly KnobDepth[], thicknessMm: number, ink: ChartInk) {
  const { token, text } = ink;
  const { name, unit, perSi } = knobUnit(knob);
  const places = depths.map(({ at }) => at * perSi);
  const [least, most] = [Math.min(...places), Math.max(...places)];
  const aside = room * (most - least || most);
  const [from, to] = [least - aside, most + aside];
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    xAxis: {
      ...footAxis(ink, `${name}, ${unit}`),
      min: Number(from.toPrecision(3)),
      max: Number(to.toPrecision(3)),
    },
    yAxis: { ...valueAxis(ink, `Depth, ${spokenUnit('mm').unit}`), min: 0 },
    series: [
      {
        type: 'line' as const,
        name: 'thickness',
        showSymbol: false,
        silent: true,
        lineStyle: { color: token('--soft-ink'), type: 'dashed' as const, width: 1.5 },
        data: [
          [from, inSpoken(thicknessMm, 'mm')],
          [to, inSpoken(thicknessMm, 'mm')],
        ],
      },
      ...depths.map(({ at, lowMm, highMm }) => ({
        type: 'line' as const,
        symbol: 'rect',
        symbolSize: [12, 3],
        silent: true,
        lineStyle: { color: token('--melt-edge'), width: 2, opacity: 0.6 },
        itemStyle: { color: token('--melt-edge') },
        data: [
          [at * perSi, inSpoken(lowMm, 'mm')],
          [at * perSi, inSpoken(highMm, 'mm')],
        ],
      })),
    ],
  };
}

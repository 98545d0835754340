import { faceLine, inCelsius, kelvin } from '@lone-heron/core';
import { useCallback, useMemo } from 'react';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { footAxis, valueAxis } from '../../shared/chart/valueAxis.js';
import { inSpoken, spokenUnit } from '../../shared/figures/spoken.js';
import { spokenTemperature } from '../../shared/figures/spokenStates.js';
import type { HeatPoint } from './HeatPicture.js';
import type { HeatLook } from './heatWindow.js';
import { temperatureWords, timeWords } from '../../shared/heat/heatFigures.js';
import type { ShownField } from './useField.js';

interface HeatCurveProps {
  shown: ShownField;
  look: HeatLook;
  point: HeatPoint;
  onClose: () => void;
}

/** From here on a curve is drawn, seconds after the gun: before it nothing is warm. */
const drawnFrom = 0.02;

/** How warm a place gets, and how it cools, over the time since the gun passed it. */
export function HeatCurve({ shown, look, point, onClose }: HeatCurveProps) {
  const cell = useMemo(() => cellUnder(shown, look, point), [shown, look, point]);
  const { heat } = shown.answer;
  const rows = useMemo(
    () =>
      Array.from(heat.times, (time, i) => ({
        time,
        celsius: inCelsius(kelvin(heat.law.start + (heat.frames[i]?.[cell] ?? 0))),
      })).filter(({ time }) => time > drawnFrom),
    [heat, cell],
  );
  const optionOf = useCallback((ink: ChartInk) => curveOption(rows, ink), [rows]);
  const peak = Math.max(...heat.frames.map((frame) => frame[cell] ?? 0));
  return (
    <figure className="flex min-w-0 flex-col">
      <figcaption className="flex items-center justify-between gap-2 text-sm leading-snug">
        <span>
          Touched place: at most {temperatureWords(peak, heat.law.start)}
          {cooledWords(rows)}
        </span>
        <button type="button" className="btn touch btn-ghost btn-sm" onClick={onClose}>
          Figures
        </button>
      </figcaption>
      <LineChart
        label="Temperature of the touched place over the time since the gun"
        className="h-32 w-full"
        optionOf={optionOf}
      />
    </figure>
  );
}

/** The cell of the section under a place; the nearest where there is no metal. */
function cellUnder({ answer }: ShownField, look: HeatLook, point: HeatPoint): number {
  const { section, isHalf } = answer.heat.cut;
  const y = isHalf ? Math.abs(point.y) : point.y;
  if (look !== 'section') {
    const line = faceLine(answer.heat, look === 'above' ? 'front' : 'back');
    return line.cells[nearest(line.y, (each) => Math.abs(each - y))] ?? 0;
  }
  return nearest(section.y, (each, cell) => Math.hypot(each - y, (section.z[cell] ?? 0) - point.other));
}

function nearest(places: Float64Array, away: (place: number, index: number) => number): number {
  return places.reduce((best, place, i) => (away(place, i) < away(places[best] ?? 0, best) ? i : best), 0);
}

/** Temperature whose moment is told, degrees Celsius: where water boils. */
const marked = 100;

/** When it has cooled to the mark; nothing where it never got so hot. */
function cooledWords(rows: readonly { time: number; celsius: number }[]): string {
  const hottest = rows.reduce((best, row, i) => (row.celsius > (rows[best]?.celsius ?? 0) ? i : best), 0);
  const cooled = rows.slice(hottest).find(({ celsius }) => celsius < marked);
  return cooled === undefined || (rows[hottest]?.celsius ?? 0) < marked
    ? '.'
    : `, ${spokenTemperature(marked)} after ${timeWords(cooled.time)}.`;
}

function curveOption(rows: readonly { time: number; celsius: number }[], ink: ChartInk) {
  const { unit } = spokenUnit('°C');
  return {
    animation: false,
    textStyle: ink.text,
    grid: { left: 62, right: 14, top: 8, bottom: 40 },
    tooltip: {
      trigger: 'axis' as const,
      valueFormatter: (value: unknown) => `${Math.round(Number(value))} ${unit}`,
    },
    xAxis: {
      ...footAxis(ink, 'seconds after the gun'),
      type: 'log' as const,
      min: drawnFrom,
      max: 'dataMax' as const,
    },
    yAxis: {
      ...valueAxis(ink, ''),
      splitNumber: 3,
      axisLabel: { ...ink.text, formatter: `{value} ${unit}` },
    },
    series: [
      {
        type: 'line' as const,
        name: 'temperature',
        showSymbol: false,
        lineStyle: { color: ink.token('--melt-edge'), width: 3 },
        itemStyle: { color: ink.token('--melt-edge') },
        data: rows.map(({ time, celsius }) => [time, inSpoken(celsius, '°C')]),
      },
    ],
  };
}

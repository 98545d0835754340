import type { WindowStudy } from '@lone-heron/contract';
import type { EChartsCoreOption } from 'echarts/core';
import type { ChartInk } from '../../../shared/chart/LineChart.js';

/** Colour tokens of curves, the first for the level with most windows. */
const colours = ['--color-primary', '--ember', '--melt-edge', '--color-success', '--soft-ink', '--straw'];
const dashes = ['solid', 'dashed', 'dotted'] as const;
/** More curves than these cannot be told apart. */
export const mostCurves = 6;

interface NamedCurve {
  readonly name: string;
  readonly curve: WindowStudy['curves'][number];
}

/** Share of windows that outlast each use, in steps, with the band where there is one curve. */
export function lifeOption(
  curves: readonly NamedCurve[],
  unit: string,
  { token, text }: ChartInk,
): EChartsCoreOption {
  const axis = { axisLabel: { ...text, fontSize: 13 }, nameTextStyle: text, splitLine: { show: false } };
  const [only] = curves;
  const band = curves.length === 1 && only !== undefined ? bandOf(only.curve, token) : [];
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 20, top: 24, bottom: 48 },
    tooltip: { trigger: 'axis', valueFormatter: (value: unknown) => percentOf(value) },
    xAxis: { ...axis, type: 'value', min: 0, name: `use, ${unit}`, nameLocation: 'middle', nameGap: 28 },
    yAxis: {
      ...axis,
      ...{ type: 'value', min: 0, max: 1, name: 'still good', nameGap: 10 },
      axisLabel: { ...axis.axisLabel, formatter: (value: number) => `${Math.round(value * 100)} %` },
    },
    series: [
      ...band,
      ...curves.map(({ name, curve }, i) => ({
        ...{ type: 'line', name, step: 'end', showSymbol: false },
        data: [[0, 1], ...curve.steps.map(({ duration, surviving }) => [duration, surviving])],
        lineStyle: {
          color: token(colours[i % colours.length] ?? '--color-primary'),
          width: 2.5,
          type: dashes[i % dashes.length],
        },
        itemStyle: { color: token(colours[i % colours.length] ?? '--color-primary') },
        ...(curves.length > 1 ? { markPoint: nameOn(curve, i, name, { token, text }) } : {}),
      })),
    ],
  };
}

/** A curve's name beside it, each at a height of its own so that they do not lie on each other. */
function nameOn(curve: NamedCurve['curve'], i: number, name: string, { token, text }: ChartInk) {
  const wanted = 0.85 - 0.14 * i;
  const step = curve.steps.find(({ surviving }) => surviving <= wanted) ?? curve.steps.at(-1);
  const ground = { backgroundColor: token('--color-base-100'), padding: [1, 3] };
  const label = { ...text, ...ground, show: true, formatter: name, position: 'right' };
  return {
    symbolSize: 1,
    label,
    data: step === undefined ? [] : [{ coord: [step.duration, step.surviving] }],
  };
}

function bandOf({ steps }: NamedCurve['curve'], token: ChartInk['token']) {
  const edge = (name: string, valueOf: (step: (typeof steps)[number]) => number) => ({
    ...{ type: 'line', name, step: 'end', showSymbol: false },
    data: [[0, 1], ...steps.map((step) => [step.duration, valueOf(step)])],
    lineStyle: { color: token('--soft-ink'), width: 1, type: 'dotted' },
    itemStyle: { color: token('--soft-ink') },
  });
  return [edge('19 of 20: at most', ({ high }) => high), edge('19 of 20: at least', ({ low }) => low)];
}

function percentOf(value: unknown): string {
  return typeof value === 'number' ? `${Math.round(value * 100)} %` : '';
}

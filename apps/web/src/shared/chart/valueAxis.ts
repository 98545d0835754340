import type { ChartInk } from './LineChart.js';

/** An axis of numbers in the theme's ink. */
export function valueAxis({ token, text }: ChartInk, name: string) {
  return {
    type: 'value' as const,
    name,
    axisLabel: text,
    nameTextStyle: text,
    splitLine: { lineStyle: { color: token('--color-base-300') } },
  };
}

/** {@link valueAxis} along the foot of a chart, its name under its middle. */
export function footAxis(ink: ChartInk, name: string) {
  return { ...valueAxis(ink, name), nameLocation: 'middle' as const, nameGap: 30 };
}

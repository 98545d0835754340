import { LineChart as EChartsLine } from 'echarts/charts';
import { GridComponent, MarkLineComponent, MarkPointComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

echarts.use([
  EChartsLine,
  GridComponent,
  MarkLineComponent,
  MarkPointComponent,
  TooltipComponent,
  SVGRenderer,
]);

/** Colours and type of the theme, as a chart takes them. */
export interface ChartInk {
  /** A colour token of the theme, such as --melt-edge. */
  readonly token: (name: string) => string;
  readonly text: { readonly color: string; readonly fontFamily: string; readonly fontSize: number };
}

interface LineChartProps {
  /** Says where the same figures are as a table. */
  label: string;
  className: string;
  /** Kept the same while nothing changes, so that the chart is not made anew. */
  optionOf: (ink: ChartInk) => echarts.EChartsCoreOption;
}

/** A chart of lines in the theme's ink; made anew when its figures change, as wide as its place. */
export function LineChart({ label, className, optionOf }: LineChartProps) {
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = frame.current;
    if (element === null) return;
    const chart = echarts.init(element, null, { renderer: 'svg' });
    chart.setOption(optionOf(inkOf(element)));
    const watcher = new ResizeObserver(() => chart.resize());
    watcher.observe(element);
    return () => {
      watcher.disconnect();
      chart.dispose();
    };
  }, [optionOf]);
  // Laid over its place and not into it: a drawing in its place would keep that as wide as it was.
  return (
    <div className={`relative ${className}`}>
      <div ref={frame} className="absolute inset-0" role="img" aria-label={label} />
    </div>
  );
}

function inkOf(element: HTMLElement): ChartInk {
  const style = getComputedStyle(element);
  const token = (name: string) => style.getPropertyValue(name).trim();
  const text = { color: token('--color-base-content'), fontFamily: style.fontFamily, fontSize: 14 };
  return { token, text };
}

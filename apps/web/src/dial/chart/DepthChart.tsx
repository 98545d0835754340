import type { HouseUnits } from '@lone-heron/contract';
import { inMm, jointThermal, knobs, knobValue, siToPanel, type Knob } from '@lone-heron/core';
import { useCallback, useMemo, useState } from 'react';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { LineChart, type ChartInk } from '../../shared/chart/LineChart.js';
import { PickField } from '../../shared/form/PickField.js';
import { figure } from '../../shared/figures/figures.js';
import { mmPerInch } from '../../shared/figures/houseUnits.js';
import { lookWords, outcomeOfLook } from '../../shared/vocabulary/looks.js';
import type { DialOutcome } from '../dialOutcome.js';
import { panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { couponDepths, type CouponDepth } from './couponDepths.js';
import { depthByKnob, type DepthAtKnob } from './depthByKnob.js';

/** Everything the chart and its table are made of, with the knob in its panel's unit and depths in the house's. */
interface ChartData {
  readonly unit: HouseUnits['length'];
  readonly decimals: number;
  readonly row: PanelRow;
  readonly rows: readonly DepthAtKnob[];
  readonly coupons: readonly CouponDepth[];
}

/** Depth against a knob with its doubt, the window that lands, the coupons, and where the setting stands. */
export default function DepthChart({ outcome }: { outcome: DialOutcome }) {
  const [picked, setPicked] = useState<Knob>('power');
  const { joint, machine } = outcome.said;
  const { data } = useCouponsQuery({ metal: joint.metal, machineId: machine.id, limit: 100 });
  const offered = panelRows(machine.profile, outcome.setting, outcome.house.units);
  const row = offered.find(({ knob }) => knob === picked) ?? offered[0];
  const chart = useMemo((): ChartData | null => {
    if (row === undefined) return null;
    const coupons = couponDepths(data?.coupons ?? [], outcome, row.knob);
    return inHouseUnits({ row, rows: depthByKnob(outcome, row.knob), coupons }, outcome.house.units.length);
    // The row follows from the outcome and the knob.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [outcome, picked, data]);
  const optionOf = useCallback((ink: ChartInk) => chartOption(chart, outcome, ink), [chart, outcome]);
  if (chart === null || row === undefined) return null;
  return (
    <div className="flex min-h-0 grow flex-col px-1">
      <div className="w-48">
        <PickField
          label="Against"
          value={row.knob}
          choices={offered
            .filter(({ knob }) => knobs.includes(knob) && knobValue(outcome.setting, knob) !== null)
            .map(({ knob, name }) => ({ value: knob, label: name }))}
          onPick={setPicked}
        />
      </div>
      <LineChart
        label={`Depth against ${row.name.toLowerCase()}; the same figures are in the table below`}
        className="min-h-64 w-full grow"
        optionOf={optionOf}
      />
      <details>
        <summary className="touch cursor-pointer py-1 text-soft">The same as a table</summary>
        <div className="max-h-60 overflow-auto">
          <DepthTable {...chart} />
        </div>
      </details>
    </div>
  );
}

/** Depths in mm as the house says them. */
function inHouseUnits(
  { row, rows, coupons }: Pick<ChartData, 'row' | 'rows' | 'coupons'>,
  unit: HouseUnits['length'],
): ChartData {
  const by = unit === 'mm' ? 1 : 1 / mmPerInch;
  return {
    unit,
    decimals: unit === 'mm' ? 2 : 3,
    row,
    rows: rows.map((each) => ({ ...each, low: each.low * by, depth: each.depth * by, high: each.high * by })),
    coupons: coupons.map((each) => ({ ...each, from: each.from * by, to: each.to * by })),
  };
}

function onPanel({ scale }: PanelRow, si: number): number {
  return Number(siToPanel(scale.dial, si).toFixed(scale.decimals));
}

function DepthTable({ row, rows, coupons, unit, decimals }: ChartData) {
  return (
    <table className="table figure table-sm">
      <thead>
        <tr>
          <th>
            {row.name}, {row.scale.unit}
          </th>
          <th>Depth, {unit}</th>
          <th>Two times in three between, {unit}</th>
          <th>Lands</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ value, low, depth, high, lands }) => (
          <tr key={value}>
            <td>{onPanel(row, value)}</td>
            <td>{figure(depth, decimals)}</td>
            <td>
              {figure(low, decimals)} to {figure(high, decimals)}
            </td>
            <td>{lands ? 'yes' : ''}</td>
          </tr>
        ))}
        {coupons.map(({ number, value, from, to, back }) => (
          <tr key={`coupon ${number}`}>
            <td>{onPanel(row, value)}</td>
            <td>coupon {number}</td>
            <td>
              {figure(from, decimals)} to {figure(to, decimals)}
            </td>
            <td>{lookWords[back].short}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function chartOption(chart: ChartData | null, outcome: DialOutcome, { token, text }: ChartInk) {
  if (chart === null) return {};
  const { row, coupons, unit, decimals } = chart;
  const rows = chart.rows.map((each) => ({ ...each, at: onPanel(row, each.value) }));
  const splitLine = { lineStyle: { color: token('--color-base-300') } };
  const axis = { type: 'value' as const, axisLabel: text, nameTextStyle: text, splitLine };
  return {
    animation: false,
    textStyle: text,
    grid: { left: 52, right: 24, top: 34, bottom: 48 },
    tooltip: {
      trigger: 'axis' as const,
      valueFormatter: (value: unknown) => `${figure(Number(value), decimals)} ${unit}`,
    },
    xAxis: {
      ...axis,
      name: `${row.name}, ${row.scale.unit}`,
      nameLocation: 'middle' as const,
      nameGap: 30,
      min: 'dataMin' as const,
      max: 'dataMax' as const,
      axisLabel: { ...text, showMaxLabel: false },
    },
    yAxis: { ...axis, name: `Depth, ${unit}` },
    series: [
      ...doubtBand(rows, token('--melt-hot')),
      {
        type: 'line' as const,
        name: 'depth',
        showSymbol: false,
        lineStyle: { color: token('--melt-edge'), width: 3 },
        itemStyle: { color: token('--melt-edge') },
        data: rows.map(({ at, depth }) => [at, depth]),
        markLine: whereItStands(outcome, chart, text),
        markArea: landing(rows, token('--full')),
      },
      ...coupons.map((coupon) => couponBar(coupon, row, token)),
    ],
  };
}

/** Between what a coupon's depth lay, as an upright bar in the colour of its outcome. */
function couponBar({ number, value, from, to, back }: CouponDepth, row: PanelRow, token: ChartInk['token']) {
  const colour = token(`--${outcomeOfLook[back]}`);
  const at = onPanel(row, value);
  return {
    type: 'line' as const,
    name: `coupon ${number}, ${lookWords[back].short}`,
    symbol: 'rect',
    symbolSize: [12, 3],
    silent: true,
    lineStyle: { color: colour, width: 3 },
    itemStyle: { color: colour },
    tooltip: { show: false },
    data: [
      [at, from],
      [at, to],
    ],
  };
}

/** Where the expected depth lands, shaded from side to side. */
function landing(rows: readonly (DepthAtKnob & { readonly at: number })[], colour: string) {
  const inside = rows.filter(({ lands }) => lands).map(({ at }) => at);
  const [from, to] = [inside[0], inside.at(-1)];
  if (from === undefined || to === undefined) return {};
  return {
    silent: true,
    itemStyle: { color: colour, opacity: 0.12 },
    data: [[{ xAxis: Math.min(from, to) }, { xAxis: Math.max(from, to) }] as [object, object]],
  };
}

/** Lines for the back of the sheet and for the power that is dialled. */
function whereItStands({ job }: DialOutcome, { row, unit }: ChartData, text: { color: string }) {
  const through = inMm(jointThermal(job.joint).thickness);
  return {
    symbol: 'none',
    silent: true,
    lineStyle: { color: text.color, type: 'solid' as const },
    data: [
      {
        yAxis: Number((unit === 'mm' ? through : through / mmPerInch).toFixed(4)),
        label: { ...text, formatter: 'through', position: 'insideEndTop' as const },
      },
      { xAxis: onPanel(row, row.value), label: { ...text, formatter: 'dialled' } },
    ],
  };
}

/** The band of one standard deviation: its lower edge, unseen, and what is stacked on it up to the upper. */
function doubtBand(rows: readonly (DepthAtKnob & { readonly at: number })[], color: string) {
  const lower = rows.map(({ at, low }) => [at, low]);
  const rise = rows.map(({ at, low, high }) => [at, high - low]);
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

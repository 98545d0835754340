import type { LifeFactor, Machine, WindowStudy } from '@lone-heron/contract';
import { useCallback, useMemo } from 'react';
import { usePeopleQuery } from '../../../shared/api/heronApi.js';
import { LineChart, type ChartInk } from '../../../shared/chart/LineChart.js';
import { figure, percentFigure } from '../../../shared/figures/figures.js';
import { lifeOption, mostCurves } from './lifeChart.js';
import { factorWords, levelInWords, measureWords } from './lifeWords.js';

interface LifeCurveProps {
  study: WindowStudy;
  factor: LifeFactor | undefined;
  machines: readonly Machine[];
}

/** Rows of the table behind a curve. */
const tableShares = [0.9, 0.75, 0.5, 0.25, 0.1];

/** The share of windows that outlast each use, drawn and as a table. */
export function LifeCurve({ study, factor, machines }: LifeCurveProps) {
  const { data: people } = usePeopleQuery(undefined);
  const named = useMemo(
    () =>
      study.curves.slice(0, mostCurves).map((curve) => ({
        name:
          factor === undefined
            ? 'still good'
            : `${levelInWords(factor, curve.level, { machines, people: people ?? [] })} (${curve.windows})`,
        curve,
      })),
    [study, factor, machines, people],
  );
  const { unit } = measureWords[study.measure];
  const optionOf = useCallback((ink: ChartInk) => lifeOption(named, unit, ink), [named, unit]);
  return (
    <section className="sheet overflow-x-auto px-5 py-3" aria-label="Survival" tabIndex={0}>
      <h2 className="font-semibold">
        How many are still good after so much use{factor !== undefined && `, by ${factorWords[factor]}`}
      </h2>
      <LineChart
        label="Share of windows still good against use; the same figures are in the table below"
        className="h-64 w-full"
        optionOf={optionOf}
      />
      {study.curves.length > mostCurves && (
        <p className="text-soft">
          The {mostCurves} with most windows are drawn, of {study.curves.length}.
        </p>
      )}
      <details>
        <summary className="min-h-12 cursor-pointer content-center">As a table</summary>
        <table className="table [&_td]:py-1.5 [&_th]:py-1.5">
          <thead>
            <tr>
              <th scope="col">Windows</th>
              <th scope="col">Of them failed</th>
              {tableShares.map((share) => (
                <th key={share} scope="col">
                  {percentFigure(share)} good until, {unit}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {named.map(({ name, curve }) => (
              <tr key={curve.level}>
                <th scope="row">{factor === undefined ? `all ${curve.windows}` : name}</th>
                <td className="tabular-nums">{curve.failures}</td>
                {tableShares.map((share) => (
                  <td key={share} className="tabular-nums">
                    {reachedIn(curve.steps, share)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}

function reachedIn(steps: WindowStudy['curves'][number]['steps'], share: number): string {
  const step = steps.find(({ surviving }) => surviving <= share);
  return step === undefined ? 'not reached' : figure(step.duration, 1);
}

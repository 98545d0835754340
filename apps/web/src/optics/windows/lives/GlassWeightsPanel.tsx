import type { HouseContent } from '@lone-heron/contract';
import { documentedPowers } from '@lone-heron/core';
import { useState } from 'react';
import { toast } from '../../../shared/say/toast.js';
import { houseContent, useHouseQuery, useReviseHouseMutation } from '../../../shared/api/houseApi.js';
import { usePersonAtDesk } from '../../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../../shared/form/Failure.js';
import { Loading } from '../../../shared/page/Loading.js';
import { figure } from '../../../shared/figures/figures.js';
import { useGlassWeightsQuery } from '../windowsApi.js';

type Powers = HouseContent['glassWeights'];

const rows = [
  ['angle', 'Gun angle', '1 at 45°, rising to 1.5 upright'],
  ['metal', 'Metal', '1 for steel, 1.3 for copper, 1.5 over zinc'],
  ['power', 'Power', 'the square root of the power over 1 kW'],
] as const satisfies readonly (readonly [keyof Powers, string, string])[];

/** How what wears glass is weighted; fitted to this shop's failures once somebody asks, for that takes a moment. */
export function GlassWeightsPanel() {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="sheet px-5" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-12 cursor-pointer content-center font-semibold">
        What counts how much as wear
      </summary>
      {isOpen && <Weights />}
    </details>
  );
}

/** What this shop's failures say of the weights, and the way to go by them. */
function Weights() {
  const person = usePersonAtDesk();
  const { data: house, isFetching } = useHouseQuery(undefined);
  const { data } = useGlassWeightsQuery(undefined);
  const [revise, { isLoading, error }] = useReviseHouseMutation();
  if (house === undefined || data === undefined) return <Loading what="this shop’s failures" />;
  const { fitted } = data;
  const now = houseContent(house).glassWeights;
  const take = async (content: Powers) => {
    const sent = { sheet: 'glassWeights', revision: house.glassWeights.revision + 1, content } as const;
    if ((await revise(sent)).error === undefined) toast('Wear is counted by these weights from here on.');
  };
  const isLead = person?.role === 'lead';
  const isBusy = isLoading || isFetching;
  return (
    <section
      className="sheet flex flex-col gap-2 overflow-x-auto px-5 py-3"
      aria-label="Weights"
      tabIndex={0}
    >
      <h2 className="font-semibold">What counts how much as wear</h2>
      <table className="table [&_td]:py-1.5 [&_th]:py-1.5">
        <thead>
          <tr>
            <th scope="col">Weight</th>
            <th scope="col">As documented</th>
            <th scope="col">Counts now, to the power</th>
            <th scope="col">This shop’s failures say</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([key, name, about]) => (
            <tr key={key}>
              <th scope="row">{name}</th>
              <td>{about}</td>
              <td className="tabular-nums">{figure(now[key], 2)}</td>
              <td className="tabular-nums">
                {fitted === null
                  ? 'too few to tell'
                  : `${figure(fitted.powers[key], 2)} give or take ${figure(fitted.sd[key], 2)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-sm text-soft">
        {data.why !== null && `${data.why}. `}A power of 2 counts a weight squared, 0 not at all. The
        documented ones are planning figures; the fitted ones lean on them where this shop’s windows say
        little.
      </p>
      <Failure error={error} />
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn touch-always"
          disabled={fitted === null || !isLead || isBusy}
          onClick={() => fitted !== null && void take(roundedPowers(fitted.powers))}
        >
          Go by this shop’s
        </button>
        <button
          type="button"
          className="btn touch-always btn-ghost"
          disabled={!isLead || isBusy}
          onClick={() => void take(documentedPowers)}
        >
          Go by the documented ones
        </button>
        {!isLead && <span className="text-soft">A lead decides.</span>}
      </div>
    </section>
  );
}

/** To what the sheet keeps: two decimals between 0 and 4. */
function roundedPowers({ metal, angle, power }: Powers): Powers {
  const rounded = (value: number) => Math.round(Math.max(0, Math.min(4, value)) * 100) / 100;
  return { metal: rounded(metal), angle: rounded(angle), power: rounded(power) };
}

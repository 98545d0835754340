import {
  coreConditions,
  coreJoint,
  coreSetting,
  jointMetals,
  type JobWeld,
  type Machine,
  type Setting,
} from '@lone-heron/contract';
import { cautionsFor, gasTable } from '@lone-heron/core';
import { SlidersHorizontal } from 'lucide-react';
import { useState } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { spokenFlow } from '../../shared/figures/spoken.js';
import { CautionNote } from '../../shared/page/CautionNote.js';
import { behindPanel, panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { standingWords } from '../jobWords.js';
import type { PlannedWeld } from '../plan/planJob.js';
import { DialledOtherwise } from './DialledOtherwise.js';

interface BenchNumbersProps {
  weld: JobWeld;
  /** Null while it is worked out, and where it cannot be. */
  planned: PlannedWeld | null;
  machine: Machine | undefined;
  /** What somebody dialled instead; null for what is planned. */
  dialled: Setting | null;
  refusal: string | null;
  onDial: (setting: Setting | null) => void;
}

/** What to dial, large, in the order of this panel; gas, and what it rests on where no signed card does. */
export function BenchNumbers({ weld, planned, machine, dialled, refusal, onDial }: BenchNumbersProps) {
  const { units } = houseContent(useHouseQuery(undefined).data);
  const [isOpen, setOpen] = useState(false);
  if (refusal !== null)
    return (
      <p role="alert" className="fault">
        {refusal}
      </p>
    );
  if (planned === null || machine === undefined) return <p className="text-soft">Working its numbers out.</p>;
  const setting = dialled ?? planned.content.setting;
  const cautions = cautionsFor(jointMetals(weld.joint), coreJoint(weld.joint), coreConditions(weld.joint));
  return (
    <section className="flex flex-col gap-2" aria-label="Dial these">
      {planned.standing !== 'proven' && (
        <p className="caution px-3 py-0.5 font-semibold">{standingWords[planned.standing].short}</p>
      )}
      <dl>
        {panelRows(machine.profile, coreSetting(setting), units).map((row) => (
          <div
            key={row.knob}
            className="flex items-baseline justify-between gap-4 border-t border-base-300 py-0.5"
          >
            <dt className="text-xl">
              {row.name} <span className="text-sm text-soft">{behindPanel(row)}</span>
            </dt>
            <dd className="text-right">
              <span className="figure text-3xl font-semibold">{panelFigure(row, row.value)}</span>{' '}
              <span className="text-xl">{row.scale.unit}</span>
            </dd>
          </div>
        ))}
        <div className="flex items-baseline justify-between gap-4 border-y border-base-300 py-1">
          <dt className="text-xl">{gasTable[setting.gas].short}</dt>
          <dd className="figure text-2xl font-semibold">{spokenFlow(setting.gasFlowLMin)}</dd>
        </div>
      </dl>
      {dialled !== null && <p className="caution px-3 py-1">Dialled otherwise than planned.</p>}
      {planned.content.notes !== '' && <p>{planned.content.notes}</p>}
      <CautionNote cautions={cautions} />
      <button type="button" className="btn touch-always self-start btn-ghost" onClick={() => setOpen(true)}>
        <SlidersHorizontal className="size-5" aria-hidden="true" /> I dialled something else
      </button>
      {isOpen && (
        <DialledOtherwise
          planned={planned.content.setting}
          machine={machine}
          onClose={() => setOpen(false)}
          onDial={(next) => {
            onDial(next);
            setOpen(false);
          }}
        />
      )}
    </section>
  );
}

import type { Machine } from '@lone-heron/contract';
import { wobbleNames } from '@lone-heron/core';
import { Archive, Cable, FileDown, Pencil, ShieldAlert } from 'lucide-react';
import { Link } from 'react-router';
import { figure } from '../../shared/figures/figures.js';
import { useRetire } from './useRetire.js';
import { machineFormOf } from './machineForm.js';
import { saveMachineFile } from './machineFile.js';
import { shopUnits } from '../../shared/figures/shopUnits.js';
import { spokenFigure, spokenLength } from '../../shared/figures/spoken.js';
import { spokenPressure, spokenTemperature } from '../../shared/figures/spokenStates.js';

/** One machine at a glance. */
export function MachineCard({ machine }: { machine: Machine }) {
  const { id, name, revision, profile } = machine;
  const retire = useRetire();
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={name}>
      <header>
        <h3 className="text-xl font-semibold">{name}</h3>
        <p className="text-sm text-soft">revision {revision}</p>
      </header>
      <p className="text-3xl font-semibold">
        <span className="figure">{profile.configuredPowerW}</span>{' '}
        <span className="text-lg font-normal">W</span>
        {profile.configuredPowerW < profile.ratedPowerW && (
          <span className="text-base font-normal text-soft"> of {profile.ratedPowerW} W rated</span>
        )}
      </p>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {factsOf(machine).map(([what, value]) => (
          <div key={what} className="contents">
            <dt className="text-soft">{what}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-auto flex flex-wrap gap-3">
        <Link
          className="btn touch-always btn-primary"
          to={`/shop/machines/${id}`}
          aria-label={`Change ${name}`}
        >
          <Pencil className="size-5" aria-hidden="true" /> Change
        </Link>
        <Link
          className="btn touch-always"
          to={`/shop/machines/${id}/safety`}
          aria-label={`Safety sheet of ${name}`}
        >
          <ShieldAlert className="size-5" aria-hidden="true" /> Safety sheet
        </Link>
        <Link
          className="btn touch-always"
          to={`/shop/machines/${id}/link`}
          aria-label={`Connection of ${name}`}
        >
          <Cable className="size-5" aria-hidden="true" /> Connection
        </Link>
        <button
          type="button"
          className="btn touch-always"
          aria-label={`Write ${name} to a file`}
          onClick={() => saveMachineFile(machine)}
        >
          <FileDown className="size-5" aria-hidden="true" /> To a file
        </button>
        {retire !== null && (
          <button
            type="button"
            className="btn touch-always btn-ghost"
            aria-label={`Take ${name} out of use`}
            onClick={() => void retire(machine, true)}
          >
            <Archive className="size-5" aria-hidden="true" /> Out of use
          </button>
        )}
      </div>
    </section>
  );
}

/** What pulses a lamp-pulsed machine. */
function lampFacts(lamp: Machine['profile']['lamp']): readonly (readonly [what: string, value: string])[] {
  if (lamp === null) return [];
  const pulses = `to ${figure(lamp.pulseWidthMs.most, 1)} ms, ${figure(lamp.pulseRateHz.most, 1)} Hz, ${figure(lamp.peakPowerW, 0)} W in a pulse`;
  return [['Lamp', `${pulses}${lamp.needsSending ? '; a setting counts once it is sent' : ''}`]];
}

/** What it has for cleaning and cutting. */
function modeFacts({
  cleaning,
  cutting,
}: Machine['profile']): readonly (readonly [what: string, value: string])[] {
  return [
    ...(cleaning === null ? [] : [['Cleans', `sweeps to ${spokenLength(cleaning.widthMm.most)}`] as const]),
    ...(cutting === null
      ? []
      : [
          [
            'Cuts',
            `bores ${cutting.boresMm.map(spokenLength).join(', ')}; to ${spokenPressure(cutting.mostBar)}`,
          ] as const,
        ]),
  ];
}

function factsOf({ name, profile }: Machine): readonly (readonly [what: string, value: string])[] {
  const { powerUnit, spotMm, wobbleShapes, wobbleWidthMm, wobbleRateHz, wireSpeedMmS, coolant } = profile;
  return [
    ['Panel shows', powerUnit === '%' ? 'per cent of that' : 'watts'],
    ...lampFacts(profile.lamp),
    ...modeFacts(profile),
    ['Spot', spokenFigure(spotMm, 'mm', shopUnits().length === 'mm' ? 3 : 4)],
    [
      'Wobble',
      wobbleShapes.length === 0
        ? 'none'
        : `${wobbleShapes.map((shape) => wobbleNames[shape]).join(', ')}; to ${figure(wobbleWidthMm.most, 1)} mm, ${figure(wobbleRateHz.most, 0)} Hz`,
    ],
    [
      'Wire',
      wireSpeedMmS === null
        ? 'no feeder'
        : `to ${machineFormOf(name, profile).wireSpeedMmS.most} ${profile.wireSpeedUnit}`,
    ],
    [
      'Coolant',
      coolant.length === 0
        ? 'not known'
        : coolant.map((circuit) => `${circuit.name} ${spokenTemperature(circuit.setPointC)}`).join(', '),
    ],
  ];
}

import { faceKinds, panelKnobs, type FaceKind, type PanelKnob } from '@lone-heron/contract';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { CheckField, NumberField, SelectField, TextField } from '../FormFields.js';
import type { MachineForm } from './machineForm.js';
import { AddButton, KnownPart, Part, Reach, RemoveButton, Row } from './MachinePart.js';
import { PulseHint } from './PulseHint.js';

const knobNames = {
  power: 'Power',
  wobbleWidth: 'Wobble width',
  wobbleRate: 'Wobble rate',
  wireSpeed: 'Wire',
} as const;

/** Duty, modulation and pulses, where the panel has them. */
export function ModulationPart() {
  const [hasDuty, hasModulation, hasPulses] = useWatch<
    MachineForm,
    ['hasDuty', 'hasModulation', 'hasPulses']
  >({ name: ['hasDuty', 'hasModulation', 'hasPulses'] });
  return (
    <Part
      title="Duty, modulation, pulses"
      help="Only where the panel has them. Full duty is continuous light."
    >
      <CheckField path="hasDuty" label="The panel has a duty knob" />
      {hasDuty && <Reach of="dutyPercent" name="Duty" unit="%" />}
      <CheckField path="hasModulation" label="The panel has a modulation frequency" />
      {hasModulation && <Reach of="modulationHz" name="Modulation" unit="Hz" />}
      <CheckField path="hasPulses" label="The panel pulses: on and off times" />
      {hasPulses && (
        <>
          <Reach of="pulseOnMs" name="On" unit="ms" />
          <Reach of="pulseOffMs" name="Off" unit="ms" />
        </>
      )}
    </Part>
  );
}

/** Which lights stand when it is ready, by mode. */
export function LightsPart() {
  return (
    <Part title="Ready lights" help="Which lights stand when it is ready, by mode. Ready asks for them.">
      <TextField path="readyLights.weld" label="To weld" />
      <TextField path="readyLights.clean" label="To clean" />
      <TextField path="readyLights.cut" label="To cut" />
    </Part>
  );
}

const faceWords = {
  value: 'its value',
  relative: 'notches from a preset',
  signed: 'minus to plus around a middle',
  sweepSpeed: 'sweep speed, mm/s',
} as const;

const faceUnits = { power: 'W', wobbleWidth: 'mm', wobbleRate: 'Hz', wireSpeed: 'mm/s' } as const;

/** How the panel says each knob, where it is not by its value under our name. */
export function FacesPart() {
  const faces = useWatch<MachineForm, 'panelFaces'>({ name: 'panelFaces' });
  return (
    <Part
      title="How the panel says its knobs"
      help="Leave as it is where the panel shows the value itself. Dial then speaks in the panel’s numbers."
    >
      {panelKnobs.map((knob) => (
        <div key={knob} className="flex flex-col gap-3 border-b border-base-300 pb-3">
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField path={`panelFaces.${knob}.name`} label={`${knobNames[knob]} is called`} />
            <SelectField
              path={`panelFaces.${knob}.shows`}
              label={`${knobNames[knob]} shows`}
              choices={knob === 'wobbleRate' ? faceKinds : faceKinds.filter((kind) => kind !== 'sweepSpeed')}
              words={faceWords}
            />
          </div>
          <FaceNotches knob={knob} shows={faces[knob].shows} />
        </div>
      ))}
    </Part>
  );
}

function FaceNotches({ knob, shows }: { knob: PanelKnob; shows: FaceKind }) {
  if (shows !== 'relative' && shows !== 'signed') return null;
  const unit = faceUnits[knob];
  const isSigned = shows === 'signed';
  return (
    <Row>
      <NumberField
        path={`panelFaces.${knob}.preset`}
        label={isSigned ? 'Nought stands for' : 'The preset is'}
        unit={unit}
      />
      <NumberField
        path={`panelFaces.${knob}.perNotch`}
        label={isSigned ? 'A notch above adds' : 'A notch adds'}
        unit={unit}
      />
      {isSigned && (
        <NumberField path={`panelFaces.${knob}.perNotchBelow`} label="A notch below takes" unit={unit} />
      )}
    </Row>
  );
}

/** The knobs of a lamp-pulsed machine. */
export function LampPart() {
  return (
    <KnownPart
      title="Lamp-pulsed machine"
      help="Older machines: current, pulse width and rate; spots that overlap make the seam."
      path="isLamp"
      label="This one is pulsed by a lamp"
    >
      <Reach of="lamp.currentA" name="Current" unit="A" />
      <Reach of="lamp.pulseWidthMs" name="Width" unit="ms" />
      <Reach of="lamp.pulseRateHz" name="Pulses" unit="Hz" />
      <NumberField path="lamp.peakPowerW" label="Pulse power at the largest current" unit="W" />
      <CheckField
        path="lamp.needsSending"
        label="A setting does nothing until it is sent to the controller"
      />
      <TextField path="lamp.spotsMm" label="Spots it can be set to, mm, with ; between" />
      <LampPoints />
      <PulseHint />
    </KnownPart>
  );
}

/** The machine's own table: what a pulse carries. Dial says no depth without one. */
function LampPoints() {
  const { fields, append, remove } = useFieldArray<MachineForm, 'lamp.points'>({ name: 'lamp.points' });
  return (
    <div className="flex flex-col gap-3">
      <p className="text-sm text-soft">
        Energy of a pulse, measured or from its manual: one is enough for Dial to begin, three at different
        currents are better.
      </p>
      {fields.map((field, index) => (
        <div key={field.id} className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2">
          <NumberField path={`lamp.points.${index}.currentA`} label="Current" unit="A" />
          <NumberField path={`lamp.points.${index}.pulseMs`} label="Width" unit="ms" />
          <NumberField path={`lamp.points.${index}.energyJ`} label="Energy" unit="J" />
          <RemoveButton name={`energy ${index + 1}`} onRemove={() => remove(index)} />
        </div>
      ))}
      <AddButton name="Add an energy" onAdd={() => append({ currentA: '', pulseMs: '', energyJ: '' })} />
    </div>
  );
}

/** The order of the knobs, and the program slots. */
export function PanelPart() {
  return (
    <Part title="Panel" help="The order in which the panel shows its knobs, top to bottom. Dial follows it.">
      <PanelOrder />
      <NumberField path="programSlots" label="Program slots" unit="" />
    </Part>
  );
}

function PanelOrder() {
  const { setValue } = useFormContext<MachineForm>();
  const [whole, hasFeeder] = useWatch<MachineForm, ['panel', 'hasFeeder']>({ name: ['panel', 'hasFeeder'] });
  const panel = hasFeeder ? whole : whole.filter((knob) => knob !== 'wireSpeed');
  const move = (from: number, to: number) => {
    const next = [...panel];
    const [knob] = next.splice(from, 1);
    if (knob !== undefined) next.splice(to, 0, knob);
    setValue('panel', hasFeeder ? next : [...next, 'wireSpeed'], { shouldDirty: true });
  };
  return (
    <ol className="flex flex-col">
      {panel.map((knob, index) => (
        <li key={knob} className="flex items-center gap-2 border-b border-base-300 py-1">
          <span className="mr-auto font-medium">
            {index + 1}. {knobNames[knob]}
          </span>
          <button
            type="button"
            className="btn touch-always btn-square btn-ghost"
            aria-label={`${knobNames[knob]} further up`}
            disabled={index === 0}
            onClick={() => move(index, index - 1)}
          >
            <ArrowUp className="size-5" aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn touch-always btn-square btn-ghost"
            aria-label={`${knobNames[knob]} further down`}
            disabled={index === panel.length - 1}
            onClick={() => move(index, index + 1)}
          >
            <ArrowDown className="size-5" aria-hidden="true" />
          </button>
        </li>
      ))}
    </ol>
  );
}

import { faceKinds, panelKnobs, wireSpeedUnits, type FaceKind, type PanelKnob } from '@lone-heron/contract';
import { wobbleNames, wobbleShapes } from '@lone-heron/core';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { CheckField, NumberField, SelectField, TextField } from './FormFields.js';
import { emptyCoolant, type MachineForm } from './machineForm.js';
import { MainsHint } from './MainsHint.js';
import { PulseHint } from './PulseHint.js';
import { SpotHint } from './SpotHint.js';

const knobNames = {
  power: 'Power',
  wobbleWidth: 'Wobble width',
  wobbleRate: 'Wobble rate',
  wireSpeed: 'Wire',
} as const;

/** Everything of a machine that its panel, its plate and its manual say, part by part. */
export function MachineFields() {
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      <PowerPart />
      <ModulationPart />
      <WobblePart />
      <FeederPart />
      <OpticsPart />
      <CoolantPart />
      <MainsPart />
      <PointerPart />
      <LightsPart />
      <PanelPart />
      <FacesPart />
      <LampPart />
    </div>
  );
}

function Part({ title, help, children }: { title: string; help: string; children: ReactNode }) {
  return (
    <fieldset className="sheet flex flex-col gap-3 p-4">
      <legend className="sr-only">{title}</legend>
      <div aria-hidden="true">
        <p className="text-lg font-semibold">{title}</p>
        <p className="text-sm text-soft">{help}</p>
      </div>
      {children}
    </fieldset>
  );
}

interface KnownPartProps {
  title: string;
  help: string;
  path: 'hasFeeder' | 'hasMains' | 'hasPointer' | 'isLamp';
  label: string;
  children: ReactNode;
}

/** A part that may not be fitted, or not be known: its fields are there once it is. */
function KnownPart({ title, help, path, label, children }: KnownPartProps) {
  const isKnown = useWatch<MachineForm, typeof path>({ name: path });
  return (
    <Part title={title} help={help}>
      <CheckField path={path} label={label} />
      {isKnown && children}
    </Part>
  );
}

function Row({ children }: { children: ReactNode }) {
  return <div className="grid grid-cols-1 gap-3 sm:grid-cols-3">{children}</div>;
}

function Reach({ of, name, unit }: { of: ReachName; name: string; unit: string }) {
  return (
    <Row>
      <NumberField path={`${of}.least`} label={`${name}, least`} unit={unit} />
      <NumberField path={`${of}.most`} label={`${name}, most`} unit={unit} />
      <NumberField path={`${of}.step`} label={`${name}, step`} unit={unit} />
    </Row>
  );
}
type ReachName =
  | 'powerW'
  | 'wobbleWidthMm'
  | 'wobbleRateHz'
  | 'wireSpeedMmS'
  | 'dutyPercent'
  | 'modulationHz'
  | 'pulseOnMs'
  | 'pulseOffMs'
  | 'lamp.currentA'
  | 'lamp.pulseWidthMs'
  | 'lamp.pulseRateHz';

function PowerPart() {
  return (
    <Part
      title="Power"
      help="A percentage on the panel is of the configured power, which may be below the rating."
    >
      <Row>
        <NumberField path="ratedPowerW" label="Rated power" unit="W" />
        <NumberField path="configuredPowerW" label="Configured power" unit="W" />
        <SelectField path="powerUnit" label="The panel shows" choices={['W', '%']} />
      </Row>
      <Reach of="powerW" name="Power" unit="W" />
    </Part>
  );
}

function ModulationPart() {
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

function LightsPart() {
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
function FacesPart() {
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

function LampPart() {
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
      <PulseHint />
    </KnownPart>
  );
}

function WobblePart() {
  const { register } = useFormContext<MachineForm>();
  return (
    <Part title="Wobble" help="Width peak to peak across the seam, full cycles a second.">
      <div className="flex flex-wrap gap-x-5 gap-y-1" role="group" aria-label="Shapes">
        {wobbleShapes.map((shape) => (
          <label key={shape} className="touch-always flex items-center gap-2">
            <input type="checkbox" className="checkbox" value={shape} {...register('wobbleShapes')} />
            {wobbleNames[shape]}
          </label>
        ))}
      </div>
      <FieldFault path="wobbleShapes" />
      <Reach of="wobbleWidthMm" name="Width" unit="mm" />
      <Reach of="wobbleRateHz" name="Rate" unit="Hz" />
    </Part>
  );
}

function FieldFault({ path }: { path: 'wobbleShapes' | 'panel' }) {
  const { formState } = useFormContext<MachineForm>();
  const message = formState.errors[path]?.message;
  return message === undefined ? null : (
    <p role="alert" className="fault text-sm">
      {message}
    </p>
  );
}

function FeederPart() {
  const unit = useWatch<MachineForm, 'wireSpeedUnit'>({ name: 'wireSpeedUnit' });
  return (
    <KnownPart
      title="Wire feeder"
      help="Its menu’s values beside its maker’s: a changed one looks like a laser problem."
      path="hasFeeder"
      label="A feeder is fitted"
    >
      <SelectField path="wireSpeedUnit" label="The feeder shows" choices={wireSpeedUnits} />
      <Reach of="wireSpeedMmS" name="Wire" unit={unit} />
      <FeederMenu />
    </KnownPart>
  );
}

function FeederMenu() {
  const { fields, append, remove } = useFieldArray<MachineForm, 'feederMenu'>({ name: 'feederMenu' });
  return (
    <div className="flex flex-col gap-3">
      {fields.map((field, index) => (
        <div key={field.id} className="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2">
          <TextField path={`feederMenu.${index}.name`} label="Entry" />
          <TextField path={`feederMenu.${index}.value`} label="Set to" />
          <TextField path={`feederMenu.${index}.makerDefault`} label="Maker’s" />
          <RemoveButton name={`entry ${index + 1}`} onRemove={() => remove(index)} />
        </div>
      ))}
      <AddButton name="Add a menu entry" onAdd={() => append({ name: '', value: '', makerDefault: '' })} />
    </div>
  );
}

function OpticsPart() {
  const isKnown = useWatch<MachineForm, 'hasOptics'>({ name: 'hasOptics' });
  return (
    <Part
      title="Optics"
      help="From the data sheet. The spot follows from fibre and lenses; the divergence is for eyes."
    >
      <NumberField path="spotMm" label="Spot at focus" unit="mm" />
      <CheckField path="hasOptics" label="Fibre and lenses are known" />
      {isKnown && (
        <>
          <Row>
            <NumberField path="optics.fibreCoreMm" label="Fibre core" unit="mm" />
            <NumberField path="optics.collimatorMm" label="Collimator" unit="mm" />
            <NumberField path="optics.focusLensMm" label="Focus lens" unit="mm" />
            <NumberField path="optics.beamQuality" label="Beam quality M2" unit="" />
            <NumberField path="optics.divergenceMrad" label="Divergence, full" unit="mrad" />
          </Row>
          <SpotHint />
        </>
      )}
    </Part>
  );
}

function CoolantPart() {
  const { fields, append, remove } = useFieldArray<MachineForm, 'coolant'>({ name: 'coolant' });
  return (
    <Part
      title="Coolant"
      help="One circuit or two. Below the lower limit no light, above the upper an alarm."
    >
      {fields.map((field, index) => (
        <div key={field.id} className="flex flex-col gap-3 border-b border-base-300 pb-3">
          <div className="grid grid-cols-[1fr_auto] items-end gap-2">
            <TextField path={`coolant.${index}.name`} label="Circuit" />
            <RemoveButton name={`circuit ${index + 1}`} onRemove={() => remove(index)} />
          </div>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            <NumberField path={`coolant.${index}.setPointC`} label="Set point" unit="°C" />
            <NumberField path={`coolant.${index}.lowerC`} label="Lower limit" unit="°C" />
            <NumberField path={`coolant.${index}.upperC`} label="Upper limit" unit="°C" />
            <NumberField path={`coolant.${index}.changeMonths`} label="Water change" unit="months" />
            <NumberField path={`coolant.${index}.litres`} label="Water, if known" unit="L" />
            <NumberField path={`coolant.${index}.heatingW`} label="Heater, if known" unit="W" />
          </div>
        </div>
      ))}
      {fields.length < 2 && <AddButton name="Add a circuit" onAdd={() => append({ ...emptyCoolant })} />}
    </Part>
  );
}

function MainsPart() {
  return (
    <KnownPart
      title="Mains"
      help="For a draw to ask a licensed electrician about, not to wire by."
      path="hasMains"
      label="The supply is known"
    >
      <Row>
        <NumberField path="mains.volts" label="Voltage" unit="V" />
        <SelectField path="mains.phases" label="Phases" choices={['1', '3']} />
        <NumberField path="mains.otherW" label="Chiller and others" unit="W" />
        <NumberField path="mains.wallPlugPercent" label="Light over draw" unit="%" />
        <NumberField path="mains.powerFactor" label="Power factor" unit="" />
      </Row>
      <MainsHint />
    </KnownPart>
  );
}

function PointerPart() {
  return (
    <KnownPart
      title="Pointer"
      help="The dot is centred by an offset on the controller; each machine has its own way round."
      path="hasPointer"
      label="The offset is known"
    >
      <NumberField path="pointer.stepMm" label="One step moves the dot by" unit="mm" />
      <CheckField path="pointer.isXReversed" label="A larger X moves it left" />
      <CheckField path="pointer.isYReversed" label="A larger Y moves it down" />
    </KnownPart>
  );
}

function PanelPart() {
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

function AddButton({ name, onAdd }: { name: string; onAdd: () => void }) {
  return (
    <button type="button" className="btn touch-always self-start" onClick={onAdd}>
      <Plus className="size-5" aria-hidden="true" /> {name}
    </button>
  );
}

function RemoveButton({ name, onRemove }: { name: string; onRemove: () => void }) {
  return (
    <button
      type="button"
      className="btn touch-always btn-square btn-ghost"
      aria-label={`Remove ${name}`}
      onClick={onRemove}
    >
      <Trash2 className="size-5" aria-hidden="true" />
    </button>
  );
}

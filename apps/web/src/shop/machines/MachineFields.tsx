import { wireSpeedUnits } from '@lone-heron/contract';
import { wobbleNames, wobbleShapes } from '@lone-heron/core';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { CheckField, NumberField, SelectField, TextField } from '../FormFields.js';
import { emptyCoolant, inOtherUnit, type MachineForm, type WireUnit } from './machineForm.js';
import { CleaningPart, CuttingPart } from './ModeParts.js';
import { MainsHint } from './MainsHint.js';
import { AddButton, FieldFault, Fold, KnownPart, Part, Reach, RemoveButton, Row } from './MachinePart.js';
import { FacesPart, LampPart, LightsPart, ModulationPart, PanelPart } from './PanelParts.js';
import { SpotHint } from './SpotHint.js';

/** What every answer goes by first, then everything else that panel, plate and manual say, under what it is for. */
export function MachineFields() {
  return (
    <div className="flex flex-col gap-4">
      <FirstThings />
      <Fold
        title="Limits and steps of the knobs"
        what="so that Dial says nothing that the panel cannot show"
        paths={['powerW', 'wobbleWidthMm', 'wobbleRateHz', 'wireSpeedMmS', 'feederMenu']}
      >
        <KnobsPart />
        <FeederPart />
      </Fold>
      <Fold
        title="Duty, modulation, pulses, lamp"
        what="where the panel has them"
        paths={['dutyPercent', 'modulationHz', 'pulseOnMs', 'pulseOffMs', 'lamp']}
      >
        <ModulationPart />
        <LampPart />
      </Fold>
      <Fold
        title="Cleaning and cutting"
        what="where the gun is switched to them"
        paths={['cleaning', 'cutting']}
      >
        <CleaningPart />
        <CuttingPart />
      </Fold>
      <Fold
        title="Fibre and lenses"
        what="for the spot, what the window bears, and how far eyes must be"
        paths={['optics']}
      >
        <OpticsPart />
      </Fold>
      <Fold
        title="Coolant and mains"
        what="for the start of the day, and what to ask an electrician"
        paths={['coolant', 'mains']}
      >
        <CoolantPart />
        <MainsPart />
      </Fold>
      <Fold
        title="Pointer and ready lights"
        what="for the test on scrap and the start of the day"
        paths={['pointer', 'readyLights']}
      >
        <PointerPart />
        <LightsPart />
      </Fold>
      <Fold
        title="The panel: its order, its names, its program slots"
        what="so that Dial, cards and slots look like it"
        paths={['panel', 'panelFaces', 'programSlots']}
      >
        <PanelPart />
        <FacesPart />
      </Fold>
    </div>
  );
}

/** Ten things, the name above among them: with these Dial works. */
function FirstThings() {
  const { register } = useFormContext<MachineForm>();
  return (
    <Part
      title="What every answer goes by"
      help="The rest can wait: it starts as such machines commonly are."
    >
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-3">
        <NumberField path="ratedPowerW" label="Rated power" unit="W" />
        <NumberField path="configuredPowerW" label="Configured power" unit="W" />
        <SelectField path="powerUnit" label="The panel shows" choices={['W', '%']} />
        <NumberField path="spotMm" label="Spot at focus" unit="mm" />
        <NumberField path="wobbleWidthMm.most" label="Widest wobble" unit="mm" />
        <NumberField path="wobbleRateHz.most" label="Fastest wobble" unit="Hz" />
      </div>
      <div
        className="flex flex-wrap items-center gap-x-5 gap-y-1"
        role="group"
        aria-label="Shapes of the wobble"
      >
        <span className="text-sm font-medium" aria-hidden="true">
          Wobble shapes
        </span>
        {wobbleShapes.map((shape) => (
          <label key={shape} className="touch-always flex items-center gap-2">
            <input type="checkbox" className="checkbox" value={shape} {...register('wobbleShapes')} />
            {wobbleNames[shape]}
          </label>
        ))}
      </div>
      <FieldFault path="wobbleShapes" />
      <FeederFirst />
      <p className="text-sm text-soft">
        A percentage on the panel is of the configured power, which may be below the rating. Widths are peak
        to peak across the seam, rates full cycles a second.
      </p>
    </Part>
  );
}

function FeederFirst() {
  const isFitted = useWatch<MachineForm, 'hasFeeder'>({ name: 'hasFeeder' });
  const unit = useWatch<MachineForm, 'wireSpeedUnit'>({ name: 'wireSpeedUnit' });
  const { getValues, setValue } = useFormContext<MachineForm>();
  // The speeds stay; what is typed of them is said in the unit that was picked.
  const sayIn = (next: WireUnit) => {
    const reach = inOtherUnit(getValues('wireSpeedMmS'), unit, next);
    setValue('wireSpeedMmS', reach, { shouldDirty: true, shouldValidate: true });
  };
  return (
    <div className="grid grid-cols-1 items-end gap-3 sm:grid-cols-3">
      <CheckField path="hasFeeder" label="A feeder is fitted" />
      {isFitted && (
        <SelectField
          path="wireSpeedUnit"
          label="The feeder shows"
          choices={wireSpeedUnits}
          onPick={(next) => sayIn(next as WireUnit)}
        />
      )}
    </div>
  );
}

function KnobsPart() {
  return (
    <Part title="Power and wobble" help="What the knobs go down to and up to, and how far one step goes.">
      <Reach of="powerW" name="Power" unit="W" />
      <div className="grid grid-cols-2 gap-3">
        <NumberField path="wobbleWidthMm.least" label="Width, least" unit="mm" />
        <NumberField path="wobbleWidthMm.step" label="Width, step" unit="mm" />
        <NumberField path="wobbleRateHz.least" label="Rate, least" unit="Hz" />
        <NumberField path="wobbleRateHz.step" label="Rate, step" unit="Hz" />
      </div>
    </Part>
  );
}

function FeederPart() {
  const isFitted = useWatch<MachineForm, 'hasFeeder'>({ name: 'hasFeeder' });
  const unit = useWatch<MachineForm, 'wireSpeedUnit'>({ name: 'wireSpeedUnit' });
  if (!isFitted) return null;
  return (
    <Part
      title="Wire feeder"
      help="Its menu’s values beside its maker’s: a changed one looks like a laser problem."
    >
      <Reach of="wireSpeedMmS" name="Wire" unit={unit} />
      <FeederMenu />
    </Part>
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

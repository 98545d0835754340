import { wireSpeedUnits } from '@lone-heron/contract';
import { wobbleNames, wobbleShapes } from '@lone-heron/core';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { CheckField, NumberField, SelectField, TextField } from '../FormFields.js';
import { emptyCoolant, inOtherUnit, type MachineForm, type WireUnit } from './machineForm.js';
import { MainsHint } from './MainsHint.js';
import { AddButton, FieldFault, KnownPart, Part, Reach, RemoveButton, Row } from './MachinePart.js';
import { FacesPart, LampPart, LightsPart, ModulationPart, PanelPart } from './PanelParts.js';
import { SpotHint } from './SpotHint.js';

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

function FeederPart() {
  const unit = useWatch<MachineForm, 'wireSpeedUnit'>({ name: 'wireSpeedUnit' });
  const { getValues, setValue } = useFormContext<MachineForm>();
  // The speeds stay; what is typed of them is said in the unit that was picked.
  const sayIn = (next: WireUnit) => {
    const reach = inOtherUnit(getValues('wireSpeedMmS'), unit, next);
    setValue('wireSpeedMmS', reach, { shouldDirty: true, shouldValidate: true });
  };
  return (
    <KnownPart
      title="Wire feeder"
      help="Its menu’s values beside its maker’s: a changed one looks like a laser problem."
      path="hasFeeder"
      label="A feeder is fitted"
    >
      <SelectField
        path="wireSpeedUnit"
        label="The feeder shows"
        choices={wireSpeedUnits}
        onPick={(next) => sayIn(next as WireUnit)}
      />
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

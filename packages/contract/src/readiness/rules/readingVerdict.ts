import {
  barGauge,
  bottleReading,
  celsius,
  coolantReading,
  dewPoint,
  flowReading,
  fraction,
  litre,
  mm,
  normalLitrePerMinute,
  roomReading,
  saidTemperature,
  watt,
  type CoolantContext,
  type NozzleFlowInput,
  type SaidUnits,
  type ReadingVerdict,
} from '@lone-heron/core';
import type { MachineProfile } from '../../machines/machine.js';
import type { DayEntry, Step, StepReading } from '../readiness.js';
import { bottleChangedAtBar } from '../../supply/bottle.js';
import type { FeedingBottle } from '../../supply/rules/feedOf.js';

/** What a reading is judged by: the machine, what was read before it today, and the bottle that feeds it. */
export interface ReadingContext {
  readonly profile: MachineProfile;
  readonly entries: readonly DayEntry[];
  /** Null where no bottle is recorded on the machine. */
  readonly bottle: FeedingBottle | null;
  /** The units that it is said in. */
  readonly saidIn: SaidUnits;
}

/** Flow that hours of gas are said for where none was read yet, L/min. */
const usualFlow = 15;
/** A drilled nozzle, between a sharp edge and a rounded one. */
const discharge = fraction(0.8);
const shopC = 20;

/** What the values that were read at a step mean. A plain check is met by being done. */
export function readingVerdict(reading: StepReading, step: Step, context: ReadingContext): ReadingVerdict {
  switch (reading.reads) {
    case 'none':
      return { isMet: true, words: '' };
    case 'coolant':
      return coolantVerdict(reading.coolantC, step, context);
    case 'room':
      return roomReading(
        celsius(reading.roomC),
        reading.humidityPercent,
        coldestSetPoint(context.profile),
        context.saidIn,
      );
    case 'bottle':
      return bottleVerdict(reading.bottleBar, context);
    case 'flow':
      return flowReading(normalLitrePerMinute(reading.flowLMin), nozzleOf(reading, context), context.saidIn);
  }
}

function nozzleOf(
  { boreMm, torchBar }: Extract<StepReading, { reads: 'flow' }>,
  { bottle }: ReadingContext,
): NozzleFlowInput {
  return {
    gas: bottle?.gas ?? 'argon',
    bore: mm(boreMm),
    pressure: barGauge(torchBar),
    dischargeCoefficient: discharge,
    gasTemperature: celsius(shopC),
  };
}

function coolantVerdict(coolantC: number, { circuit }: Step, context: ReadingContext): ReadingVerdict {
  const found = context.profile.coolant[circuit - 1];
  if (found === undefined) {
    return {
      isMet: true,
      words: `${saidTemperature(celsius(coolantC), context.saidIn)}. The machine’s circuit ${circuit} is not described under Shop.`,
    };
  }
  const { setPointC, lowerC, upperC, litres, heatingW } = found;
  const judgedBy: CoolantContext = {
    circuit: { setPoint: celsius(setPointC), lowerLimit: celsius(lowerC), upperLimit: celsius(upperC) },
    dew: dewToday(context.entries),
    warmUp: litres === null || heatingW === null ? null : { coolantMass: litres, heating: watt(heatingW) },
  };
  return coolantReading(celsius(coolantC), judgedBy, context.saidIn);
}

function bottleVerdict(bottleBar: number, { bottle, entries, saidIn }: ReadingContext): ReadingVerdict {
  const flow = normalLitrePerMinute(newest(entries, 'flow')?.flowLMin ?? usualFlow);
  const pressure = barGauge(bottleBar);
  if (bottle === null) return bottleReading(null, pressure, flow, saidIn);
  const judged = { waterVolume: litre(bottle.litres), pressure, changedAt: barGauge(bottleChangedAtBar) };
  return bottleReading(judged, pressure, flow, saidIn);
}

/** The room's dew point as it was last read today. */
function dewToday(entries: readonly DayEntry[]): CoolantContext['dew'] {
  const room = newest(entries, 'room');
  return room === undefined ? null : dewPoint(celsius(room.roomC), room.humidityPercent);
}

function coldestSetPoint(profile: MachineProfile): ReturnType<typeof celsius> | null {
  const points = profile.coolant.map(({ setPointC }) => setPointC);
  return points.length === 0 ? null : celsius(Math.min(...points));
}

function newest<Kind extends StepReading['reads']>(
  entries: readonly DayEntry[],
  kind: Kind,
): Extract<StepReading, { reads: Kind }> | undefined {
  const found = entries.findLast(({ outcome, reading }) => outcome === 'done' && reading.reads === kind);
  return found?.reading as Extract<StepReading, { reads: Kind }> | undefined;
}

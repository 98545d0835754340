import {
  coolingTime,
  distanceFromFusion,
  distortion,
  tintBands,
  type Distortion,
  type LaidHeat,
  type SeamTint,
} from '../heat/index.js';
import { farFace, jointThermal } from '../joint/index.js';
import type { BeadBalance } from '../melt/index.js';
import { meltRise, zincBoiledOff, zincBoilingPoint } from '../metal/index.js';
import { celsius, joulePerMetre, metre, type JoulePerMetre, type Second } from '../quantity/index.js';
import { dressingLeft, paceAgainstWire, type Dressing, type PaceAgainstWire } from '../wire/index.js';
import { beadBalanceOf } from './beadBalanceOf.js';
import type { WeldForecast } from './forecastWeld.js';
import { wireTravel } from './meltInputOf.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What a setting does to the part beside joining it. */
export interface WeldConsequences {
  readonly grossHeat: JoulePerMetre;
  readonly absorbedHeat: JoulePerMetre;
  /** Null for metals that show no colour bands. */
  readonly tint: SeamTint | null;
  /** From 800 to 500 °C on the seam's line; null for metals that melt below or that it says nothing of. */
  readonly coolingTime: Second | null;
  readonly distortion: Distortion;
  readonly bead: BeadBalance;
  readonly dressing: Dressing;
  /** Against the wire that is fed; null without wire. */
  readonly pace: PaceAgainstWire | null;
  /** kg of zinc per metre of seam; 0 for bare metal. */
  readonly zincFume: number;
}

const judgedFrom = celsius(800);
const judgedTo = celsius(500);

/**
 * Heat, colour, cooling, pull, bead, dressing and zinc of a setting. From the same depth as the forecast, in air, on
 * free sheet: planning figures with the spreads their own functions state.
 *
 * @param zincCoat g/m2 on each side; 0 for bare sheet
 * @example
 * (weldConsequences(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting)).tint.back.straw * 1000).toFixed(1) // => '11.6'
 */
export function weldConsequences(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  zincCoat = 0,
): WeldConsequences {
  const { metal } = job;
  const thermal = jointThermal(forecast.pass.joint);
  const bead = beadBalanceOf(setting, forecast);
  const absorbed = forecast.prediction.absorptivity * forecast.heat;
  // The peak-temperature form is for heat that leaves both ways in one thickness.
  const heatedThickness = metre((thermal.heatDirections * thermal.thickness) / 2);
  const heat: LaidHeat = {
    absorbedPerLength: absorbed,
    density: metal.density,
    heatCapacity: metal.heatCapacity,
    thickness: heatedThickness,
    start: forecast.start,
    melting: metal.meltingPoint,
  };
  const depth = forecast.expectedReach * thermal.thickness;
  const { distance } = farFace(forecast.pass.joint);
  return {
    grossHeat: forecast.heat,
    absorbedHeat: joulePerMetre(absorbed),
    tint: tintBands({
      metal,
      heat,
      faceWidth: bead.faceWidth,
      rootWidth: bead.rootWidth,
      leftUnderMelt: distance === null ? Infinity : Math.max(0, distance - depth),
    }),
    coolingTime:
      metal.meltingPoint > judgedFrom
        ? coolingTime({ ...heat, conductivity: metal.conductivity }, judgedFrom, judgedTo)
        : null,
    distortion: distortion({
      absorbedPerLength: absorbed,
      density: metal.density,
      heatCapacity: metal.heatCapacity,
      expansion: metal.expansion,
      meltRise: meltRise(metal, forecast.start),
      heatedThickness,
      thickness: thermal.thickness,
      faceWidth: bead.faceWidth,
      rootWidth: bead.rootWidth,
    }),
    bead,
    dressing: dressingLeft(bead, metal),
    pace: paceOf(job, setting, forecast),
    zincFume: zincBoiledOff(zincCoat, metre(bead.faceWidth + 2 * distanceFromFusion(heat, zincBoilingPoint))),
  };
}

function paceOf(job: WeldJob, { pace, wobble }: WeldSetting, forecast: WeldForecast): PaceAgainstWire | null {
  return pace.by === 'hand' ? null : paceAgainstWire(forecast.travel, wireTravel(job, wobble, pace));
}

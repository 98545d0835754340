import {
  fillerTable,
  forecastWeld,
  fraction,
  inDegrees,
  saidHeat,
  expectedDepth,
  inMm,
  joule,
  metreOfSeam,
  seamCost,
  weldConsequences,
  type WeldConsequences,
  type WeldForecast,
  type WeldSetting,
} from '@lone-heron/core';
import { figure } from '../../shared/figures/figures.js';
import { lengthFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import { allKnobs } from '../allKnobs.js';
import type { HandTurns } from '../dialAddress.js';
import { turned, type DialOutcome } from '../dialOutcome.js';
import { behindPanel, panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { metresPerFoot } from '../../shared/figures/spoken.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';

/** A setting in the comparison. */
export interface ComparedSetting {
  readonly name: string;
  readonly setting: WeldSetting;
  readonly knobs: HandTurns;
  readonly forecast: WeldForecast;
  readonly consequences: WeldConsequences;
}

/** The setting that is dialled, then those that were put aside, on the same joint. */
export function comparedSettings(
  outcome: DialOutcome,
  pins: readonly HandTurns[],
): readonly ComparedSetting[] {
  const { job, setting } = outcome;
  const settings = [setting, ...pins.map((pin) => turned(job, setting, pin))];
  return settings.map((each, i) => {
    const forecast = forecastWeld(job, each);
    return {
      name: i === 0 ? 'Dialled' : `Aside ${i}`,
      setting: each,
      knobs: allKnobs(each),
      forecast,
      consequences: weldConsequences(job, each, forecast),
    };
  });
}

/** One line of the comparison. */
export interface ComparedRow {
  readonly name: string;
  readonly values: readonly string[];
  /** Whether all settings say the same. */
  readonly isSame: boolean;
}

/** Every number side by side: the panel's knobs, then what comes of them. */
export function comparedRows(
  settings: readonly ComparedSetting[],
  outcome: DialOutcome,
): readonly ComparedRow[] {
  const { profile } = outcome.said.machine;
  const { units } = outcome.house;
  const panel = panelRows(profile, outcome.setting, units).map(({ knob, name }) =>
    rowOf(name, settings, ({ setting }) => {
      const row = panelRows(profile, setting, units).find((each) => each.knob === knob);
      if (row === undefined) return '';
      const behind = behindPanel(row);
      return `${panelFigure(row, row.value)} ${row.scale.unit}${behind === undefined ? '' : `, ${behind}`}`;
    }),
  );
  const seam =
    units.length === 'mm'
      ? { name: 'metre', metres: 1, per: 'm' }
      : { name: 'foot', metres: metresPerFoot, per: 'ft' };
  const reach = ({ forecast }: ComparedSetting) => lengthFigure(inMm(expectedDepth(forecast)), units);
  return [
    ...panel,
    rowOf('Depth', settings, reach),
    rowOf('Bead', settings, ({ forecast }) => lengthFigure(inMm(forecast.prediction.width), units)),
    rowOf('Travel', settings, ({ forecast }) => travelFigure(forecast.travel * 1000, units)),
    rowOf('Heat', settings, ({ forecast }) => saidHeat(forecast.heat, units)),
    rowOf('Colour', settings, ({ consequences: { tint } }) =>
      tint === null
        ? 'none'
        : `straw ${lengthFigure(Math.max(inMm(tint.front.straw), inMm(tint.back.straw)), units)}`,
    ),
    rowOf('Warp', settings, ({ consequences: { distortion } }) => {
      const shrinks = lengthFigure(inMm(distortion.transverseShrinkage), units);
      return `${shrinks}, ${figure(inDegrees(distortion.angle), 1)}° (half to double)`;
    }),
    rowOf(`Cost of a ${seam.name}`, settings, (each) =>
      spokenMoney(costOf(each, outcome).perMetre * seam.metres),
    ),
    rowOf(
      'Load on the window',
      settings,
      (each) => `${figure((costOf(each, outcome).windowLoad / 1000) * seam.metres, 0)} kJ/${seam.per}`,
    ),
  ];
}

function rowOf(
  name: string,
  settings: readonly ComparedSetting[],
  say: (setting: ComparedSetting) => string,
): ComparedRow {
  const values = settings.map(say);
  return { name, values, isSame: values.every((value) => value === values[0]) };
}

/** A person spends this many times the light-on time on a seam: a planning figure, the same for all. */
const handsPerLight = 3;
/** Where the machine's sheet does not say. */
const usualWallPlug = fraction(0.3);

function costOf({ setting, forecast }: ComparedSetting, outcome: DialOutcome) {
  const { house, job, gas, filler, said } = outcome;
  const { prices } = house;
  const { overheadPerHour } = house.jobRates;
  const { mains } = said.machine.profile;
  const { use, windowLoad } = metreOfSeam(job, setting, forecast, {
    gas,
    fillerDensity: filler === null ? job.metal.density : fillerTable[filler.filler].density,
    wallPlugEfficiency: mains === null ? usualWallPlug : mains.wallPlugPercent / 100,
    windowBears: joule(prices.windowHours * 3600 * 1000),
    handsPerLight,
  });
  return { perMetre: seamCost(use, { ...prices, overheadPerHour }).perMetre, windowLoad };
}

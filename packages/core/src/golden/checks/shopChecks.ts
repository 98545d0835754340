import { pulsedSeam } from '../../beam/index.js';
import { nozzleFlow, type NozzleGas } from '../../gas/index.js';
import { payback, planChangeovers, seamCost, seamWork } from '../../plan/index.js';
import {
  barGauge,
  celsius,
  degree,
  fraction,
  hertz,
  inCelsius,
  inMm,
  inNormalLitresPerMinute,
  kelvin,
  litre,
  mm,
  mmPerSecond,
  metre,
  radian,
  second,
  watt,
} from '../../quantity/index.js';
import {
  airEnergy,
  diffuseHazardDistance,
  hazardDistance,
  hoopStress,
  opticalDensityNeeded,
  waterEnergy,
} from '../../safety/index.js';
import { dewPoint, mainsDraw } from '../../supply/index.js';
import { wireArea } from '../../wire/index.js';
import { closedForm, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface NozzleCase {
  input: { gas: NozzleGas; boreMm: number; gaugeBar: number; dischargeCoefficient: number; gasK: number };
  normalLitresPerMinute: number;
}

const nozzle = overCases<NozzleCase>(({ input, normalLitresPerMinute }, label) => {
  const flow = nozzleFlow({
    gas: input.gas,
    bore: mm(input.boreMm),
    pressure: barGauge(input.gaugeBar),
    dischargeCoefficient: fraction(input.dischargeCoefficient),
    gasTemperature: kelvin(input.gasK),
  });
  return compare(label, closedForm, [['flow', normalLitresPerMinute, inNormalLitresPerMinute(flow)]]);
});

interface MainsCase {
  input: {
    opticalW: number;
    wallPlugEfficiency: number;
    otherW: number;
    volts: number;
    phases: 1 | 3;
    powerFactor: number;
  };
  inputW: number;
  currentA: number;
  continuous125A: number;
}

const mains = overCases<MainsCase>(({ input, inputW, currentA, continuous125A }, label) => {
  const draw = mainsDraw({
    optical: watt(input.opticalW),
    wallPlugEfficiency: fraction(input.wallPlugEfficiency),
    other: watt(input.otherW),
    volts: input.volts,
    phases: input.phases,
    powerFactor: fraction(input.powerFactor),
  });
  return compare(label, closedForm, [
    ['input', inputW, draw.input],
    ['current', currentA, draw.current],
    ['continuous', continuous125A, draw.continuous],
  ]);
});

interface SeamCostCase {
  input: Record<
    | 'seamM'
    | 'travelMmS'
    | 'starts'
    | 'gasLPerMin'
    | 'preGasS'
    | 'postGasS'
    | 'wireMm'
    | 'wireCmPerMin'
    | 'wireDensity'
    | 'wirePricePerKg'
    | 'gasPricePerM3'
    | 'inputKw'
    | 'pricePerKwh'
    | 'lightShare'
    | 'labourPerHour'
    | 'windowPrice'
    | 'windowLifeH'
    | 'overheadPerHour',
    number
  >;
  lightS: number;
  handsS: number;
  gasLitres: number;
  wireKg: number;
  cost: Record<'labour' | 'overhead' | 'gas' | 'wire' | 'electricity' | 'window', number>;
  total: number;
  perMetre: number;
}

const seam = overCases<SeamCostCase>(({ input, cost, ...found }, label) => {
  const use = seamWork({
    length: metre(input.seamM),
    travel: mmPerSecond(input.travelMmS),
    starts: input.starts,
    gasLitresPerMinute: input.gasLPerMin,
    gasBefore: second(input.preGasS),
    gasAfter: second(input.postGasS),
    wire:
      input.wireMm === 0
        ? null
        : {
            area: wireArea(mm(input.wireMm)),
            speed: input.wireCmPerMin / 6000,
            density: input.wireDensity,
          },
    input: input.inputKw * 1000,
    lightShare: input.lightShare,
    windowLife: second(input.windowLifeH * 3600),
  });
  const made = seamCost(use, {
    labourPerHour: input.labourPerHour,
    overheadPerHour: input.overheadPerHour,
    gasPerCubicMetre: input.gasPricePerM3,
    wirePerKilogram: input.wirePricePerKg,
    mainsPerKilowattHour: input.pricePerKwh,
    window: input.windowPrice,
  });
  return compare(label, closedForm, [
    ['light', found.lightS, use.lightOn],
    ['hands', found.handsS, use.labour],
    ['gas', found.gasLitres, use.gas * 1000],
    ['wire', found.wireKg, use.wire],
    ['labour', cost.labour, made.labour],
    ['overhead', cost.overhead, made.overhead],
    ['cost of gas', cost.gas, made.gas],
    ['cost of wire', cost.wire, made.wire],
    ['electricity', cost.electricity, made.mains],
    ['window', cost.window, made.window],
    ['total', found.total, made.total],
    ['per metre', found.perMetre, made.perMetre],
  ]);
});

interface DewCase {
  input: { airC: number; humidityPercent: number };
  dewPointC: number;
}

const dew = overCases<DewCase>(({ input, dewPointC }, label) =>
  compare(label, closedForm, [
    ['dew point', dewPointC, inCelsius(dewPoint(celsius(input.airC), input.humidityPercent))],
  ]),
);

interface EyeCase {
  input: { power: number; divergence: number; exitBeam: number; reflectance: number; angleDeg: number };
  opticalDensity: number;
  hazardDistanceM: number;
  diffuseDistanceM: number;
}

const eyes = overCases<EyeCase>(({ input, ...expected }, label) => {
  const power = watt(input.power);
  const beam = { power, divergence: radian(input.divergence), exitDiameter: metre(input.exitBeam) };
  const reflection = { reflectance: fraction(input.reflectance), viewingAngle: degree(input.angleDeg) };
  return compare(label, closedForm, [
    ['optical density', expected.opticalDensity, opticalDensityNeeded(power)],
    ['hazard distance', expected.hazardDistanceM, hazardDistance(beam)],
    ['diffuse distance', expected.diffuseDistanceM, diffuseHazardDistance(power, reflection)],
  ]);
});

interface PressureCase {
  input: { gaugeBar: number; volumeL: number; radiusMm: number; wallMm: number };
  airEnergyJ: number;
  waterEnergyJ: number;
  hoopStressMPa: number;
}

const pressure = overCases<PressureCase>(({ input, ...expected }, label) => {
  const gauge = barGauge(input.gaugeBar);
  const volume = litre(input.volumeL);
  return compare(label, closedForm, [
    ['air energy', expected.airEnergyJ, airEnergy(gauge, volume)],
    ['water energy', expected.waterEnergyJ, waterEnergy(gauge, volume)],
    ['hoop stress', expected.hoopStressMPa, hoopStress(gauge, mm(input.radiusMm), mm(input.wallMm)) / 1e6],
  ]);
});

interface PulsedCase {
  input: { peakW: number; widthMs: number; frequency: number; spotMm: number; travel: number };
  energyJ: number;
  averageW: number;
  duty: number;
  advanceMm: number;
  overlap: number;
}

const pulsed = overCases<PulsedCase>(({ input, ...expected }, label) => {
  const pulses = {
    peak: watt(input.peakW),
    width: second(input.widthMs / 1000),
    rate: hertz(input.frequency),
  };
  const seam = pulsedSeam(pulses, mm(input.spotMm), mmPerSecond(input.travel));
  return compare(label, closedForm, [
    ['energy', expected.energyJ, seam.pulseEnergy],
    ['mean power', expected.averageW, seam.meanPower],
    ['duty', expected.duty, seam.duty],
    ['advance', expected.advanceMm, inMm(seam.advance)],
    ['overlap', expected.overlap, seam.overlap],
  ]);
});

interface ChangeoverCase {
  input: { minutes: number[][]; start: number };
  cost: number;
  order: number[];
}

/** Orders may tie, so the cost is compared, and that the order found really costs that. */
const changeovers = overCases<ChangeoverCase>(({ input, cost }, label) => {
  const plan = planChangeovers(input.minutes, input.start);
  const walked = plan.order
    .slice(1)
    .reduce((sum, to, i) => sum + (input.minutes[plan.order[i] as number]?.[to] ?? NaN), 0);
  return compare(label, closedForm, [
    ['cost', cost, plan.cost],
    ['cost of the order', cost, new Set(plan.order).size === input.minutes.length ? walked : NaN],
  ]);
});

interface PaybackCase {
  input: Parameters<typeof payback>[0];
  savedPerMonth: number;
  monthsToPayBack: number;
}

const paybacks = overCases<PaybackCase>(({ input, savedPerMonth, monthsToPayBack }, label) => {
  const found = payback(input);
  return compare(label, closedForm, [
    ['saved a month', savedPerMonth, found.savedPerMonth],
    ['months', monthsToPayBack, found.months ?? NaN],
  ]);
});

/** Gas, supply, eyes, pressure tests, pulses, the order of work and when a machine has paid. */
export const shopChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['nozzle-flow', nozzle as GoldenCheck],
  ['mains', mains as GoldenCheck],
  ['dew-point', dew as GoldenCheck],
  ['eye-hazard', eyes as GoldenCheck],
  ['pressure-test', pressure as GoldenCheck],
  ['pulsed-seam', pulsed as GoldenCheck],
  ['changeovers', changeovers as GoldenCheck],
  ['payback', paybacks as GoldenCheck],
  ['seam-cost', seam as GoldenCheck],
];

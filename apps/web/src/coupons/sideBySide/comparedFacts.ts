import { realTravelMmS, type Coupon, type Machine } from '@lone-heron/contract';
import { gasTable, wobbleNames } from '@lone-heron/core';
import { spokenFlow, spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { figure } from '../../shared/figures/figures.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { colourWords, faceWords, slipWords } from '../../shared/vocabulary/signs.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';

/** One thing of each coupon, and whether it is not the same in all. */
export interface ComparedFact {
  readonly name: string;
  readonly values: readonly string[];
  readonly differs: boolean;
}

/** What is told of coupons, line by line, what differs first. */
export function comparedFacts(
  coupons: readonly Coupon[],
  machines: readonly Machine[],
): readonly ComparedFact[] {
  const facts = lines(machines).map(([name, valueOf]) => {
    const values = coupons.map(valueOf);
    return { name, values, differs: new Set(values).size > 1 };
  });
  return facts.toSorted((a, b) => Number(b.differs) - Number(a.differs));
}

const none = '–';

function lines(machines: readonly Machine[]): readonly (readonly [string, (coupon: Coupon) => string])[] {
  return [
    ['Joint', ({ joint }) => jointInWords(joint)],
    ['Machine', ({ machineId }) => machines.find(({ id }) => id === machineId)?.name ?? machineId],
    ['Power', ({ setting }) => `${figure(setting.powerW, 0)} W`],
    ['Duty', ({ setting }) => `${figure(setting.dutyPercent, 0)} %`],
    ['Wobble', ({ setting: { wobble } }) => (wobble.shape === 'none' ? 'none' : wobbleNames[wobble.shape])],
    [
      'Wobble width',
      ({ setting: { wobble } }) => (wobble.shape === 'none' ? none : spokenLength(wobble.widthMm)),
    ],
    [
      'Wobble rate',
      ({ setting: { wobble } }) => (wobble.shape === 'none' ? none : `${figure(wobble.frequencyHz, 0)} Hz`),
    ],
    ['Wire', ({ setting: { pace } }) => (pace.by === 'wire' ? wireInWords(pace.wireDiameterMm) : 'none')],
    [
      'Pace',
      ({ setting: { pace } }) =>
        pace.by === 'wire' ? `wire ${spokenTravel(pace.wireSpeedMmS)}` : spokenTravel(pace.travelMmS),
    ],
    ['Gas', ({ setting: { gas, gasFlowLMin } }) => `${gasTable[gas].name} ${spokenFlow(gasFlowLMin)}`],
    [
      'Real travel',
      (coupon) => {
        const travel = realTravelMmS(coupon);
        return travel === null ? 'not timed' : spokenTravel(travel);
      },
    ],
    [
      'Section',
      ({ section }) =>
        section === null ? none : section.isThrough ? 'through' : spokenLength(section.depthMm),
    ],
    ['Face', ({ face }) => face?.map((sign) => faceWords[sign]).join(', ') ?? none],
    [
      'Colour',
      ({ colour }) =>
        colour === undefined ? none : `${colourWords[colour.left]} / ${colourWords[colour.right]}`,
    ],
    ['Gun', ({ gunAngleDeg }) => (gunAngleDeg === undefined ? none : `${figure(gunAngleDeg, 0)}°`)],
    ['Slip', ({ slip }) => (slip === undefined ? none : slipWords[slip])],
    ['Window', ({ windowNumber }) => String(windowNumber)],
  ];
}

import {
  sectionMeasures,
  sectionRanges,
  type BrokeAt,
  type PressureMedium,
  type TestDetail,
  type TestKind,
  type TestResult,
} from '@lone-heron/contract';
import { spokenLength } from '../figures/spoken.js';
import { spokenPressures } from '../figures/spokenStates.js';
import { spokenReading } from '../figures/spokenRange.js';
import { figure } from '../figures/figures.js';
import { lookWords } from './looks.js';
import { colourWords } from './signs.js';

/** Each test by the name the shop gives it, with what it is good for. */
export const testWords: Readonly<Record<TestKind, { name: string; what: string }>> = {
  look: { name: 'Look', what: 'face and back under slanting light' },
  section: { name: 'Section', what: 'cut, ground, etched: depth, width, throat' },
  tint: { name: 'Colour', what: 'read off a photo of the face: gas cover, aim, heat' },
  bend: { name: 'Bend', what: 'over a mandrel, face or root outside' },
  hammer: { name: 'Hammer', what: 'until it breaks, or does not' },
  vice: { name: 'Vice', what: 'bent by hand in the vice' },
  peel: { name: 'Peel', what: 'sheets of a lap torn apart' },
  dye: { name: 'Dye', what: 'cracks and pores that reach the face' },
  leak: { name: 'Leak', what: 'bubbles, water or paraffin' },
  pressure: { name: 'Pressure', what: 'held with water, or air where it must be' },
};

export const resultWords: Readonly<Record<TestResult, string>> = {
  holds: 'holds',
  fails: 'fails',
  unclear: 'unclear',
};

export const brokeWords: Readonly<Record<BrokeAt, string>> = {
  notAtAll: 'did not break',
  inWeld: 'broke in the weld',
  besideWeld: 'broke beside the weld',
  inParent: 'broke in the parent metal',
};

export const leakWords = {
  none: 'no leak',
  weld: 'leaked at the weld',
  fitting: 'a fitting leaked',
  notFound: 'leaked, place not found',
} as const;

export const mediumWords: Readonly<Record<PressureMedium, string>> = { water: 'water', air: 'air' };

/** What a test found, in one line. */
export function foundInWords(detail: TestDetail): string {
  switch (detail.kind) {
    case 'look':
      return `back ${lookWords[detail.back].short}${detail.faults === '' ? '' : `; ${detail.faults}`}`;
    case 'section':
      return sectionInWords(detail);
    case 'tint':
      return tintInWords(detail);
    case 'bend':
      return `${detail.side} outside, ${figure(detail.angleDeg, 0)}° over ${spokenLength(detail.mandrelMm)}: ${brokeWords[detail.brokeAt]}`;
    case 'hammer':
      return `${detail.blows} blows: ${brokeWords[detail.brokeAt]}`;
    case 'vice':
      return `${figure(detail.angleDeg, 0)}°: ${brokeWords[detail.brokeAt]}`;
    case 'peel':
      return brokeWords[detail.brokeAt];
    case 'dye':
      return detail.longestMm === 0
        ? `nothing shown after ${figure(detail.dwellMin, 0)} min`
        : `longest indication ${spokenLength(detail.longestMm)}`;
    case 'leak':
      return `${detail.medium}: ${leakWords[detail.leak]}`;
    case 'pressure':
      return `${mediumWords[detail.medium]}, ${spokenPressures(detail.startBar, detail.endBar)} in ${figure(detail.heldMin, 1)} min, needle ${detail.needle}, ${leakWords[detail.leak]}`;
  }
}

function tintInWords({ left, right, offset }: Extract<TestDetail, { kind: 'tint' }>): string {
  const colours = `${colourWords[left]} on the left, ${colourWords[right]} on the right`;
  return offset === null ? colours : `${colours}; ${offsetInWords(offset)}`;
}

/** “heat 0.4 ±0.1 mm to the left”; in the middle where the offset is within twice its error. */
function offsetInWords({ mm, giveMm }: { mm: number; giveMm: number }): string {
  const size = spokenReading(Math.abs(mm), giveMm);
  if (Math.abs(mm) <= 2 * giveMm) return `heat in the middle (${size})`;
  return `heat ${size} to the ${mm > 0 ? 'left' : 'right'}`;
}

function sectionInWords({ isThrough, measured }: Extract<TestDetail, { kind: 'section' }>): string {
  const readings = sectionMeasures.flatMap((name) => {
    const reading = measured[name];
    return reading === undefined
      ? []
      : [`${sectionRanges[name].quantity} ${spokenReading(reading.mm, reading.giveMm)}`];
  });
  return [isThrough ? 'through' : 'stopped inside', ...readings].join(', ');
}

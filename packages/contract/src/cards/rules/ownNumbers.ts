import type { Setting } from '../../joint/setting.js';

/** A figure of a setting, with the digits in which two of them are told apart. */
interface Figure {
  readonly name: string;
  readonly unit: string;
  readonly decimals: number;
  readonly of: (setting: Setting) => number | null;
}

const figures: readonly Figure[] = [
  { name: '', unit: 'W', decimals: 0, of: ({ powerW }) => powerW },
  { name: 'duty ', unit: '%', decimals: 0, of: ({ dutyPercent }) => dutyPercent },
  {
    name: 'wobble ',
    unit: 'mm',
    decimals: 1,
    of: ({ wobble }) => (wobble.shape === 'none' ? null : wobble.widthMm),
  },
  {
    name: 'wobble ',
    unit: 'Hz',
    decimals: 0,
    of: ({ wobble }) => (wobble.shape === 'none' ? null : wobble.frequencyHz),
  },
  {
    name: 'wire ',
    unit: 'mm/s',
    decimals: 1,
    of: ({ pace }) => (pace.by === 'wire' ? pace.wireSpeedMmS : null),
  },
  {
    name: 'pace ',
    unit: 'mm/s',
    decimals: 1,
    of: ({ pace }) => (pace.by === 'hand' ? pace.travelMmS : null),
  },
];

/**
 * The figures in which a setting is not quite another, as it has them, such as "870 W, wobble 2.1 mm"; empty where a panel would
 * show the same. A coupon may prove a card within a step of its panel: where it does, this says so.
 */
export function ownNumbers(setting: Setting, other: Setting): string {
  return figures
    .flatMap(({ name, unit, decimals, of }) => {
      const [own, others] = [of(setting), of(other)];
      if (own === null || own.toFixed(decimals) === others?.toFixed(decimals)) return [];
      return [`${name}${own.toFixed(decimals)} ${unit}`];
    })
    .join(', ');
}

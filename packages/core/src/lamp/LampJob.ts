import type { KnobRange } from '../machine/index.js';
import type { Metal } from '../metal/index.js';
import type { Hertz, Joule, Metre, MetrePerSecond, Second, Watt } from '../quantity/index.js';

/** A pulse whose energy was measured, or stands in the machine's manual. */
export interface LampPoint {
  /** Of the lamp, A. */
  readonly current: number;
  readonly width: Second;
  readonly energy: Joule;
}

/** What a lamp-pulsed machine can be set to. */
export interface LampHead {
  /** A */
  readonly current: KnobRange<number>;
  readonly width: KnobRange<Second>;
  readonly rate: KnobRange<Hertz>;
  /** Spots on the work that it can be set to, smallest first; one or more. */
  readonly spots: readonly Metre[];
  /** Energy times rate that the lamp bears. */
  readonly meanPower: Watt;
  /** None where nobody measured: then only steps can be said, no depth. */
  readonly points: readonly LampPoint[];
}

/** What is welded with pulses: one spot through a sheet into another, or a seam of spots. */
export interface LampJob {
  readonly kind: 'spot' | 'seam';
  readonly metal: Metal;
  /** The sheet that the light meets. */
  readonly thickness: Metre;
  /** The sheet below it (spot); as thick as the first for a seam that joins them side by side. */
  readonly under: Metre;
  readonly length: Metre;
  /** How deep it must be joined: of a spot into both sheets, of a seam where its spots cross. */
  readonly wanted: Metre;
  readonly head: LampHead;
}

/** What is dialled on a lamp-pulsed machine. */
export interface LampSetting {
  /** A */
  readonly current: number;
  readonly width: Second;
  readonly rate: Hertz;
  readonly spot: Metre;
  /** Null for a spot, which stands still. */
  readonly travel: MetrePerSecond | null;
}

/** How a pulsed weld came out: it came loose, it holds, it shows behind, it spat or blew a hole. */
export const pulseLooks = ['loose', 'joined', 'through', 'blown'] as const;
export type PulseLook = (typeof pulseLooks)[number];
export type PulseOdds = Readonly<Record<PulseLook, number>>;

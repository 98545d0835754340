import {
  fraction,
  joule,
  metre,
  metrePerSecond,
  watt,
  type Fraction,
  type Hertz,
  type Joule,
  type Metre,
  type MetrePerSecond,
  type Second,
  type Watt,
} from '../quantity/index.js';

/** Light that comes in pulses, from a lamp-pulsed machine or a fibre laser that switches. */
export interface PulseTrain {
  /** Power inside a pulse. */
  readonly peak: Watt;
  /** Time the light is on in a pulse. */
  readonly width: Second;
  /** Pulses per second. */
  readonly rate: Hertz;
}

/** What pulses do along a seam. */
export interface PulsedSeam {
  readonly pulseEnergy: Joule;
  readonly meanPower: Watt;
  readonly duty: Fraction;
  /** From one pulse to the next: the ripple's spacing. */
  readonly advance: Metre;
  /** Share of a melted spot that the next one covers; below 0 the spots lie apart. */
  readonly overlap: number;
}

/**
 * Energy, mean power, spacing and overlap of pulses along a seam: overlap = 1 - (v/f)/(d + v width).
 *
 * @param spot diameter of the melted spot, or of the beam where that is not known
 * @example
 * pulsedSeam({ peak: watt(1674), width: second(7.62e-3), rate: hertz(4.352) }, mm(0.6752), mmPerSecond(2.786)).overlap.toFixed(4) // => '0.0808'
 */
export function pulsedSeam(pulses: PulseTrain, spot: Metre, travel: MetrePerSecond): PulsedSeam {
  const { peak, width, rate } = pulses;
  const duty = Math.min(1, width * rate);
  const advance = travel / rate;
  return {
    pulseEnergy: joule(peak * width),
    meanPower: watt(peak * duty),
    duty: fraction(duty),
    advance: metre(advance),
    overlap: 1 - advance / (spot + travel * width),
  };
}

/**
 * Travel at which pulses overlap as wanted; the inverse of {@link pulsedSeam}: v = (1 - o) d f/(1 - (1 - o) width f).
 *
 * @param overlap 0 to below 1; 0.7 to 0.85 for a tight seam
 * @example
 * (travelForOverlap({ peak: watt(1674), width: second(7.62e-3), rate: hertz(4.352) }, mm(0.6752), 0.080789072) * 1000).toFixed(3) // => '2.786'
 */
export function travelForOverlap(pulses: PulseTrain, spot: Metre, overlap: number): MetrePerSecond {
  const advance = 1 - overlap;
  return metrePerSecond((advance * spot * pulses.rate) / (1 - advance * pulses.width * pulses.rate));
}

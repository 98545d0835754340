import {
  backLooks,
  coreJob,
  coreSetting,
  jointSchema,
  settingSchema,
  startingProfiles,
  type BackLook,
} from '@lone-heron/contract';
import {
  forecastWeld,
  meltInputOf,
  mmPerSecond,
  predictMelt,
  RangeFault,
  type DialledMetalId,
  type LinkKey,
} from '@lone-heron/core';

/** What lies on the bench: a butt of two sheets. */
export interface Piece {
  metal: DialledMetalId;
  thicknessMm: number;
  gapMm: number;
}

/** The hand that welds it. */
export interface Hand {
  paceMmS: number;
  /** Share by which its pace wanders, one standard deviation. */
  wander: number;
  /** What it does wrong now; null for nothing. */
  slip: 'paused' | 'lifted' | null;
}

/** A run as it came out: what somebody sees who turns the coupon over. */
export interface Run {
  readonly seconds: number;
  readonly lengthMm: number;
  readonly hasSlipped: boolean;
  /** Null where it is beyond what can be computed. */
  readonly back: BackLook | null;
}

/** What is true of this stand-in and nobody in the shop knows: ln of how much deeper than the book it welds, by coupon and at all. */
const hidden = { machine: -0.06, scatter: 0.05 };
/** s without light after which a run is over. */
const over = 1;
const mostRuns = 50;
/** mm, of its spool. */
const wire = 0.8;

/** As a machine of 1.5 kW is: spot and optics as the shop’s bench unit has them. */
const { profile } = startingProfiles.find(({ id }) => id === 'bench') ?? noProfile();

function noProfile(): never {
  throw new Error('there is no profile to start from');
}

/** The bench before the stand-in: a piece, a hand, and the runs that were welded, each by the melt model with hidden offsets. */
export class RigBench {
  readonly piece: Piece = { metal: 'stainless304', thicknessMm: 1.5, gapMm: 0.1 };
  readonly hand: Hand = { paceMmS: 10, wander: 0.06, slip: null };
  readonly runs: Run[] = [];
  private seconds = 0;
  private lengthMm = 0;
  private energyJ = 0;
  private hasSlipped = false;
  private dark = 0;

  /** @param normal draws of a standard normal variable */
  constructor(private readonly normal: () => number) {}

  /** Lets time pass at the bench, s. */
  step(machine: { value(key: LinkKey): number }, seconds: number): void {
    if (machine.value('lightOn') === 0) {
      this.dark += seconds;
      if (this.dark >= over && this.seconds > 0) this.end(machine);
      return;
    }
    this.dark = 0;
    this.seconds += seconds;
    const { paceMmS, wander, slip } = this.hand;
    if (slip !== null) this.hasSlipped = true;
    if (slip !== 'paused') this.lengthMm += paceMmS * seconds * Math.max(0.2, 1 + wander * this.normal());
    if (slip !== 'lifted') this.energyJ += machine.value('realPower') * seconds;
  }

  private end(machine: { value(key: LinkKey): number }): void {
    const { seconds, lengthMm, hasSlipped } = this;
    const back = this.backOf(machine, this.energyJ / seconds, lengthMm / seconds);
    this.runs.unshift({ seconds, lengthMm, hasSlipped, back });
    this.runs.length = Math.min(this.runs.length, mostRuns);
    Object.assign(this, { seconds: 0, lengthMm: 0, energyJ: 0, hasSlipped: false });
  }

  private backOf(
    machine: { value(key: LinkKey): number },
    powerW: number,
    travelMmS: number,
  ): BackLook | null {
    const { metal, thicknessMm, gapMm } = this.piece;
    const joint = jointSchema.parse({
      ...{ kind: 'butt', metal, firstThicknessMm: thicknessMm, secondThicknessMm: thicknessMm, gapMm },
    });
    const wireSpeedMmS = machine.value('wireSpeed');
    const width = machine.value('wobbleWidth');
    const setting = settingSchema.parse({
      ...{ powerW, dutyPercent: 100, gas: 'argon', gasFlowLMin: 15 },
      wobble:
        width === 0
          ? { shape: 'none' }
          : { shape: 'sideToSide', widthMm: width, frequencyHz: machine.value('wobbleRate') },
      pace: wireSpeedMmS > 0 ? { by: 'wire', wireDiameterMm: wire, wireSpeedMmS } : { by: 'hand', travelMmS },
    });
    try {
      const job = coreJob(joint, wireSpeedMmS > 0 ? wire : null, profile, { kind: 'reach' });
      const dialled = coreSetting(setting);
      const { limits } = forecastWeld(job, dialled, mmPerSecond(travelMmS));
      const melt = predictMelt(meltInputOf(job, dialled, mmPerSecond(travelMmS)));
      const reach = melt.reach * Math.exp(hidden.machine + hidden.scatter * this.normal());
      const bounds = [limits.coldBelow, limits.fullFrom, limits.hotFrom, limits.holeFrom];
      return backLooks[bounds.filter((bound) => reach >= bound).length] ?? null;
    } catch (fault) {
      if (fault instanceof RangeFault) return null;
      throw fault;
    }
  }
}

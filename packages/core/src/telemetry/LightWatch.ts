import type { LinkValues } from '../link/index.js';
import type { CurvePoint, LightCurve } from './lightCurve.js';

/** What a spell of light came to. Means are over the time that the light was on; null where the machine does not say it. */
interface SpellFigures {
  /** s that the light was on; pauses shorter than a second are within the spell, and not counted. */
  readonly lit: number;
  /** W. */
  readonly power: number | null;
  /** L/min. */
  readonly gas: number | null;
  /** °C, the most of each. */
  readonly coolantMost: number | null;
  readonly holderMost: number | null;
  /** The first alarm in it or at its end; 0 for none. */
  readonly alarm: number;
  /** Nothing more was heard while the light was on: it may have gone on for longer. */
  readonly isBroken: boolean;
}

/** From the light’s coming on to its going off. */
export interface LightSpell {
  /** ms. */
  readonly startedAt: number;
  readonly endedAt: number;
  readonly figures: SpellFigures;
  readonly curve: LightCurve;
}

/** ms: the light may go off for so long within a spell, as it does in stitches. */
const pause = 1000;
/** ms: a spell is closed here and another begun, so that nothing grows without end. */
const longest = 30 * 60_000;
/** ms: samples that come faster are counted, and not kept along the curve. */
const closest = 20;

interface Sums {
  lit: number;
  energy: number;
  poweredFor: number;
  litres: number;
  blownFor: number;
}

interface Open {
  readonly startedAt: number;
  endedAt: number;
  readonly sums: Sums;
  coolantMost: number | null;
  holderMost: number | null;
  alarm: number;
  readonly curve: CurvePoint[];
}

interface Heard {
  readonly at: number;
  readonly values: LinkValues;
}

/**
 * Watches one machine’s light: what it says, sample by sample, becomes spells. What was said holds until the next sample, for as long as
 * a machine may be silent.
 */
export class LightWatch {
  private open: Open | null = null;
  private before: Heard | null = null;

  /** @param silence ms: the longest between two samples while the light is on */
  constructor(private readonly silence: number) {}

  /** The spell that is under way, its start as ms and its light so far as s; null where the light is off. */
  get underWay(): { readonly startedAt: number; readonly lit: number } | null {
    return this.open === null ? null : { startedAt: this.open.startedAt, lit: this.open.sums.lit };
  }

  /**
   * Hears a sample.
   *
   * @param at ms, not before the sample before it; one that is, ends what was under way
   * @param values all that is known of the machine then
   * @returns spells that ended by it: none, or one
   */
  hear(at: number, values: LinkValues): readonly LightSpell[] {
    const ended = this.untilNow(at);
    if (values.lightOn === 1) this.light(at, values);
    else if (this.open !== null) this.open.alarm ||= values.alarm ?? 0;
    this.before = { at, values };
    return ended;
  }

  /** Ends what is under way where nothing has been heard for too long, or its pause is over. */
  endSilent(now: number): readonly LightSpell[] {
    if (this.open === null || this.before === null) return [];
    const isLit = this.before.values.lightOn === 1;
    if (isLit && now - this.before.at > this.silence) return this.end(true);
    return !isLit && now - this.open.endedAt > pause ? this.end(false) : [];
  }

  private untilNow(at: number): readonly LightSpell[] {
    const { open, before } = this;
    if (open === null || before === null) return [];
    const passed = at - before.at;
    if (before.values.lightOn === 1) {
      if (passed < 0 || passed > this.silence) return this.end(true);
      addTime(open, before.values, passed / 1000);
      open.endedAt = at;
      return at - open.startedAt > longest ? this.end(false) : [];
    }
    return passed < 0 || at - open.endedAt > pause ? this.end(false) : [];
  }

  private light(at: number, values: LinkValues): void {
    this.open ??= {
      ...{ startedAt: at, endedAt: at, coolantMost: null, holderMost: null, alarm: 0, curve: [] },
      sums: { lit: 0, energy: 0, poweredFor: 0, litres: 0, blownFor: 0 },
    };
    const { open } = this;
    open.coolantMost = more(open.coolantMost, values.coolant);
    open.holderMost = more(open.holderMost, values.windowHolder);
    open.alarm ||= values.alarm ?? 0;
    const last = open.curve.at(-1);
    const after = (at - open.startedAt) / 1000;
    if (last === undefined || (after - last.at) * 1000 >= closest) open.curve.push(pointOf(after, values));
  }

  private end(isBroken: boolean): readonly LightSpell[] {
    const { open } = this;
    this.open = null;
    // A flash that was seen once has no length that anybody knows.
    if (open === null || open.sums.lit === 0) return [];
    const { sums, coolantMost, holderMost, alarm } = open;
    const figures: SpellFigures = {
      lit: sums.lit,
      power: sums.poweredFor === 0 ? null : sums.energy / sums.poweredFor,
      gas: sums.blownFor === 0 ? null : sums.litres / (sums.blownFor / 60),
      ...{ coolantMost, holderMost, alarm, isBroken },
    };
    return [{ startedAt: open.startedAt, endedAt: open.endedAt, figures, curve: open.curve }];
  }
}

function addTime({ sums }: Open, { realPower, gasFlow }: LinkValues, seconds: number): void {
  sums.lit += seconds;
  if (realPower !== undefined) {
    sums.energy += realPower * seconds;
    sums.poweredFor += seconds;
  }
  if (gasFlow !== undefined) {
    sums.litres += (gasFlow * seconds) / 60;
    sums.blownFor += seconds;
  }
}

function pointOf(at: number, { realPower, gasFlow, coolant, windowHolder }: LinkValues): CurvePoint {
  const power = realPower ?? null;
  return {
    at,
    count: 1,
    means: {
      realPower: power,
      gasFlow: gasFlow ?? null,
      coolant: coolant ?? null,
      windowHolder: windowHolder ?? null,
    },
    powerLeast: power,
    powerMost: power,
  };
}

function more(most: number | null, value: number | undefined): number | null {
  if (value === undefined) return most;
  return most === null ? value : Math.max(most, value);
}

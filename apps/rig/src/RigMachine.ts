import { linkPoints, type LinkKey, type ParameterKey } from '@lone-heron/core';

/** Why the machine gives no light, by the number that its panel and its registers show. */
export const alarms = {
  11: 'an interlock is open',
  12: 'the work clamp is off',
  21: 'the coolant is too cold',
  22: 'the coolant is too warm',
  31: 'there is no gas',
  41: 'the window holder is too warm',
} as const satisfies Readonly<Record<AlarmCode, string>>;
export const alarmCodes = [11, 12, 21, 22, 31, 41] as const;
export type AlarmCode = (typeof alarmCodes)[number];

/** The trigger has two stages: gas first, then light. */
type TriggerStage = 'released' | 'gas' | 'light';

/** What somebody at the machine can do, and what can be done to it. */
export interface RigHands {
  keyOn: boolean;
  interlocksClosed: boolean;
  workClamped: boolean;
  /** Armed: from now on the trigger gives light, and nothing is taken over the wire. */
  isReady: boolean;
  trigger: TriggerStage;
  /** Its panel lets parameters be written over the wire at all. */
  takesRemote: boolean;
}

/** Made up, and ours: a 1.5 kW machine. */
const limits: Readonly<Record<ParameterKey, { least: number; most: number }>> = {
  power: { least: 150, most: 1500 },
  duty: { least: 10, most: 100 },
  wobbleWidth: { least: 0, most: 4 },
  wobbleRate: { least: 10, most: 150 },
  wireSpeed: { least: 0, most: 67 },
};
/** As many programs as its panel has keys for. */
export const slotCount = 10;
const coolantRange = { least: 19, most: 30 };
const holderMost = 70;
const shopAir = 20;
const bottleLitres = 2000;
const flow = 14;
/** s: how slowly water, and the holder of the window, follow. */
const slow = { coolant: 60, holder: 40 };
/** What a new window lets through, and what it loses in an hour of light. */
const window = { lets: 0.985, losesAnHour: 0.02 };

/**
 * A simulated handheld laser machine: key, interlocks, clamp, two-stage trigger, gas, coolant, a window that tires, alarms. Time is
 * given to it; nothing here is any real machine.
 */
export class RigMachine {
  readonly hands: RigHands = {
    keyOn: false,
    interlocksClosed: true,
    workClamped: false,
    isReady: false,
    trigger: 'released',
    takesRemote: true,
  };
  private readonly parameters: Record<ParameterKey, number> = {
    power: 600,
    duty: 100,
    wobbleWidth: 2,
    wobbleRate: 60,
    wireSpeed: 10,
  };
  /** Programs that are stored in it, the first at 0. */
  readonly slots: readonly Record<ParameterKey, number>[] = Array.from({ length: slotCount }, (_, at) => ({
    ...{ power: 300 + 100 * at, duty: 100, wobbleWidth: 2, wobbleRate: 60, wireSpeed: 10 },
  }));
  /** Its feeder’s menu. */
  readonly feeder = { startDelayMs: 200, retractMm: 15 };
  private alarm: AlarmCode | 0 = 0;
  private coolant = 17;
  private holder = shopAir;
  private gasLeft = bottleLitres;
  private lightSeconds = 0;
  private writesTaken = 0;

  /** Lets time pass, s. */
  step(seconds: number): void {
    const { hands } = this;
    if (!hands.keyOn) hands.isReady = false;
    if (hands.trigger === 'light' && hands.isReady && this.alarm === 0) this.alarm = this.wrong();
    if (this.alarm !== 0) hands.isReady = false;
    const lightOn = this.isLightOn();
    this.coolant = towards(this.coolant, hands.keyOn ? (lightOn ? 27 : 24) : shopAir, seconds / slow.coolant);
    const watts = lightOn ? this.lit() : 0;
    const loss = 1 - this.letsThrough();
    this.holder = towards(this.holder, shopAir + watts * (0.015 + loss / 2), seconds / slow.holder);
    if (lightOn) this.lightSeconds += seconds;
    if (this.isGasOn()) this.gasLeft = Math.max(0, this.gasLeft - (flow * seconds) / 60);
  }

  /** What it says at a point. */
  value(key: LinkKey): number {
    const { hands } = this;
    if (key in this.parameters) return this.parameters[key as ParameterKey];
    const others: Partial<Record<LinkKey, number>> = {
      keyOn: Number(hands.keyOn),
      interlocksClosed: Number(hands.interlocksClosed),
      workClamped: Number(hands.workClamped),
      emissionReady: Number(hands.isReady),
      lightOn: Number(this.isLightOn()),
      gasOn: Number(this.isGasOn()),
      takesWrites: Number(this.takesWrites()),
      alarm: this.alarm,
      realPower: this.isLightOn() ? this.lit() * this.letsThrough() : 0,
      gasFlow: this.isGasOn() ? flow : 0,
      coolant: this.coolant,
      windowHolder: this.holder,
      lightSeconds: this.lightSeconds,
      writesTaken: this.writesTaken,
    };
    return others[key] ?? 0;
  }

  /**
   * Takes a parameter over the wire.
   *
   * @returns why not; null where it was taken
   */
  write(key: ParameterKey, value: number): string | null {
    const { least, most } = limits[key];
    if (!this.takesWrites()) return 'it is armed, or its panel takes nothing over the wire';
    if (!(value >= least && value <= most))
      return `${linkPoints[key].said} is ${least} to ${most} ${linkPoints[key].unit}`;
    this.parameters[key] = value;
    this.writesTaken = (this.writesTaken + 1) % 65536;
    return null;
  }

  /** Somebody turns a knob of its own panel: that always goes. */
  turn(key: ParameterKey, value: number): void {
    const { least, most } = limits[key];
    this.parameters[key] = Math.min(most, Math.max(least, value));
  }

  /** Arms it, where nothing stands against it: a trigger that is held already does not fire. */
  arm(): void {
    this.hands.isReady = this.hands.keyOn && this.alarm === 0 && this.hands.trigger === 'released';
  }

  /** An alarm that is put in from outside, or one that is cleared. */
  setAlarm(code: AlarmCode | 0): void {
    this.alarm = code;
  }

  fillBottle(litres = bottleLitres): void {
    this.gasLeft = litres;
  }

  private takesWrites(): boolean {
    return this.hands.takesRemote && !this.hands.isReady;
  }

  private isGasOn(): boolean {
    return this.hands.keyOn && this.hands.trigger !== 'released' && this.gasLeft > 0;
  }

  private isLightOn(): boolean {
    return this.hands.isReady && this.hands.trigger === 'light' && this.wrong() === 0;
  }

  private lit(): number {
    return (this.parameters.power * this.parameters.duty) / 100;
  }

  private letsThrough(): number {
    return Math.max(0.5, window.lets - (window.losesAnHour * this.lightSeconds) / 3600);
  }

  private wrong(): AlarmCode | 0 {
    if (!this.hands.interlocksClosed) return 11;
    if (!this.hands.workClamped) return 12;
    if (this.coolant < coolantRange.least) return 21;
    if (this.coolant > coolantRange.most) return 22;
    if (this.gasLeft <= 0) return 31;
    return this.holder > holderMost ? 41 : 0;
  }
}

function towards(from: number, to: number, share: number): number {
  return to + (from - to) * Math.exp(-share);
}

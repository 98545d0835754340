import { RangeFault, requireWithin } from '../fault/index.js';

/** How a machine's panel says one knob; what it stands for is in SI. */
export type PanelKnob =
  /** The number is the value, in some unit. */
  | { readonly kind: 'absolute'; readonly siPerUnit: number }
  /** A percentage of the configured power (or of another full value). */
  | { readonly kind: 'percent'; readonly ofSi: number }
  /** So many notches on from the preset, each worth so much: 0 is the preset. */
  | { readonly kind: 'relative'; readonly presetSi: number; readonly siPerNotch: number }
  /** Minus to plus around a middle, calibrated below and above it on its own. */
  | {
      readonly kind: 'signed';
      readonly middleSi: number;
      readonly siPerNotchBelow: number;
      readonly siPerNotchAbove: number;
    };

/** What a panel's knob can be turned to, in its own numbers. */
export interface PanelLimits {
  readonly name: string;
  readonly least: number;
  readonly most: number;
  /** Above 0. */
  readonly step: number;
}

/**
 * What a panel's number stands for.
 *
 * @returns SI
 * @throws RangeFault for a calibration that says nothing (a notch of 0, a percentage of 0)
 * @example
 * panelToSi({ kind: 'percent', ofSi: 1500 }, 40) // => 600
 */
export function panelToSi(knob: PanelKnob, number: number): number {
  requireCalibrated(knob);
  switch (knob.kind) {
    case 'absolute':
      return number * knob.siPerUnit;
    case 'percent':
      return (number / 100) * knob.ofSi;
    case 'relative':
      return knob.presetSi + number * knob.siPerNotch;
    case 'signed':
      return knob.middleSi + number * (number < 0 ? knob.siPerNotchBelow : knob.siPerNotchAbove);
  }
}

/**
 * The number a panel shows for a value, not yet held to its steps; the inverse of {@link panelToSi}.
 *
 * @example
 * siToPanel({ kind: 'relative', presetSi: 0.002, siPerNotch: 0.00025 }, 0.003) // => 4
 */
export function siToPanel(knob: PanelKnob, si: number): number {
  requireCalibrated(knob);
  switch (knob.kind) {
    case 'absolute':
      return si / knob.siPerUnit;
    case 'percent':
      return (si / knob.ofSi) * 100;
    case 'relative':
      return (si - knob.presetSi) / knob.siPerNotch;
    case 'signed':
      return signedNotches(knob, si - knob.middleSi);
  }
}

/**
 * The nearest number the panel can be turned to, and what that stands for.
 *
 * @throws RangeFault where the value lies further beyond the panel than half a step
 * @example
 * dialOnPanel({ kind: 'percent', ofSi: 1500 }, { name: 'power', least: 10, most: 100, step: 1 }, 622) // => { number: 41, si: 615 }
 */
export function dialOnPanel(
  knob: PanelKnob,
  limits: PanelLimits,
  si: number,
): { number: number; si: number } {
  const { name, least, most, step } = limits;
  const wanted = siToPanel(knob, si);
  requireWithin(wanted, {
    quantity: name,
    min: least - step / 2,
    max: most + step / 2,
    unit: 'on the panel',
  });
  const number = Math.min(most, Math.max(least, least + Math.round((wanted - least) / step) * step));
  return { number, si: panelToSi(knob, number) };
}

/** Notches below and above the middle; a notch up may make the value larger or smaller. */
function signedNotches(knob: Extract<PanelKnob, { kind: 'signed' }>, away: number): number {
  const above = away / knob.siPerNotchAbove;
  return above >= 0 ? above : away / knob.siPerNotchBelow;
}

function requireCalibrated(knob: PanelKnob): void {
  if (calibrations(knob).every((each) => Number.isFinite(each) && each !== 0)) return;
  throw new RangeFault({
    quantity: 'calibration of the knob',
    given: calibrations(knob).join(' and '),
    allowed: 'what one notch or unit stands for, not 0; both notches of a signed knob the same way',
  });
}

function calibrations(knob: PanelKnob): readonly number[] {
  switch (knob.kind) {
    case 'absolute':
      return [knob.siPerUnit];
    case 'percent':
      return [knob.ofSi];
    case 'relative':
      return [knob.siPerNotch];
    case 'signed': {
      const { siPerNotchBelow, siPerNotchAbove } = knob;
      return Math.sign(siPerNotchBelow) === Math.sign(siPerNotchAbove)
        ? [siPerNotchBelow, siPerNotchAbove]
        : [0];
    }
  }
}

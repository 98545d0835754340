import { wireDiametersMm, type Machine } from '@lone-heron/contract';
import { describeFault, describeRange, parseQuantity, wireSizes } from '@lone-heron/core';
import { inUse } from '../machines/inUse.js';
import type { Read } from './readWord.js';

/** Machines in use that weld with light that stays on: a lamp’s pulses have sentences of their own. */
export function dialledMachines(machines: readonly Machine[]): readonly Machine[] {
  return inUse(machines).filter(({ profile }) => profile.lamp === null);
}

/** An address without a machine means the shop's first. */
export function readMachine(word: string, machines: readonly Machine[]): Read<Machine> {
  const dialled = dialledMachines(machines);
  const machine = word === '' ? dialled[0] : dialled.find(({ id }) => id === word);
  if (machine !== undefined) return { value: machine };
  const none = `none: this shop has no ${inUse(machines).length === 0 ? 'machine' : 'fibre laser'} yet`;
  const allowed = dialled.map(({ name }) => name).join(', ') || none;
  return { fault: describeFault({ quantity: 'machine', given: `“${word}”`, allowed }) };
}

const asIfRange = { quantity: 'power to try', min: 100, max: 6000, unit: 'W' };

/** The machine as if it gave another power at its most, to see what a stronger one would do. */
export function readAsIf(
  word: string,
  own: Machine | null,
): Read<{ readonly machine: Machine | null; readonly watts: number | null }> {
  if (word === '' || own === null) return { value: { machine: own, watts: null } };
  const parsed = parseQuantity(word, 'power');
  if (!parsed.ok || parsed.value < asIfRange.min || parsed.value > asIfRange.max) {
    return {
      fault: describeFault({
        quantity: asIfRange.quantity,
        given: `“${word}”`,
        allowed: describeRange(asIfRange),
      }),
    };
  }
  const watts = Math.round(parsed.value);
  const { powerW } = own.profile;
  const profile = {
    ...own.profile,
    ratedPowerW: watts,
    configuredPowerW: watts,
    powerW: { ...powerW, least: Math.min(powerW.least, watts / 2), most: watts },
  };
  return { value: { machine: { ...own, profile }, watts } };
}

/** The wire's diameter; null inside for none. */
export function readWire(word: string, machine: Machine | null): Read<{ diameterMm: number | null }> {
  if (word === 'none') return { value: { diameterMm: null } };
  const diameterMm = wireDiametersMm.find((diameter) => diameter === Number(word));
  if (diameterMm === undefined) {
    const allowed = `none or ${wireSizes.map(({ name }) => name).join(', ')}`;
    return { fault: describeFault({ quantity: 'wire', given: `“${word}”`, allowed }) };
  }
  if (machine !== null && machine.profile.wireSpeedMmS === null) {
    return {
      fault: describeFault({
        quantity: 'wire',
        given: `${diameterMm} mm`,
        allowed: 'no wire: this machine has no feeder',
      }),
    };
  }
  return { value: { diameterMm } };
}

import type { LinkReading, MachineLinkDraft, MapPoint } from '@lone-heron/contract';
import type { LinkKey, LinkValues } from '@lone-heron/core';
import { MachineWire, WireFault } from './MachineWire.js';

/** Everything that a machine’s map places, each with its value or why there is none. */
export async function readMachine(link: MachineLinkDraft): Promise<LinkReading[]> {
  const wire = await MachineWire.open(link);
  try {
    return await readPoints(wire, link.map.points);
  } finally {
    await wire.close();
  }
}

/** One after the other: a machine’s controller is slow, and answers one thing at a time. */
export async function readPoints(wire: MachineWire, points: readonly MapPoint[]): Promise<LinkReading[]> {
  const readings: LinkReading[] = [];
  for (const point of points) {
    try {
      readings.push({ key: point.key, value: await wire.read(point), fault: null });
    } catch (fault) {
      if (!(fault instanceof WireFault)) throw fault;
      readings.push({ key: point.key, value: null, fault: fault.message });
    }
  }
  return readings;
}

/** What it said, as the rules of writing take it. */
export function valuesOf(readings: readonly LinkReading[]): LinkValues {
  const values: Partial<Record<LinkKey, number>> = {};
  for (const { key, value } of readings) if (value !== null) values[key] = value;
  return values;
}

import type { LinkReading, LinkStored, MachineLinkDraft, MapEntry, MapPoint } from '@lone-heron/contract';
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

/** The programs that a machine holds, and its feeder’s menu, as far as its map places them. */
export async function readStored(link: MachineLinkDraft): Promise<Omit<LinkStored, 'at'>> {
  const { slots, feeder = [] } = link.map;
  const wire = await MachineWire.open(link);
  try {
    const held: LinkStored['slots'] = [];
    for (let at = 0; at < (slots?.count ?? 0); at += 1) {
      const points = (slots?.points ?? []).map((point) => ({
        ...point,
        address: point.address + at * (slots?.stride ?? 0),
      }));
      held.push({ slot: at + 1, readings: await readPoints(wire, points) });
    }
    const menu: LinkStored['feeder'] = [];
    for (const entry of feeder) menu.push(await readEntry(wire, entry));
    return { slots: held, feeder: menu };
  } finally {
    await wire.close();
  }
}

async function readEntry(wire: MachineWire, entry: MapEntry): Promise<LinkStored['feeder'][number]> {
  const { name, unit } = entry;
  try {
    const value = Number((await wire.readPlace(entry, name)).toPrecision(6));
    return { name, value: `${value} ${unit}`.trim(), fault: null };
  } catch (fault) {
    if (!(fault instanceof WireFault)) throw fault;
    return { name, value: null, fault: fault.message };
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

import type { MapPlace, RegisterArea, RegisterMap } from '@lone-heron/contract';
import {
  readRegisters,
  registersOf,
  writeRegisters,
  type LinkKey,
  type ParameterKey,
} from '@lone-heron/core';
import { ServerTCP } from 'modbus-serial';
import { createServer, type AddressInfo } from 'node:net';

/** What the registers stand for. */
interface Spoken {
  value(key: LinkKey): number;
  /** @returns why not; null where it was taken */
  write(key: ParameterKey, value: number): string | null;
  readonly slots: readonly Readonly<Record<ParameterKey, number>>[];
  /** Of its menu, in the order of the map. */
  readonly feeder: Readonly<Record<string, number>>;
}

/** Modbus’ own numbers for what is refused. */
const refusals = { address: 2, value: 3, busy: 6 } as const;

class ModbusRefusal extends Error {
  constructor(readonly modbusErrorCode: number) {
    super(`refused, ${modbusErrorCode}`);
  }
}

/** A Modbus TCP server in front of a machine. */
export interface RigModbus {
  readonly port: number;
  close(): Promise<void>;
}

/**
 * Serves a machine’s map.
 *
 * @param port 0 for any that is free
 */
export async function rigModbus(
  machine: Spoken,
  map: RegisterMap,
  { host, port }: { host: string; port: number },
): Promise<RigModbus> {
  const of = (area: RegisterArea) => map.points.filter((point) => point.area === area);
  const words = (area: RegisterArea, from: number, count: number) =>
    registers(held(machine, map, area), from, count);
  const bit = (area: RegisterArea, at: number) => {
    const point = of(area).find(({ address }) => address === at);
    if (point === undefined) throw new ModbusRefusal(refusals.address);
    return machine.value(point.key) !== 0;
  };
  const take = (address: number, values: number[]) => {
    const point = of('holding').find((each) => each.address === address);
    if (point === undefined || registersOf(point.type) !== values.length)
      throw new ModbusRefusal(refusals.address);
    const why = machine.write(point.key as ParameterKey, readRegisters(point, values));
    if (why !== null) throw new ModbusRefusal(why.startsWith('it is armed') ? refusals.busy : refusals.value);
  };
  // The library takes 0 for the usual port.
  const chosen = port === 0 ? await freePort(host) : port;
  const server = new ServerTCP(
    {
      getMultipleInputRegisters: (at: number, count: number) => words('input', at, count),
      getMultipleHoldingRegisters: (at: number, count: number) => words('holding', at, count),
      getInputRegister: (at: number) => words('input', at, 1)[0] ?? 0,
      getHoldingRegister: (at: number) => words('holding', at, 1)[0] ?? 0,
      getDiscreteInput: (at: number) => bit('discrete', at),
      getCoil: (at: number) => bit('coil', at),
      setRegister: (at: number, value: number) => take(at, [value]),
      setRegisterArray: (at: number, values: number[]) => take(at, values),
    },
    { host, port: chosen, unitID: map.unitId },
  );
  await new Promise<void>((resolve, reject) => {
    server.on('initialized', () => {
      resolve();
    });
    server.on('serverError', () => {
      reject(new Error(`${host}:${chosen} could not be served: is it taken?`));
    });
  });
  return {
    port: chosen,
    close: () =>
      new Promise((resolve) => {
        server.close(() => {
          resolve();
        });
      }),
  };
}

function freePort(host: string): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, host, () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => {
        resolve(port);
      });
    });
  });
}

/** A value and where it stands. */
interface Held {
  readonly place: MapPlace;
  readonly value: number;
}

/** Everything that stands in an area: what it says now, its programs, its feeder’s menu. */
function held(
  machine: Spoken,
  { points, slots, feeder = [] }: RegisterMap,
  area: RegisterArea,
): readonly Held[] {
  const menu = Object.values(machine.feeder);
  const programs = machine.slots.flatMap((values, at) =>
    (slots?.points ?? []).map((point) => ({
      place: { ...point, address: point.address + at * (slots?.stride ?? 0) },
      value: values[point.key as ParameterKey],
    })),
  );
  return [
    ...points.map((point) => ({ place: point, value: machine.value(point.key) })),
    ...programs,
    ...feeder.map((place, at) => ({ place, value: menu[at] ?? 0 })),
  ].filter(({ place }) => place.area === area);
}

/** Registers of an area; between what stands there is 0, and beyond it nothing. */
function registers(all: readonly Held[], from: number, count: number): number[] {
  const last = Math.max(...all.map(({ place }) => place.address + registersOf(place.type)));
  const first = Math.min(...all.map(({ place }) => place.address));
  if (from < first || from + count > last) throw new ModbusRefusal(refusals.address);
  const words = Array.from({ length: count }, () => 0);
  for (const { place, value } of all) {
    writeRegisters(place, value).forEach((word, at) => {
      const offset = place.address + at - from;
      if (offset >= 0 && offset < count) words[offset] = (words[offset] as number) | word;
    });
  }
  return words;
}

import type { MapPoint, RegisterArea, RegisterMap } from '@lone-heron/contract';
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
    registers(machine, of(area), from, count);
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

/** Registers of an area; between points there is 0, and beyond them nothing. */
function registers(machine: Spoken, points: readonly MapPoint[], from: number, count: number): number[] {
  const last = Math.max(...points.map(({ address, type }) => address + registersOf(type)));
  const first = Math.min(...points.map(({ address }) => address));
  if (from < first || from + count > last) throw new ModbusRefusal(refusals.address);
  const all = Array.from({ length: count }, () => 0);
  for (const point of points) {
    writeRegisters(point, machine.value(point.key)).forEach((word, at) => {
      const place = point.address + at - from;
      if (place >= 0 && place < count) all[place] = (all[place] as number) | word;
    });
  }
  return all;
}

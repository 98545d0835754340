import type { MachineLinkDraft, MapPlace, MapPoint } from '@lone-heron/contract';
import { linkPoints, readRegisters, registersOf, writeRegisters } from '@lone-heron/core';
import type ModbusRTU from 'modbus-serial';
import { nearAddress } from './face/nearAddress.js';

/** The wire did not do what was asked, in words for whoever stands before it. */
export class WireFault extends Error {}

/** How long a machine is waited for, ms: to answer the call, and each question. */
const patience = { connecting: 3000, answering: 1500 };

/** A conversation with a machine over Modbus TCP, from one call to its end. Nothing is asked twice. */
export class MachineWire {
  private constructor(
    private readonly client: ModbusRTU,
    private readonly where: string,
  ) {}

  /**
   * Calls a machine.
   *
   * @throws WireFault where it does not answer, or stands outside the shop’s own networks
   */
  static async open({ host, port, map }: MachineLinkDraft): Promise<MachineWire> {
    const where = `${host}:${port}`;
    const address = await nearAddress(host);
    if (address === null)
      throw new WireFault(`${host} is no address of this shop’s own networks, or nobody knows it.`);
    // Loaded by who needs it: most shops start without a wire.
    const { default: Modbus } = await import('modbus-serial');
    const client = new Modbus();
    client.setTimeout(patience.answering);
    try {
      await inTime(client.connectTCP(address, { port }), patience.connecting);
    } catch {
      client.destroy(() => {});
      throw new WireFault(`${where} does not answer: is the machine on, and on this network?`);
    }
    client.setID(map.unitId);
    return new MachineWire(client, where);
  }

  async close(): Promise<void> {
    await new Promise<void>((resolve) => {
      this.client.destroy(() => resolve());
    });
  }

  /** @throws WireFault where it refuses, does not answer in time, or says what no machine can */
  async read(point: MapPoint): Promise<number> {
    const { least, most, unit, said } = linkPoints[point.key];
    const value = await this.readPlace(point, said);
    if (value >= least && value <= most) return value;
    throw new WireFault(
      `${said} reads ${Number(value.toPrecision(4))} ${unit}, which no machine has: look at the type, the order of bytes and the scale in the map.`,
    );
  }

  /**
   * What stands at a place, whatever it is.
   *
   * @throws WireFault where it refuses or does not answer in time
   */
  async readPlace(place: MapPlace, said: string): Promise<number> {
    const words = await this.asked(`reading ${said}`, () => this.words(place));
    return readRegisters(place, words);
  }

  /** @throws WireFault where it refuses or does not answer in time: what stands there then is not known */
  async write(point: MapPoint, value: number): Promise<void> {
    const words = writeRegisters(point, value);
    const [first = 0] = words;
    await this.asked<unknown>(`writing ${linkPoints[point.key].said}`, () =>
      words.length === 1
        ? this.client.writeRegister(point.address, first)
        : this.client.writeRegisters(point.address, words),
    );
  }

  private async words({ area, address, type }: MapPlace): Promise<number[]> {
    switch (area) {
      case 'holding':
        return (await this.client.readHoldingRegisters(address, registersOf(type))).data;
      case 'input':
        return (await this.client.readInputRegisters(address, registersOf(type))).data;
      case 'coil':
        return [Number((await this.client.readCoils(address, 1)).data[0] ?? false)];
      case 'discrete':
        return [Number((await this.client.readDiscreteInputs(address, 1)).data[0] ?? false)];
    }
  }

  private async asked<Answer>(what: string, ask: () => Promise<Answer>): Promise<Answer> {
    try {
      return await ask();
    } catch (fault) {
      const { modbusCode } = fault as { modbusCode?: number };
      const why =
        modbusCode === undefined ? 'it did not answer in time' : `it refused (Modbus ${modbusCode})`;
      throw new WireFault(`${this.where}, ${what}: ${why}.`);
    }
  }
}

async function inTime<Answer>(work: Promise<Answer>, ms: number): Promise<Answer> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new WireFault('too late')), ms);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

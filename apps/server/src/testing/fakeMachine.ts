import { createServer, type AddressInfo } from 'node:net';
import type { MachineLinkDraft, MapPoint } from '@lone-heron/contract';
import { ServerTCP } from 'modbus-serial';

/** A machine’s registers over a real wire, and what can go wrong with them. */
export interface FakeMachine {
  readonly link: MachineLinkDraft;
  /** Holding and input registers by address. */
  readonly registers: Map<number, number>;
  /** Every write that came, in order. */
  readonly written: [address: number, value: number][];
  /** What stands after a write, where it is not what was written. */
  bend: (address: number, value: number) => number;
  /** Called before each question is answered. */
  before: (address: number) => Promise<void>;
  readonly stop: () => Promise<void>;
}

const plain = { byteOrder: 'ABCD', bit: 0, scale: 1, offset: 0 } as const;
const points: MapPoint[] = [
  { ...plain, key: 'power', area: 'holding', address: 1, type: 'u16' },
  { ...plain, key: 'wobbleWidth', area: 'holding', address: 2, type: 'u16', scale: 0.01 },
  { ...plain, key: 'takesWrites', area: 'input', address: 10, type: 'bit', bit: 0 },
  { ...plain, key: 'emissionReady', area: 'input', address: 10, type: 'bit', bit: 1 },
  { ...plain, key: 'lightOn', area: 'input', address: 10, type: 'bit', bit: 2 },
  { ...plain, key: 'writesTaken', area: 'input', address: 11, type: 'u16' },
];

/** Serves a machine that is idle and takes writes, at any port that is free. */
export async function fakeMachine(): Promise<FakeMachine> {
  const registers = new Map([
    [1, 600],
    [2, 200],
    [10, 1],
    [11, 0],
  ]);
  const written: [number, number][] = [];
  const read = async (address: number) => {
    await machine.before(address);
    return registers.get(address) ?? 0;
  };
  // The library takes 0 for the usual port.
  const port = await freePort();
  const server = new ServerTCP(
    {
      getHoldingRegister: read,
      getInputRegister: read,
      setRegister: async (address: number, value: number) => {
        await machine.before(address);
        written.push([address, value]);
        registers.set(address, machine.bend(address, value));
        registers.set(11, (registers.get(11) ?? 0) + 1);
      },
    },
    { host: '127.0.0.1', port, unitID: 1 },
  );
  await new Promise<void>((resolve) => {
    server.on('initialized', () => resolve());
  });
  const machine: FakeMachine = {
    link: {
      host: '127.0.0.1',
      port,
      map: { format: 'lone-heron-map', version: 1, name: 'a made-up one', unitId: 1, points },
      mayWrite: true,
      allowed: ['power', 'wobbleWidth'],
    },
    registers,
    written,
    bend: (_address, value) => value,
    before: () => Promise.resolve(),
    stop: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
      }),
  };
  return machine;
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

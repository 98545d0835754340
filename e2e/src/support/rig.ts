import { spawn } from 'node:child_process';
import { join } from 'node:path';

const program = join(__dirname, '../../../apps/rig/dist/main.js');

/** A simulated machine that runs as a program of its own. */
export interface RunningRig {
  readonly modbusPort: number;
  /** Its map as it ships. */
  readonly map: () => Promise<string>;
  readonly topics: () => Promise<string>;
  /** Does what hands do at it. */
  readonly act: (deed: object) => Promise<void>;
  readonly value: (key: string) => Promise<number>;
  readonly stop: () => Promise<void>;
}

/** Starts a simulated machine at ports that are free, its key on and its coolant warm. */
export async function startRig({ modbusPort = 0, broker = '' } = {}): Promise<RunningRig> {
  const child = spawn(process.execPath, [program], {
    env: { ...process.env, RIG_PORT: '0', RIG_MODBUS: String(modbusPort), RIG_BROKER: broker },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<void>((resolve) => child.once('close', () => resolve()));
  const [panel, port] = await new Promise<[string, number]>((resolve, reject) => {
    let printed = '';
    child.stdout.on('data', (chunk: Buffer) => {
      printed += chunk.toString();
      const found = /(http:\S+\d), its registers at \S+:(\d+)/.exec(printed);
      if (found !== null) resolve([found[1] ?? '', Number(found[2])]);
    });
    child.once('close', () => reject(new Error(`the simulated machine ended: ${printed}`)));
  });
  const act = async (deed: object) => {
    const headers = { 'Content-Type': 'application/json' };
    const answer = await fetch(`${panel}/do`, { method: 'POST', headers, body: JSON.stringify(deed) });
    if (!answer.ok) throw new Error(await answer.text());
  };
  await act({ hands: { keyOn: true, workClamped: true }, skip: 600 });
  return {
    modbusPort: port,
    map: async () => (await fetch(`${panel}/map.json`)).text(),
    topics: async () => (await fetch(`${panel}/topics.json`)).text(),
    act,
    value: async (key) => {
      const { values } = (await (await fetch(`${panel}/state`)).json()) as { values: Record<string, number> };
      return values[key] ?? Number.NaN;
    },
    stop: async () => {
      child.kill();
      await ended;
    },
  };
}

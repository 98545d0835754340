import { readFileSync } from 'node:fs';
import { normalDraw, randomStream } from '@lone-heron/core';
import { RigBench } from './RigBench.js';
import { act, pass } from './rigDeeds.js';
import { RigMachine } from './RigMachine.js';
import { rigMap } from './rigMap.js';
import { rigModbus } from './rigModbus.js';
import { scenarioSchema, ScenarioPlayer } from './rigScenario.js';
import { rigServer } from './rigServer.js';
import { noTalk, rigTalk } from './rigTalk.js';

/** How often time passes, and how many times as fast as in the shop. */
const tick = 0.1;
const pace = Number(process.env['RIG_PACE'] ?? '1');
const host = process.env['RIG_HOST'] ?? '127.0.0.1';
const portOf = (name: string, usual: number) => Number(process.env[name] ?? usual);

const machine = new RigMachine();
const chance = randomStream(Number(process.env['RIG_SEED'] ?? '1'));
const bench = new RigBench(() => normalDraw(chance));
const modbus = await rigModbus(machine, rigMap, { host, port: portOf('RIG_MODBUS', 5020) });
const broker = process.env['RIG_BROKER'] ?? '';
const talk = broker === '' ? noTalk : rigTalk(machine, broker);
const rig = { machine, bench, talk };
const panel = await rigServer(rig, { host, port: portOf('RIG_PORT', 4181) });
const scenario = playerOf(process.env['RIG_SCENARIO'] ?? '');
setInterval(() => {
  scenario?.step(tick * pace);
  pass(rig, tick * pace);
  talk.say(Date.now());
}, 1000 * tick).unref();
console.log(
  `The stand-in’s panel is at http://${host}:${panel.port}, its registers at ${host}:${modbus.port} (Modbus TCP)`,
);

function playerOf(file: string): ScenarioPlayer | null {
  if (file === '') return null;
  const { data, error } = scenarioSchema.safeParse(JSON.parse(readFileSync(file, 'utf8')));
  if (data === undefined) {
    const [first] = error.issues;
    throw new Error(`${file} is no scenario: ${first?.path.join('.') ?? ''} ${first?.message ?? ''}`);
  }
  return new ScenarioPlayer(data, (deed) => act(rig, deed));
}

/** Ends with the process that it was started beside. */
const beside = Number(process.env['RIG_WITH'] ?? '0');
if (beside > 0) setInterval(() => isThere(beside) || process.exit(0), 2000).unref();

function isThere(id: number): boolean {
  try {
    process.kill(id, 0);
    return true;
  } catch {
    return false;
  }
}

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(
    signal,
    () => void Promise.all([modbus.close(), panel.close(), talk.close()]).then(() => process.exit(0)),
  );

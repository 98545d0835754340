import { parameterKeys } from '@lone-heron/core';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { z } from 'zod';
import { alarmCodes, alarms, type AlarmCode, type RigMachine } from './RigMachine.js';
import { panelPage } from './panelPage.js';
import { rigMap } from './rigMap.js';
import type { RigTalk } from './rigTalk.js';
import { rigTopics } from './rigTopics.js';

const flag = z.boolean().optional();
const handsSchema = z.strictObject({
  keyOn: flag,
  interlocksClosed: flag,
  workClamped: flag,
  isReady: z.literal(false).optional(),
  trigger: z.enum(['released', 'gas', 'light']).optional(),
  takesRemote: flag,
});

/** What the panel page, a scenario or a test does to the machine. */
const deedSchema = z.strictObject({
  hands: handsSchema.optional(),
  arm: flag,
  turn: z.partialRecord(z.enum(parameterKeys), z.number()).optional(),
  alarm: z.union([z.literal(0), ...alarmCodes.map((code) => z.literal(code))]).optional(),
  bottle: z.number().min(0).max(10_000).optional(),
  /** What is wrong with what it says over MQTT. */
  talk: z
    .strictObject({ isSilent: flag, isGarbled: flag, clockAhead: z.number().min(-1e9).max(1e9).optional() })
    .optional(),
  /** Lets so many seconds pass at once. */
  skip: z.number().min(0).max(86_400).optional(),
});
type Deed = z.infer<typeof deedSchema>;

/** The machine’s own panel as a small page, and the same by JSON. */
export interface RigServer {
  readonly port: number;
  close(): Promise<void>;
}

const longestBody = 10_000;

/** The machine, and what it says of itself. */
export interface Rig {
  readonly machine: RigMachine;
  readonly talk: RigTalk;
}

/** @param port 0 for any that is free */
export async function rigServer(
  rig: Rig,
  { host, port }: { host: string; port: number },
): Promise<RigServer> {
  const server = createServer((request, response) => void answer(rig, request, response));
  await listening(server, host, port);
  return {
    port: (server.address() as AddressInfo).port,
    close: () => new Promise((resolve) => server.close(() => resolve())),
  };
}

function listening(server: Server, host: string, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve());
  });
}

async function answer(rig: Rig, request: IncomingMessage, response: ServerResponse): Promise<void> {
  const { method = '', url = '' } = request;
  switch (`${method} ${url}`) {
    case 'GET /': {
      html(response, panelPage(rig.talk.broker));
      return;
    }
    case 'GET /map.json': {
      json(response, 200, rigMap);
      return;
    }
    case 'GET /topics.json': {
      json(response, 200, rigTopics);
      return;
    }
    case 'GET /state': {
      json(response, 200, stateOf(rig));
      return;
    }
    case 'POST /do':
      return doIt(rig, request, response);
    default: {
      json(response, 404, { fault: 'no such page' });
      return;
    }
  }
}

async function doIt(rig: Rig, request: IncomingMessage, response: ServerResponse): Promise<void> {
  // A page of another site must not arm it.
  if (request.headers['content-type'] !== 'application/json') {
    json(response, 415, { fault: 'application/json is wanted' });
    return;
  }
  const deed = await deedIn(request);
  if (deed === null) {
    json(response, 400, { fault: 'no deed that this machine knows' });
    return;
  }
  act(rig, deed);
  json(response, 200, stateOf(rig));
}

/** Does what somebody at the machine does. */
function act({ machine, talk: said }: Rig, { hands, arm, turn, alarm, bottle, talk, skip }: Deed): void {
  Object.assign(machine.hands, JSON.parse(JSON.stringify(hands ?? {})));
  if (arm === true) machine.arm();
  for (const key of parameterKeys) {
    const value = turn?.[key];
    if (value !== undefined) machine.turn(key, value);
  }
  if (alarm !== undefined) machine.setAlarm(alarm);
  if (bottle !== undefined) machine.fillBottle(bottle);
  Object.assign(said.faults, JSON.parse(JSON.stringify(talk ?? {})));
  machine.step(skip ?? 0);
}

function stateOf({ machine, talk }: Rig) {
  const values = Object.fromEntries(rigMap.points.map(({ key }) => [key, machine.value(key)]));
  const code = machine.value('alarm');
  return {
    values,
    hands: machine.hands,
    talk: talk.faults,
    alarm: code === 0 ? null : alarms[code as AlarmCode],
  };
}

async function deedIn(request: IncomingMessage): Promise<Deed | null> {
  let text = '';
  for await (const chunk of request) {
    text += String(chunk);
    if (text.length > longestBody) return null;
  }
  try {
    return deedSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}

function json(response: ServerResponse, status: number, body: unknown): void {
  response.writeHead(status, { 'Content-Type': 'application/json; charset=utf-8' });
  response.end(JSON.stringify(body));
}

function html(response: ServerResponse, page: string): void {
  response.writeHead(200, {
    'Content-Type': 'text/html; charset=utf-8',
    'Content-Security-Policy': "default-src 'self'; script-src 'unsafe-inline'; style-src 'unsafe-inline'",
  });
  response.end(page);
}

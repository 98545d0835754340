import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { alarms, type AlarmCode } from './RigMachine.js';
import { panelPage } from './panelPage.js';
import { act, deedSchema, type Deed, type Rig } from './rigDeeds.js';
import { rigMap } from './rigMap.js';
import { rigTopics } from './rigTopics.js';

/** The machine’s own panel as a small page, and the same by JSON. */
export interface RigServer {
  readonly port: number;
  close(): Promise<void>;
}

const longestBody = 10_000;

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

function stateOf({ machine, bench, talk }: Rig) {
  const values = Object.fromEntries(rigMap.points.map(({ key }) => [key, machine.value(key)]));
  const code = machine.value('alarm');
  return {
    values,
    hands: machine.hands,
    talk: talk.faults,
    piece: bench.piece,
    hand: bench.hand,
    runs: bench.runs,
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

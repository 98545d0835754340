import { connectAsync } from 'mqtt';
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { call } from './calls.mjs';
import { campaignFolder, freePort, sampleShop, serveShop } from './servedShop.mjs';

const machines = 50;
/** s of light, and without, over and over. */
const pattern = { lit: 6, dark: 4 };
/** A round: one weld of every machine. */
const roundS = pattern.lit + pattern.dark;
const password = 'the password of the soak';
/** Memory of the last quarter against that of the second: more than this grows. */
const mostGrowth = 1.15;
/** Memory is looked at once a round; so many rounds say whether it grows. */
const fewest = 12;

/**
 * Fifty machines that say ten times a second how they stand, welding six seconds of every ten, at one server.
 *
 * @param rounds of ten seconds
 */
export async function soak({ rounds }) {
  const folder = campaignFolder();
  const headers = await sampleShop(folder);
  const port = await freePort();
  const shop = await serveShop(folder, { HERON_MQTT_PORT: String(port) });
  const ids = await listenToAll(shop.url, headers);
  const clients = await Promise.all(ids.map((id) => clientOf(id, port)));
  const memory = [];
  const asked = [];
  let said = 0;
  const begun = Date.now();
  for (let tenth = 0; tenth < rounds * roundS * 10; tenth += 1) {
    const isLit = tenth % (roundS * 10) < pattern.lit * 10;
    // With the light off a machine says little.
    if (isLit || tenth % 10 === 0)
      clients.forEach((client, at) => {
        client.publish(`soak/${ids[at]}`, messageOf(isLit, begun + 100 * tenth, at));
        said += 1;
      });
    if (tenth % (roundS * 10) === roundS * 10 - 1) {
      memory.push(residentMB(shop.pid));
      const before = performance.now();
      const { status } = await call(`${shop.url}/api/live`, { headers });
      asked.push(status === 200 ? performance.now() - before : Infinity);
    }
    await pause(Math.max(0, begun + (tenth + 1) * 100 - Date.now()));
  }
  await pause(2500);
  const heard = await spellsOf(shop.url, headers, ids);
  for (const client of clients) await client.endAsync(true);
  await shop.stop();
  const wanted = Math.min(rounds, 50);
  const isHeard = heard.every((count) => count === wanted);
  const growth =
    memory.length < fewest ? 1 : meanOf(memory.slice(-memory.length / 4)) / meanOf(quarter(memory, 1));
  const slowest = Math.max(...asked);
  return {
    figures:
      `${machines} machines, ${said} messages in ${((Date.now() - begun) / 60_000).toFixed(1)} min, ` +
      `${heard.reduce((sum, count) => sum + count, 0)} of ${machines * wanted} newest spells heard; ` +
      `memory ${memory[0]} MB at first, ${Math.max(...memory)} at most, ${memory.at(-1)} at last, grown ${growth.toFixed(2)} times; ` +
      `what they say asked for in ${slowest.toFixed(0)} ms at most`,
    isWell: isHeard && growth <= mostGrowth && Number.isFinite(slowest),
  };
}

/** Fifty machines like the bench unit, each listened to. @returns their ids */
async function listenToAll(url, headers) {
  const all = JSON.parse((await call(`${url}/api/machines`, { headers })).text);
  const { profile } = all.find(({ id }) => id === 'bench');
  const ids = Array.from({ length: machines }, (_, at) => `soak-${at}`);
  for (const id of ids) {
    const put = async (path, draft) => {
      const answer = await call(`${url}/api/machines/${id}/${path}`, {
        ...{ method: 'PUT', headers, body: JSON.stringify(draft) },
      });
      if (answer.status !== 200 && answer.status !== 201)
        throw new Error(`${id}: ${answer.status} ${answer.text}`);
    };
    await put('revisions/1', { name: id, profile, note: '' });
    await put('telemetry/revisions/1', telemetryOf(id));
  }
  return ids;
}

/** A computer that is busy with something else for seconds must not be taken for machines that fall silent. */
const telemetryOf = (id) => ({
  ...{ isOn: true, broker: { is: 'own', user: id }, password, silenceS: 60 },
  map: {
    ...{ format: 'lone-heron-topics', version: 1, name: id, alarms: [] },
    topics: [
      {
        ...{ topic: `soak/${id}`, time: 'at' },
        points: ['lightOn', 'realPower', 'gasFlow', 'coolant', 'windowHolder'].map((key) => ({
          ...{ key, path: key, scale: 1, offset: 0 },
        })),
      },
    ],
  },
});

async function clientOf(id, port) {
  const client = await connectAsync({ host: '127.0.0.1', port, username: id, password });
  client.on('error', () => {});
  return client;
}

function messageOf(isLit, at, machine) {
  const watts = isLit ? 500 + machine + 20 * Math.sin(at / 700) : 0;
  const rest = { gasFlow: isLit ? 14 : 0, coolant: 24, windowHolder: 30 };
  return JSON.stringify({ at, lightOn: isLit, realPower: watts, ...rest });
}

/** How many of the newest spells, up to 50, the server has of each machine. */
async function spellsOf(url, headers, ids) {
  const counts = [];
  for (const id of ids) {
    const { text } = await call(`${url}/api/spells/of/${id}`, { headers });
    counts.push(JSON.parse(text).length);
  }
  return counts;
}

function residentMB(pid) {
  const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'));
  return Math.round(Number(kilobytes) / 1024);
}

const quarter = (all, at) => all.slice((at * all.length) / 4, ((at + 1) * all.length) / 4);
const meanOf = (all) => all.reduce((sum, each) => sum + each, 0) / all.length;

import { Agent, request } from 'node:http';

/** Connections by the address they come from: the server bounds how often one address may ask. */
const agents = new Map();

/**
 * One call of the API, from an address of this machine.
 *
 * @param from 127.0.0.n
 * @returns status, headers and text of the answer; status null where none came
 */
export function call(url, asked = {}) {
  const { method = 'GET', headers = {}, body, from = '127.0.0.1' } = asked;
  if (!agents.has(from)) agents.set(from, new Agent({ keepAlive: true, localAddress: from, maxSockets: 8 }));
  return new Promise((resolve) => {
    const never = () => resolve({ status: null, headers: {}, text: '' });
    const sent = request(url, { method, headers, agent: agents.get(from) }, (answer) => {
      const parts = [];
      answer.on('data', (part) => parts.push(part));
      answer.once('error', never);
      answer.once('end', () =>
        resolve({
          status: answer.statusCode,
          headers: answer.headers,
          text: Buffer.concat(parts).toString('utf8'),
        }),
      );
    });
    sent.once('error', ({ code }) => {
      // The server closes a connection that lay idle; what was sent at that very moment it has not heard.
      if (sent.reusedSocket && code === 'ECONNRESET') resolve(call(url, asked));
      else never();
    });
    sent.end(body);
  });
}

/** An address of this machine for each of many clients. */
export const addressOf = (client) => `127.0.0.${2 + (client % 200)}`;

/** Another device of the shop, without a screen: calls the server as somebody signed in. */
export interface Desk {
  readonly put: (path: string, body?: object) => Promise<Response>;
  readonly remove: (path: string) => Promise<Response>;
}

export async function openDesk(url: string, personId: string, pin = '2468'): Promise<Desk> {
  const headers = { 'content-type': 'application/json', 'x-lone-heron': '1' };
  const door = await fetch(`${url}/api/session`, {
    method: 'PUT',
    headers,
    body: JSON.stringify({ personId, pin }),
  });
  if (!door.ok) throw new Error(`not signed in: ${await door.text()}`);
  const cookie = door.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
  return {
    put: (path, body = {}) =>
      fetch(`${url}/api/${path}`, {
        method: 'PUT',
        headers: { ...headers, cookie },
        body: JSON.stringify(body),
      }),
    remove: (path) => fetch(`${url}/api/${path}`, { method: 'DELETE', headers: { ...headers, cookie } }),
  };
}

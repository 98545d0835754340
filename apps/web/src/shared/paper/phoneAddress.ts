import { z } from 'zod';
import { readKept } from '../memory/browserMemory.js';

const key = 'lone-heron.phone-origin';
const loopback = /^(localhost|127\.|\[::1\])/;

/** What somebody typed for the address of this computer: an origin, or why it is none. */
export type TypedOrigin = { readonly origin: string } | { readonly fault: string };

/** Reads an address such as `192.168.1.20:4180` or `https://shop.local`; http where nothing is said. */
export function readOrigin(text: string): TypedOrigin {
  const said = text.trim();
  const whole = /^https?:\/\//.test(said) ? said : `http://${said}`;
  if (said === '' || !URL.canParse(whole))
    return { fault: `“${said}” is no address; allowed is one such as 192.168.1.20:4180` };
  const { origin, hostname } = new URL(whole);
  if (loopback.test(hostname)) return { fault: `“${said}” is this computer itself: a phone cannot open it` };
  return { origin };
}

/** Where phones reach this application: as this page was opened, else as somebody typed it; null where neither. */
export function phoneOrigin(): string | null {
  const { origin, hostname } = window.location;
  if (!loopback.test(hostname)) return origin;
  return readKept(localStorage, key, z.string().max(200));
}

export function keepPhoneOrigin(origin: string): void {
  try {
    localStorage.setItem(key, JSON.stringify(origin));
  } catch {
    // A full or forbidden storage: the code is on this page and is asked for again on the next.
  }
}

import type { TypedValue } from './readTyped.js';

/** A whole number from 1, or why what is typed is none: `how many “0”: allowed is a whole number from 1 to 500.` */
export function readWhole(what: string, text: string, most: number): TypedValue {
  const value = Number(text.trim());
  if (/^\d+$/.test(text.trim()) && value >= 1 && value <= most) return { value };
  return { fault: `${what} “${text}”: allowed is a whole number from 1 to ${most}.` };
}

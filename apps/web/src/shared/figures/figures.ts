/**
 * A number with up to so many decimals, without trailing noughts.
 *
 * @example figure(1.5875, 2) is "1.59"; figure(2, 2) is "2"
 */
export function figure(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}

/** A length in mm, where that is the unit whatever the shop's is. */
export function mmFigure(value: number): string {
  return `${figure(value, value < 10 ? 2 : 1)} mm`;
}

/** A share from 0 to 1 in whole per cent; what is not nothing is never shown as nothing. */
export function percentFigure(share: number): string {
  const percent = Math.round(share * 100);
  if (percent === 0 && share > 0) return 'under 1\u202f%';
  if (percent === 100 && share < 1) return 'over 99\u202f%';
  return `${percent}\u202f%`;
}

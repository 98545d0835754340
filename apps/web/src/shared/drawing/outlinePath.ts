import type { PolygonMm } from '@lone-heron/core';

/** An outline with y upwards as an SVG path with y downwards. */
export function outlinePath(polygon: PolygonMm): string {
  return `M${polygon.map(([x, y]) => `${x} ${-y}`).join('L')}Z`;
}

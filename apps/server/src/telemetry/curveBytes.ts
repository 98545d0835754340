import type { CurvePoint, LightCurve } from '@lone-heron/core';
import { deflateRawSync, inflateRawSync } from 'node:zlib';

/** Columns of a packed curve, one after the other, in this order for ever. */
const columns: readonly ((point: CurvePoint) => number | null)[] = [
  ({ at }) => at,
  ({ count }) => count,
  ({ means }) => rounded(means.realPower, 1),
  ({ means }) => rounded(means.gasFlow, 10),
  ({ means }) => rounded(means.coolant, 10),
  ({ means }) => rounded(means.windowHolder, 10),
  ({ powerLeast }) => rounded(powerLeast, 1),
  ({ powerMost }) => rounded(powerMost, 1),
];

/** Packs a curve: watts to 1, flow and temperatures to a tenth, as they are read; a minute at 10 Hz takes a few kilobytes. */
export function packCurve(curve: LightCurve): Buffer {
  const values = new Float32Array(columns.length * curve.length);
  columns.forEach((valueOf, column) => {
    curve.forEach((point, at) => {
      values[column * curve.length + at] = valueOf(point) ?? Number.NaN;
    });
  });
  return deflateRawSync(Buffer.from(values.buffer));
}

/** The curve out of what was packed. */
export function unpackCurve(bytes: Buffer): LightCurve {
  const plain = inflateRawSync(bytes);
  const values = new Float32Array(plain.buffer.slice(plain.byteOffset, plain.byteOffset + plain.byteLength));
  const length = values.length / columns.length;
  const at = (column: number, row: number): number | null => {
    const value = values[column * length + row] ?? Number.NaN;
    return Number.isNaN(value) ? null : Number(value.toPrecision(7));
  };
  return Array.from({ length }, (_, row) => ({
    at: at(0, row) ?? 0,
    count: at(1, row) ?? 1,
    means: {
      realPower: at(2, row),
      gasFlow: at(3, row),
      coolant: at(4, row),
      windowHolder: at(5, row),
    },
    powerLeast: at(6, row),
    powerMost: at(7, row),
  }));
}

function rounded(value: number | null, perUnit: number): number | null {
  return value === null ? null : Math.round(value * perUnit) / perUnit;
}

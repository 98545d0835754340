import { byteOrders, linkKeys, linkPoints, registersOf, registerTypes } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, oneOf, shortText } from '../wire/bounded.js';

/** Where Modbus keeps a value: two kinds can be written, and we write holding registers alone. */
const registerAreas = ['holding', 'input', 'coil', 'discrete'] as const;
export type RegisterArea = (typeof registerAreas)[number];

const whole = (quantity: string, max: number) =>
  boundedNumber({ quantity, min: 0, max, unit: '' }).refine(Number.isInteger, {
    error: `a whole number for the ${quantity}`,
  });
const figure = (quantity: string) => boundedNumber({ quantity, min: -1e9, max: 1e9, unit: '' });

const mapPointSchema = z
  .strictObject(
    {
      key: oneOf(linkKeys),
      area: oneOf(registerAreas),
      address: whole('address', 65535),
      type: oneOf(registerTypes),
      byteOrder: oneOf(byteOrders),
      bit: whole('bit', 15),
      scale: figure('scale'),
      offset: figure('offset'),
    },
    { error: 'a point with key, area, address, type, byteOrder, bit, scale and offset' },
  )
  .check(({ value, issues }) => {
    const refuse = (path: string, input: unknown, message: string) =>
      issues.push({ code: 'custom', path: [path], input, message });
    if (value.scale === 0) refuse('scale', 0, 'a scale that is not 0');
    const isBitArea = value.area === 'coil' || value.area === 'discrete';
    if (isBitArea && value.type !== 'bit') refuse('type', value.type, `bit, which a ${value.area} is`);
    const last = value.address + registersOf(value.type) - 1;
    if (last > 65535)
      refuse('address', value.address, `at most ${65536 - registersOf(value.type)} for ${value.type}`);
    if (linkPoints[value.key].is === 'parameter' && value.area !== 'holding')
      refuse('area', value.area, `holding: ${linkPoints[value.key].said} is a parameter`);
  });
export type MapPoint = z.infer<typeof mapPointSchema>;

/** Where a machine keeps what it says and takes: data, so that another machine is another map. */
export const registerMapSchema = z
  .strictObject(
    {
      format: z.literal('lone-heron-map', { error: 'lone-heron-map, a machine’s register map' }),
      version: z.literal(1, { error: '1' }),
      name: shortText(60).min(1, { error: 'a name of up to 60 characters' }),
      unitId: whole('unit id', 255),
      points: z
        .array(mapPointSchema, { error: 'a list of points' })
        .min(1, { error: 'one point or more' })
        .max(linkKeys.length, { error: `up to ${linkKeys.length} points` }),
    },
    { error: 'a map with format, version, name, unitId and points' },
  )
  .check(({ value: { points }, issues }) => {
    const seen = new Set<string>();
    points.forEach(({ key }, at) => {
      if (seen.has(key))
        issues.push({ code: 'custom', path: ['points', at, 'key'], input: key, message: 'each key once' });
      seen.add(key);
    });
  });
export type RegisterMap = z.infer<typeof registerMapSchema>;

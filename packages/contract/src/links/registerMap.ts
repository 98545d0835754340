import {
  byteOrders,
  linkKeys,
  linkPoints,
  parameterKeys,
  registersOf,
  registerTypes,
} from '@lone-heron/core';
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

/** Where a value stands, and how it is written there. */
const placeFields = {
  area: oneOf(registerAreas),
  address: whole('address', 65535),
  type: oneOf(registerTypes),
  byteOrder: oneOf(byteOrders),
  bit: whole('bit', 15),
  scale: figure('scale'),
  offset: figure('offset'),
} as const;
const placeWords = 'area, address, type, byteOrder, bit, scale and offset';
export type MapPlace = z.infer<z.ZodObject<typeof placeFields>>;

/** What contradicts itself in a place, by field. */
function placeFaults({ area, address, type, scale }: MapPlace): readonly [keyof MapPlace, string][] {
  const isBitArea = area === 'coil' || area === 'discrete';
  const isBeyond = address + registersOf(type) > 65536;
  return [
    ...(scale === 0 ? [['scale', 'a scale that is not 0'] as [keyof MapPlace, string]] : []),
    ...(isBitArea && type !== 'bit' ? [['type', `bit, which a ${area} is`] as [keyof MapPlace, string]] : []),
    ...(isBeyond
      ? [['address', `at most ${65536 - registersOf(type)} for ${type}`] as [keyof MapPlace, string]]
      : []),
  ];
}

const mapPointSchema = z
  .strictObject({ key: oneOf(linkKeys), ...placeFields }, { error: `a point with key, ${placeWords}` })
  .check(({ value, issues }) => {
    const refuse = (path: string, input: unknown, message: string) =>
      issues.push({ code: 'custom', path: [path], input, message });
    for (const [path, message] of placeFaults(value)) refuse(path, value[path], message);
    if (linkPoints[value.key].is === 'parameter' && value.area !== 'holding')
      refuse('area', value.area, `holding: ${linkPoints[value.key].said} is a parameter`);
  });
export type MapPoint = z.infer<typeof mapPointSchema>;

/** Programs that are stored in a machine: the first one's parameters, and how far on each next one lies. They are read alone. */
const mapSlotsSchema = z.strictObject(
  {
    count: whole('count of slots', 99).min(1),
    stride: whole('stride', 10_000).min(1),
    points: z
      .array(mapPointSchema, { error: 'a list of points' })
      .min(1, { error: 'one point or more' })
      .max(parameterKeys.length, { error: `up to ${parameterKeys.length} points` })
      .refine((points) => points.every(({ key }) => linkPoints[key].is === 'parameter'), {
        error: `parameters alone: ${parameterKeys.join(', ')}`,
      }),
  },
  { error: 'slots with count, stride and points' },
);

/** An entry of the feeder's menu, by the name that the machine's page has for it. */
const mapEntrySchema = z
  .strictObject(
    {
      name: shortText(40).min(1, { error: 'its name, as the feeder’s menu has it' }),
      unit: shortText(10),
      ...placeFields,
    },
    { error: `an entry with name, unit, ${placeWords}` },
  )
  .check(({ value, issues }) => {
    for (const [path, message] of placeFaults(value))
      issues.push({ code: 'custom', path: [path], input: value[path], message });
  });
export type MapEntry = z.infer<typeof mapEntrySchema>;
const mostEntries = 20;

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
      slots: mapSlotsSchema.optional(),
      feeder: z
        .array(mapEntrySchema, { error: 'a list of entries' })
        .max(mostEntries, { error: `up to ${mostEntries} entries` })
        .optional(),
    },
    { error: 'a map with format, version, name, unitId and points' },
  )
  .check(({ value: { points, slots }, issues }) => {
    const last = slots === undefined ? 0 : Math.max(...slots.points.map(({ address }) => address));
    if (slots !== undefined && last + (slots.count - 1) * slots.stride > 65_535)
      issues.push({
        code: 'custom',
        ...{ path: ['slots', 'count'], input: slots.count, message: 'so many that the last ends by 65535' },
      });
    const seen = new Set<string>();
    points.forEach(({ key }, at) => {
      if (seen.has(key))
        issues.push({ code: 'custom', path: ['points', at, 'key'], input: key, message: 'each key once' });
      seen.add(key);
    });
  });
export type RegisterMap = z.infer<typeof registerMapSchema>;

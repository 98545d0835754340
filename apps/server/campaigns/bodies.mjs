/** Bodies for calls, made from the schemas of the API's own description: as they should be, and spoilt in one place. */

const odd = [
  null,
  '',
  -1,
  0,
  1e308,
  'x'.repeat(300),
  '💧\u0000',
  [],
  {},
  true,
  '2026-02-30',
  'NaN',
  '\ud800',
  2 ** 53,
];

/** A value as a schema describes it. */
export function bodyOf(schema, api, draws, depth = 0) {
  const { $ref, oneOf, anyOf, allOf, type, enum: values, items, properties, required = [] } = schema ?? {};
  if ($ref !== undefined) return bodyOf(api.components.schemas[$ref.split('/').at(-1)], api, draws, depth);
  if (schema?.const !== undefined) return schema.const;
  if (values !== undefined) return draws.oneOf(values);
  const choices = oneOf ?? anyOf;
  if (choices !== undefined) return bodyOf(draws.oneOf(choices), api, draws, depth);
  if (allOf !== undefined) return Object.assign({}, ...allOf.map((each) => bodyOf(each, api, draws, depth)));
  if (type === 'object' || properties !== undefined)
    return objectOf(properties ?? {}, required, api, draws, depth);
  if (type === 'array') {
    const length = depth > 4 ? 0 : draws.whole(schema.minItems ?? 0, Math.min(schema.maxItems ?? 3, 3));
    return Array.from({ length }, () => bodyOf(items, api, draws, depth + 1));
  }
  if (type === 'integer') return draws.whole(...boundsOf(schema, 1000));
  if (type === 'number') {
    const [least, most] = boundsOf(schema, 100);
    return least + draws.next() * (most - least);
  }
  if (type === 'boolean') return draws.next() < 0.5;
  if (type === 'null') return null;
  return textOf(schema ?? {}, draws);
}

function objectOf(properties, required, api, draws, depth) {
  const wanted = Object.entries(properties).filter(([name]) => required.includes(name) || draws.next() < 0.5);
  return Object.fromEntries(wanted.map(([name, each]) => [name, bodyOf(each, api, draws, depth + 1)]));
}

function boundsOf({ minimum, exclusiveMinimum, maximum, exclusiveMaximum }, usual) {
  const least = minimum ?? exclusiveMinimum ?? 0;
  return [least, Math.max(least, maximum ?? exclusiveMaximum ?? least + usual)];
}

function textOf({ format, minLength = 0, maxLength = 20 }, draws) {
  if (format === 'date-time') return new Date(Date.UTC(2026, 0, 1) + draws.next() * 3e10).toISOString();
  if (format === 'date') return '2026-11-20';
  if (format === 'uuid') return uuidOf(draws);
  const length = draws.whole(minLength, Math.min(maxLength, minLength + 20));
  return Array.from({ length }, () => draws.oneOf([...'abcdefg 0123456789.,-ä'])).join('');
}

/** An id as clients make them. */
export function uuidOf(draws) {
  const hex = (length) => Array.from({ length }, () => draws.oneOf([...'0123456789abcdef'])).join('');
  return `${hex(8)}-${hex(4)}-7${hex(3)}-a${hex(3)}-${hex(12)}`;
}

/** The same with one place in it changed to something odd, taken out, or put in. */
export function spoilt(value, draws) {
  if (typeof value !== 'object' || value === null || draws.next() < 0.15) return draws.oneOf(odd);
  const keys = Object.keys(value);
  if (keys.length === 0) return { unknown: draws.oneOf(odd) };
  const key = draws.oneOf(keys);
  if (Array.isArray(value)) return value.with(Number(key), spoilt(value[key], draws));
  const { [key]: one, ...rest } = value;
  const way = draws.next();
  if (way < 0.15) return rest;
  return way < 0.25 ? { ...value, unknown: 1 } : { ...rest, [key]: spoilt(one, draws) };
}

import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { exchangeJsonSchema, exchangeSchema } from './exchange.js';

const docs = join(__dirname, '../../../../docs');
const read = (path: string): unknown => JSON.parse(readFileSync(join(docs, path), 'utf8'));
const examples = readdirSync(join(docs, 'examples')).filter((name) => name.endsWith('.exchange.json'));

describe('what is published of an exchange', () => {
  const published = read('exchange-1.schema.json');
  // Moments and ids are held to their patterns; the names of formats need a package of their own.
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(published as object);

  it('is the schema that is read by: run tools/publishedSchemas.mjs where it is not', () => {
    expect(published).toEqual(JSON.parse(JSON.stringify(exchangeJsonSchema())));
  });

  it.each(examples)('fits %s, which is read here too', (name) => {
    const example = read(join('examples', name));
    expect(validate(example)).toBe(true);
    expect(exchangeSchema.safeParse(example).success).toBe(true);
  });

  it('refuses what is refused here: a part nobody knows, a power that cannot be', () => {
    const example = read('examples/rail-foot.exchange.json') as { cards: object[]; coupons: object[] };
    expect(validate({ ...example, colour: 'red' })).toBe(false);
    const hot = JSON.parse(JSON.stringify(example).replaceAll('"powerW":830', '"powerW":90000')) as object;
    expect(validate(hot)).toBe(false);
    expect(exchangeSchema.safeParse(hot).success).toBe(false);
  });
});

import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { agrees, goldenChecks, relativeError } from './index.js';

const folder = join(__dirname, '../../golden');
const files = readdirSync(folder);

describe('golden answers', () => {
  it.each(files)('%s agrees', (file) => {
    const check = goldenChecks.get(file.replace('.json', ''));
    expect(check).toBeDefined();
    const compared = check?.(JSON.parse(readFileSync(join(folder, file), 'utf8'))) ?? [];
    expect(compared.length).toBeGreaterThan(0);
    expect(compared.filter((one) => !agrees(one))).toEqual([]);
  });

  it('refuses a value out of tolerance, and NaN', () => {
    const reference = { what: 'x', reference: 2, relativeTolerance: 1e-6 };
    expect(agrees({ ...reference, computed: 2.000001 })).toBe(true);
    expect(agrees({ ...reference, computed: 2.00001 })).toBe(false);
    expect(agrees({ ...reference, computed: NaN })).toBe(false);
    expect(relativeError({ ...reference, computed: 1 })).toBe(0.5);
  });
});

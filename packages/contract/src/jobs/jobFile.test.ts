import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { jobDraft, weldCheckDraft, weldRunDraft } from '../testing/index.js';
import { jobFileJsonSchema, jobFileSchema, type JobFile } from './jobFile.js';

const id = (n: number) => `019a0000-0000-7000-8000-00000000000${n}`;
const at = '2026-11-28T09:30:00.000Z';
const kept = { personId: 'ines', recordedAt: at, withdrawnAt: null };
const file: JobFile = {
  ...{ format: 'lone-heron-job', version: 1, writtenAt: at, caution: 'no certificate', papers: [] },
  job: {
    ...{ id: id(1), number: 1, state: 'released', revision: 1, madeAt: at, madeBy: 'ines', changedAt: at },
    ...{ withdrawnAt: null, draft: jobDraft(), claims: [], windows: [{ id: id(4), number: 4 }] },
    runs: [{ ...weldRunDraft(id(1), 'W1', { weldedAt: at }), ...kept, id: id(2), windowId: id(4) }],
    checks: [{ ...weldCheckDraft(id(1), 'W1', { doneAt: at }), ...kept, id: id(3) }],
  },
  people: [{ id: 'ines', name: 'Ines' }],
};

describe('what is published of a job in a file', () => {
  const published = JSON.parse(
    readFileSync(join(__dirname, '../../../../docs/job-1.schema.json'), 'utf8'),
  ) as object;
  // Moments and ids are held to their patterns; the names of formats need a package of their own.
  const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(published);

  it('is the schema that is written by: run tools/publishedSchemas.mjs where it is not', () => {
    expect(published).toEqual(JSON.parse(JSON.stringify(jobFileJsonSchema())));
  });

  it('fits a job with a go and a check, and no weld that is refused here', () => {
    expect(jobFileSchema.safeParse(file).success).toBe(true);
    expect(validate(file)).toBe(true);
    const long = JSON.parse(JSON.stringify(file).replace('"lengthMm":40', '"lengthMm":-4')) as object;
    expect(validate(long)).toBe(false);
    expect(jobFileSchema.safeParse(long).success).toBe(false);
  });
});

// Writes the JSON Schemas of files that are read back beside the documents; run it after the contract was built and a schema changed.
import { writeFileSync } from 'node:fs';
import { exchangeJsonSchema, jobFileJsonSchema } from '../packages/contract/dist/index.js';

const published = { 'exchange-1': exchangeJsonSchema(), 'job-1': jobFileJsonSchema() };
for (const [name, schema] of Object.entries(published)) {
  const file = new URL(`../docs/${name}.schema.json`, import.meta.url);
  writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
}

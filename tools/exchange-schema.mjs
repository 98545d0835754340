// Writes the JSON Schema of an exchange beside the documents; run it after the contract was built and its schema changed.
import { writeFileSync } from 'node:fs';
import { exchangeJsonSchema } from '../packages/contract/dist/index.js';

const file = new URL('../docs/exchange-1.schema.json', import.meta.url);
writeFileSync(file, `${JSON.stringify(exchangeJsonSchema(), null, 2)}\n`);

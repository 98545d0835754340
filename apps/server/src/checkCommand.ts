import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkShop } from './backups/checkShop.js';
import { placeOf, readSettings } from './start/settings.js';
import { endInWords } from './start/endInWords.js';

/** ./heron check: everything of a shop is looked through; ends with 1 where something is not well. */
async function run(): Promise<void> {
  process.umask(0o077);
  const place = placeOf(readSettings(process.env));
  const scratch = await mkdtemp(join(tmpdir(), 'heron-check-'));
  let bad = 0;
  try {
    for await (const { of, isWell, words } of checkShop(place, scratch, new Date())) {
      console.log(`${isWell ? 'well ' : 'WRONG'} ${of}: ${words}`);
      if (!isWell) bad++;
    }
  } finally {
    await rm(scratch, { recursive: true });
  }
  console.log(
    bad === 0 ? 'All is well.' : `${bad} of these want something done: docs/running-it.md says what.`,
  );
  process.exitCode = bad === 0 ? 0 : 1;
}

run().catch(endInWords);

import { existsSync } from 'node:fs';
import { atOneMoment } from '../../storage/atOneMoment.js';
import { copyRows } from '../../storage/copyRows.js';
import { inTransaction } from '../../storage/inTransaction.js';
import type { ShopPlace } from '../../storage/ShopPlace.js';
import { telemetryFileIn, telemetryRows } from './telemetryRows.js';

/**
 * Carries what machines said from one place to another, which has none.
 *
 * @returns spells of light that were carried over
 */
export async function moveSpells(from: ShopPlace, to: ShopPlace): Promise<number> {
  if (from.url === null && !existsSync(telemetryFileIn(from.folder))) return 0;
  const source = await telemetryRows(from).open();
  try {
    const target = await telemetryRows(to).open();
    try {
      const copied = await atOneMoment(source, (read) =>
        inTransaction(target, (write) => copyRows(read, write)),
      );
      return copied.reduce((sum, { rows }) => sum + rows, 0);
    } finally {
      await target.destroy();
    }
  } finally {
    await source.destroy();
  }
}

import { HeardSpells1765700000000 } from '../telemetry/1765700000000-HeardSpells.js';
import { migrations } from './migrations/index.js';

/** Every migration of a server's database, where what machines say lies beside the shop's tables. */
export const serverMigrations = [...migrations, HeardSpells1765700000000];

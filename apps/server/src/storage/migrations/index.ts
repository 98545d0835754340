import { Beginnings1763900000000 } from './1763900000000-Beginnings.js';

/** Every migration, oldest first. */
export const migrations = [Beginnings1763900000000];

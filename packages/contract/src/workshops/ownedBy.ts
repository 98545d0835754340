import { z } from 'zod';

/**
 * Whose a record is: a workshop's id, or null for the whole firm's. Left out by what a device kept from before there were
 * workshops, which is the firm's. In a file of its own, for it goes with the first screen.
 */
export const ownedBy = z.string().nullable().optional();

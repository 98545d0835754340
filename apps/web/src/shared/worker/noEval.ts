import { config } from 'zod';

/**
 * Schemas would try whether they may build code of their own, which this page's policy refuses and its browser reports, each time
 * a page is opened. Imported before any schema is made, by the page and by each worker that reads one.
 */
config({ jitless: true });

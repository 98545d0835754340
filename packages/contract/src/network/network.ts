import { z } from 'zod';

/** How phones and other computers of the shop reach this server. */
export const networkSchema = z.strictObject({
  /** Served to the local network, and not to this machine alone. */
  isOnNetwork: z.boolean(),
  /** Whole addresses, those over HTTPS first; empty where only this machine can connect. */
  addresses: z.array(z.string()),
  /** The certificate authority of the shop's own, which a phone is told to trust; null where the shop brought its own certificate, or none is needed. */
  authority: z
    .strictObject({
      name: z.string(),
      /** SHA-256 of it, as phones and computers show it: pairs of hexadecimal digits with colons between. */
      fingerprint: z.string(),
    })
    .nullable(),
});
export type Network = z.infer<typeof networkSchema>;

/** The coupons that are evidence: the newest of the shop, whatever their metal, weighed against each other. */
export const evidenceQuery = { limit: 200 } as const;

/** The newest coupons of the shop whatever they are of, for what is said of all of them. A joint asks for those that speak to it. */
export const evidenceQuery = { limit: 200 } as const;

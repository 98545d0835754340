/** Whose a record is: what was done with a machine is its workshop's; anything else says which workshop's, null for the firm's. */
export type Whose = { readonly machineId: string } | { readonly workshopId: string | null };

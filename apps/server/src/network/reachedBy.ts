/** How this server is reached; said by whoever starts it. */
export interface ReachedBy {
  readonly isOnNetwork: boolean;
  readonly addresses: readonly string[];
  readonly authority: { readonly name: string; readonly fingerprint: string; readonly pem: string } | null;
}

export const reachedBy = Symbol('reached by');

/** Where only this machine can connect. */
export const thisMachineAlone: ReachedBy = { isOnNetwork: false, addresses: [], authority: null };

const key = 'heron return';

/** Keeps where somebody was when they left to sign in elsewhere, in this tab. */
export function keepReturn(address: string): void {
  sessionStorage.setItem(key, address);
}

/** Where they were, once; the start where nobody knows. Only a place of ours is gone to. */
export function takeReturn(): string {
  const kept = sessionStorage.getItem(key);
  sessionStorage.removeItem(key);
  return kept !== null && /^\/(?!\/)/.test(kept) && !kept.startsWith('/shop/in') ? kept : '/ready';
}
